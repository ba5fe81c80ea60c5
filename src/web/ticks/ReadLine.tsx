import { Box, Flex } from '@chakra-ui/react';
import { tickedCelsius } from '../../contract/prep';
import { judgeReading, type PrepLine } from '../../core/prep';
import { NumberField } from '../ui/fields';
import type { useTicks } from './use-ticks';

/** Where a thermometer is read for a line: what it shows, and what that comes to. What is fine is ticked off by it. */
export function ReadLine({ line, ticks }: { line: PrepLine; ticks: ReturnType<typeof useTicks> }) {
  const { reads, what } = line;
  if (!reads) return null;
  const celsius = ticks.readings.get(what) ?? null;
  const judged = celsius === null ? null : judgeReading(reads, celsius);
  const [low, high] = tickedCelsius;
  return (
    <Box pb="2" pl={{ base: '10', md: '7' }} fontSize="sm">
      <Flex align="center" gap="2">
        <span>it shows</span>
        <NumberField
          label={`What the ${reads.in} shows`}
          value={celsius}
          low={low}
          high={high}
          unit="°C"
          mayBeEmpty
          chars={6}
          placeholder="…"
          onValue={(shown) =>
            shown === null ? undefined : ticks.mark(what, judgeReading(reads, shown).fine, shown)
          }
        />
        <span>°C</span>
      </Flex>
      {judged && (
        <Box role="status" color={judged.fine ? 'moss' : 'ember'} fontWeight="semibold">
          {judged.words}.
        </Box>
      )}
    </Box>
  );
}
