import { Box, Flex } from '@chakra-ui/react';
import type { RunPrep } from '../../contract/prep';
import type { PrepWays } from '../../core/order';
import { useSetPrep } from '../api/prep-queries';
import { sayError } from '../api/request';
import { CheckLine } from '../ui/CheckLine';
import { NumberField } from '../ui/fields';

/** Spares, what is lost, a batch for the teacher, letters in place of levels. */
export function PrepWaysLine({ runId, prep }: { runId: string; prep: RunPrep }) {
  const set = useSetPrep(runId);
  const { ways, version } = prep;
  const change = (patch: Partial<PrepWays>) => set.mutate({ version, ways: { ...ways, ...patch } });
  return (
    <Box as="section" aria-label="How it is prepared" mt="4">
      <Flex columnGap="6" rowGap="1" wrap="wrap" align="center">
        <Flex align="center" gap="2">
          <NumberField
            label="Spares of each level"
            value={ways.spares}
            low={0}
            high={10}
            whole
            chars={3}
            onValue={(spares) => spares !== null && change({ spares })}
          />
          <span>spares of each level</span>
        </Flex>
        <Flex align="center" gap="2">
          <NumberField
            label="Lost in bowls"
            value={ways.lossPercent}
            low={0}
            high={50}
            unit="%"
            chars={4}
            onValue={(lossPercent) => lossPercent !== null && change({ lossPercent })}
          />
          <span>% lost in bowls</span>
        </Flex>
        <CheckLine
          label="one for the teacher to show"
          checked={ways.demonstration}
          onChange={(demonstration) => change({ demonstration })}
        />
        <CheckLine
          label="blind: letters in place of levels"
          checked={ways.blind}
          onChange={(blind) => change({ blind })}
        />
      </Flex>
      {set.error && (
        <Box role="alert" color="ember" fontSize="sm">
          {sayError(set.error)}
        </Box>
      )}
    </Box>
  );
}
