import { Box, Flex } from '@chakra-ui/react';
import type { Run } from '../../contract/runs';
import { formatClock } from '../../core/format';
import { levelsHere } from '../../core/practical';
import type { StationState } from '../../core/run';
import { blindOf } from './blind-of';
import { countdownClock, countdownWords } from '../run/station-words';

/** Which station this is, what its level is, and the clock that counts now. */
export function StationHead({ run, state, now }: { run: Run; state: StationState; now: number }) {
  const { countdown } = state;
  // Of two figures the one that is read off the thermometer stands beside the one of the level.
  const here = levelsHere(run.plan, state.own, run.unit);
  const level =
    here.length > 0 ? `level: ${[state.label, ...here].join(', ')}` : `your level: ${state.label}`;
  const due =
    countdown !== null &&
    (countdown.elapsedS >= countdown.lengthS ||
      (countdown.lookInS !== null && countdown.lookInS <= 0 && countdown.lookInS > -120));
  return (
    <Flex as="header" align="center" gap="3" px="4" py="2" borderBottomWidth="1px" borderColor="rule">
      <Box fontSize="4xl" fontWeight="bold" color="tawnyDeep" lineHeight="1" minW="1.2ch">
        {state.station}
      </Box>
      <Box flex="1" minW="0" lineHeight="1.25">
        <Box as="h1" fontWeight="bold" truncate>
          {run.plan.title}
        </Box>
        <Box color="soft" fontSize="sm" lineClamp={2}>
          {state.label ? (blindOf(run) ? `your ${state.label}` : level) : run.className}
        </Box>
      </Box>
      {run.status !== 'planned' && (
        <Box textAlign="right" lineHeight="1.15">
          <Box fontSize="2xl" fontWeight="bold" css={{ fontVariantNumeric: 'tabular-nums' }}>
            {countdown ? countdownClock(countdown) : formatClock((now - (run.startedAt ?? now)) / 1000)}
          </Box>
          <Box
            fontSize="sm"
            color={due ? 'ember' : 'soft'}
            fontWeight={due ? 'bold' : 'normal'}
            whiteSpace="nowrap"
          >
            {countdown ? countdownWords(countdown) : 'since the start'}
          </Box>
        </Box>
      )}
    </Flex>
  );
}
