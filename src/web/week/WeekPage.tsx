import { Box, chakra, Flex } from '@chakra-ui/react';
import { addDays, format, getISOWeek, isSameDay, startOfWeek } from 'date-fns';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link as RouterLink, useSearchParams } from 'react-router';
import type { RunJob } from '../../contract/days';
import type { RunSummary } from '../../contract/practicals';
import { calendarDay, minuteMs, minuteWords } from '../../core/days';
import { useJobs, useRuns, useSchool } from '../api/queries';
import { Frame } from '../frame/Frame';
import { IconButton, WordButton } from '../ui/Button';
import { Waiting } from '../ui/Notice';
import { useNow } from '../ui/use-now';
import { weekGrid, type Cell, type WeekGrid } from './week-grid';

/** A week of lessons and jobs by the bells of the school. */
export function WeekPage() {
  const now = useNow(30_000);
  const [query, setQuery] = useSearchParams();
  const asked = /^\d{4}-\d\d-\d\d$/.test(query.get('from') ?? '')
    ? new Date(`${query.get('from')}T12:00:00`)
    : now;
  const monday = startOfWeek(Number.isNaN(asked.getTime()) ? now : asked, { weekStartsOn: 1 });
  const next = addDays(monday, 7);
  const { data: school } = useSchool();
  const { data: runs, error } = useRuns(monday.getTime(), next.getTime());
  const { data: told } = useJobs(monday.getTime(), next.getTime());
  const go = (days: number) =>
    setQuery({ from: calendarDay(addDays(monday, days).getTime()) }, { replace: true });
  useHotkeys('left', () => go(-7));
  useHotkeys('right', () => go(7));
  if (!school || !runs) return <Waiting error={error} />;
  const grid = weekGrid(monday, school.ways, runs, told?.jobs ?? []);
  return (
    <Frame
      title={`Week ${getISOWeek(monday)}`}
      subtitle={`${format(monday, 'd MMMM')} to ${format(grid.days.at(-1)!, 'd MMMM yyyy')}`}
      keys={[
        { keys: '←', does: 'the week before' },
        { keys: '→', does: 'the week after' },
      ]}
    >
      <Box flex="1" px={{ base: '3', md: '7' }} py="5" overflowX="auto">
        <Flex gap="2" align="center" mb="3">
          <IconButton
            aria-label="The week before"
            onClick={() => go(-7)}
            css={{ minH: '36px', minW: '36px' }}
          >
            <ChevronLeft size={18} />
          </IconButton>
          <IconButton aria-label="The week after" onClick={() => go(7)} css={{ minH: '36px', minW: '36px' }}>
            <ChevronRight size={18} />
          </IconButton>
          {!isSameDay(monday, startOfWeek(now, { weekStartsOn: 1 })) && (
            <WordButton onClick={() => setQuery({}, { replace: true })}>this week</WordButton>
          )}
        </Flex>
        <WeekTable grid={grid} now={now} />
        {school.ways.bells.length === 0 && (
          <Box color="soft" mt="3">
            The school has no periods yet.{' '}
            <Box asChild color="tawnyDeep" textDecoration="underline">
              <RouterLink to="/school">Give it its bells</RouterLink>
            </Box>{' '}
            to see the week by them.
          </Box>
        )}
      </Box>
    </Frame>
  );
}

/** Periods down, days across. */
function WeekTable({ grid: { days, rows }, now }: { grid: WeekGrid; now: Date }) {
  return (
    <chakra.table
      w="100%"
      minW="760px"
      css={{
        borderCollapse: 'collapse',
        tableLayout: 'fixed',
        '& td, & th': {
          border: '1px solid',
          borderColor: 'rule',
          verticalAlign: 'top',
          textAlign: 'left',
          padding: '8px',
        },
      }}
    >
      <thead>
        <tr>
          <chakra.td w="104px" />
          {days.map((day) => (
            <chakra.th
              key={day.getTime()}
              scope="col"
              fontWeight="semibold"
              bg={isSameDay(day, now) ? 'tawnyWash' : undefined}
            >
              {format(day, 'EEE d MMM')}
            </chakra.th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ bell, cells }) => (
          <tr key={bell?.id ?? 'else'}>
            <chakra.th scope="row" fontWeight="semibold">
              {bell ? bell.name : 'other times'}
              {bell && (
                <Box
                  color="soft"
                  fontSize="sm"
                  fontWeight="normal"
                  css={{ fontVariantNumeric: 'tabular-nums' }}
                >
                  {minuteWords(bell.fromMin)}–{minuteWords(bell.toMin)}
                </Box>
              )}
            </chakra.th>
            {cells.map((cell, i) => (
              <chakra.td key={days[i]!.getTime()} bg={isSameDay(days[i]!, now) ? 'sheet' : undefined}>
                <CellLines cell={cell} />
              </chakra.td>
            ))}
          </tr>
        ))}
      </tbody>
    </chakra.table>
  );
}

function CellLines({ cell: { lessons, jobs } }: { cell: Cell }) {
  return (
    <>
      {lessons.map((run) => (
        <LessonLine key={run.id} run={run} />
      ))}
      {jobs.map((job) => (
        <JobLine key={`${job.runId} ${job.stepId}`} job={job} />
      ))}
    </>
  );
}

function LessonLine({ run }: { run: RunSummary }) {
  const ends = run.startsAt + run.periodMinutes * minuteMs;
  return (
    <Box
      asChild
      display="block"
      borderLeftWidth="4px"
      borderColor="tawny"
      pl="2"
      mb="2"
      lineHeight="1.3"
      _hover={{ bg: 'tawnyWash' }}
    >
      <RouterLink to={`/runs/${run.id}/${run.status === 'finished' ? 'results' : 'bench'}`}>
        <strong>{run.className}</strong> {run.title}
        <Box color="soft" fontSize="sm">
          {format(run.startsAt, 'HH:mm')}–{format(ends, 'HH:mm')}, {run.roomName}
        </Box>
      </RouterLink>
    </Box>
  );
}

function JobLine({ job }: { job: RunJob }) {
  return (
    <Box
      asChild
      display="block"
      mb="1.5"
      fontSize="sm"
      lineHeight="1.3"
      borderLeftWidth="4px"
      borderColor="rule"
      pl="2"
      _hover={{ bg: 'tawnyWash' }}
    >
      <RouterLink to={`/runs/${job.runId}/timetable`}>
        <strong>{format(job.startsAt, 'HH:mm')}</strong> {job.words}
        <Box color="soft">
          {job.who}, {job.className}, {job.roomName}
        </Box>
      </RouterLink>
    </Box>
  );
}
