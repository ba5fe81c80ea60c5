import { Box, Flex, Heading } from '@chakra-ui/react';
import { useQueries } from '@tanstack/react-query';
import { addDays, format } from 'date-fns';
import { useState } from 'react';
import type { RunTimetable } from '../../contract/days';
import { routes } from '../../contract/routes';
import type { RunNow } from '../../contract/runs';
import { prepLines, type PrepLine, type PrepPerson } from '../../core/prep';
import { useRuns } from '../api/queries';
import { request } from '../api/request';
import { QuietButton } from '../ui/Button';
import { ReadLine } from './ReadLine';
import { remembered, TickLine, TickPage } from './TickPage';
import { useTicks } from './use-ticks';

const people: readonly (readonly [PrepPerson | 'all', string])[] = [
  ['all', 'everybody'],
  ['technician', 'technician'],
  ['teacher', 'teacher'],
  ['class', 'helper and class'],
];

interface LessonJobs {
  id: string;
  title: string;
  className: string;
  roomName: string;
  startsAt: number;
  lines: PrepLine[];
}

/** Jobs before the bells of the next days, by person, to be ticked off on a phone; it works without the network. */
export function JobsPage() {
  const [who, setWho] = useState<PrepPerson | 'all'>('all');
  const [today] = useState(() => new Date().setHours(0, 0, 0, 0));
  const ticks = useTicks('prep:');
  const lessons = useLessonJobs(today);
  return (
    <TickPage title="Before the bell" under="the next seven days" ticks={ticks}>
      <Flex gap="1.5" mt="3" wrap="wrap" role="group" aria-label="Whose jobs">
        {people.map(([id, words]) => (
          <QuietButton key={id} aria-pressed={who === id} onClick={() => setWho(id)} css={{ minH: '44px' }}>
            {words}
          </QuietButton>
        ))}
      </Flex>
      {lessons?.length === 0 && <Box py="6">No lesson is planned for these days.</Box>}
      {lessons?.map(({ id, title, className, roomName, startsAt, lines }) => {
        const own = lines.filter((line) => who === 'all' || line.who === who);
        return own.length === 0 ? null : (
          <Box as="section" key={id} aria-label={`${className}, ${title}`} mt="5">
            <Heading as="h2" fontFamily="heading" fontSize="lg" color="tawny" lineHeight="1.25">
              {format(startsAt, 'EEEE d MMM HH:mm')} · {className}
            </Heading>
            <Box color="soft" fontSize="sm">
              {title}, {roomName}
            </Box>
            <Box as="ul" listStyleType="none">
              {own.map((line) => (
                <TickLine
                  key={line.what}
                  what={line.what}
                  ticks={ticks}
                  under={<ReadLine line={line} ticks={ticks} />}
                >
                  {line.at !== null && <strong>{format(line.at, 'EEE HH:mm')} </strong>}
                  {line.words}
                  <Box fontSize="sm" color="soft">
                    {[line.who, line.note].filter(Boolean).join(' · ')}
                  </Box>
                </TickLine>
              ))}
            </Box>
          </Box>
        );
      })}
    </TickPage>
  );
}

/** Lessons to come with what is done for each. */
function useLessonJobs(today: number): LessonJobs[] | undefined {
  const { data: runs } = useRuns(today, addDays(today, 8).getTime());
  const planned = (runs ?? []).filter(({ status }) => status === 'planned');
  const found = useQueries({
    queries: planned.map(({ id }) => ({
      queryKey: ['jobs-of', id],
      queryFn: async () => ({
        now: await request<RunNow>(routes.run(id)),
        told: await request<RunTimetable>(routes.runTimetable(id)),
      }),
    })),
  });
  const whole = runs !== undefined && found.every(({ data }) => data !== undefined);
  const fresh = whole
    ? planned.map((run, i): LessonJobs => {
        const { now, told } = found[i]!.data!;
        const { id, title, className, roomName, startsAt } = run;
        return { id, title, className, roomName, startsAt, lines: prepLines(id, now.run.plan, told.jobs) };
      })
    : undefined;
  return remembered('tawny-jobs', fresh);
}
