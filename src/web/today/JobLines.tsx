import { Box, Flex } from '@chakra-ui/react';
import { addDays, format, isSameDay } from 'date-fns';
import { Link as RouterLink } from 'react-router';
import type { RunJob } from '../../contract/days';

interface JobLinesProps {
  jobs: readonly RunJob[];
  now: number;
  /** Whose lesson it is for is said, where several are listed. */
  named?: boolean;
}

/** “Thu 26 Nov”, “today”, “tomorrow”. */
function dayName(at: number, now: number): string {
  if (isSameDay(at, now)) return 'today';
  if (isSameDay(at, addDays(now, 1))) return 'tomorrow';
  return format(at, 'EEEE d MMM');
}

/** Jobs on their days at their clock times, soonest first; what is over is quieter. */
export function JobLines({ jobs, now, named = false }: JobLinesProps) {
  const days = [...new Set(jobs.map(({ startsAt }) => new Date(startsAt).setHours(0, 0, 0, 0)))];
  return (
    <>
      {days.map((day) => (
        <Box key={day} mb="2.5">
          <Box fontSize="sm" fontWeight="bold" color={isSameDay(day, now) ? 'tawnyDeep' : 'soft'}>
            {dayName(day, now)}
          </Box>
          <Box as="ul" listStyleType="none">
            {jobs
              .filter(({ startsAt }) => isSameDay(startsAt, day))
              .map((job) => (
                <JobLine key={`${job.runId} ${job.stepId}`} {...{ job, now, named }} />
              ))}
          </Box>
        </Box>
      ))}
    </>
  );
}

function JobLine({ job, now, named }: { job: RunJob; now: number; named: boolean }) {
  const { startsAt, endsAt, words, who, hands, moved, className, roomName, runId, lessonAt } = job;
  const over = endsAt < now;
  const long = endsAt - startsAt > 12 * 3_600_000;
  return (
    <Flex as="li" gap="3" py="1.5" borderBottomWidth="1px" borderColor="rule" color={over ? 'soft' : 'ink'}>
      <Box fontWeight="bold" flexShrink={0} w="2.9rem" css={{ fontVariantNumeric: 'tabular-nums' }}>
        {format(startsAt, 'HH:mm')}
      </Box>
      <Box minW="0" lineHeight="1.35">
        {words}
        {hands === 'waiting' && endsAt > startsAt && (
          <Box as="span" color="soft">
            {' '}
            (until {format(endsAt, long ? 'EEE HH:mm' : 'HH:mm')})
          </Box>
        )}
        <Box fontSize="sm" color="soft">
          {who}
          {named && (
            <>
              {', '}
              <Box asChild textDecoration="underline" textUnderlineOffset="2px">
                <RouterLink to={`/runs/${runId}/timetable`}>
                  {className} {format(lessonAt, 'EEE HH:mm')}
                </RouterLink>
              </Box>
              , {roomName}
            </>
          )}
        </Box>
        {moved && (
          <Box fontSize="sm" color="amberInk">
            {moved}
          </Box>
        )}
      </Box>
    </Flex>
  );
}
