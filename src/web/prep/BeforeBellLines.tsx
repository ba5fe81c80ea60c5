import { Box, Flex, Heading } from '@chakra-ui/react';
import { format } from 'date-fns';
import { Link as RouterLink } from 'react-router';
import type { RunJob } from '../../contract/days';
import type { Run } from '../../contract/runs';
import { prepLines, type PrepLine } from '../../core/prep';
import { ReadLine } from '../ticks/ReadLine';
import { useTicks } from '../ticks/use-ticks';
import { WordButton } from '../ui/Button';
import { Check } from '../ui/Check';

/** What is done before the bell, in the order of the clock, ticked off as it is. */
export function BeforeBellLines({ run, jobs }: { run: Run; jobs: readonly RunJob[] }) {
  const ticks = useTicks(`prep:${run.id}:`);
  const lines = prepLines(run.id, run.plan, jobs);
  const timed = lines.filter(({ at }) => at !== null).sort((a, b) => a.at! - b.at!);
  const days = [...new Set(timed.map(({ at }) => format(at!, 'EEEE d MMM')))];
  const line = (one: PrepLine) => <PrepTick key={one.what} line={one} run={run} ticks={ticks} />;
  return (
    <Box as="section" aria-label="Before the bell">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" color="tawny" mb="1">
        Before the bell
      </Heading>
      <Box as="ul" listStyleType="none">
        {lines.filter(({ at }) => at === null).map(line)}
      </Box>
      {days.map((day) => (
        <Box key={day} mt="3">
          <Box fontSize="sm" color="soft" fontWeight="semibold">
            {day}
          </Box>
          <Box as="ul" listStyleType="none">
            {timed.filter(({ at }) => format(at!, 'EEEE d MMM') === day).map(line)}
          </Box>
        </Box>
      ))}
      <Box fontSize="sm" color="soft" mt="3">
        Bell {format(run.startsAt, 'EEEE HH:mm')}.{' '}
        {ticks.waiting > 0 && (
          <Box as="span" color="amberInk" fontWeight="semibold">
            {ticks.waiting} kept here, not on the server yet.
          </Box>
        )}
      </Box>
      <WordButton asChild fontSize="sm" mt="1">
        <RouterLink to="/jobs">the same on a phone</RouterLink>
      </WordButton>
    </Box>
  );
}

interface PrepTickProps {
  line: PrepLine;
  run: Run;
  ticks: ReturnType<typeof useTicks>;
}

const ways: Readonly<Record<string, (run: Run) => string>> = {
  order: () => '/order',
  'weigh-out': (run) => `/runs/${run.id}/weigh-out`,
  thermometers: (run) => `/rooms/${run.roomId}/thermometers`,
};

function PrepTick({ line, run, ticks }: PrepTickProps) {
  const done = ticks.done.has(line.what);
  const way = ways[line.what.split(':').at(-1)!];
  return (
    <Box as="li" borderBottomWidth="1px" borderColor="rule">
      <Flex gap="2.5" py="1.5" align="flex-start">
        <Flex asChild gap="2.5" align="flex-start" flex="1" minW="0" cursor="pointer">
          <label>
            <Check
              type="checkbox"
              checked={done}
              onChange={(event) => ticks.mark(line.what, event.target.checked)}
              css={{ mt: '2px' }}
            />
            <Box minW="0" lineHeight="1.3" color={done ? 'soft' : 'ink'}>
              {line.at !== null && <strong>{format(line.at, 'HH:mm')} </strong>}
              {line.words}
              <Box fontSize="sm" color="soft">
                {[line.who, line.note].filter(Boolean).join(' · ')}
              </Box>
            </Box>
          </label>
        </Flex>
        {way && (
          <WordButton asChild fontSize="sm">
            <RouterLink to={way(run)} aria-label={`${line.words}: open`}>
              open
            </RouterLink>
          </WordButton>
        )}
      </Flex>
      <ReadLine line={line} ticks={ticks} />
    </Box>
  );
}
