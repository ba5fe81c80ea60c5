import { Box, Flex } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';
import type { Plan } from '../../core/practical';
import { withoutPin } from '../../core/timetable';
import { WordButton } from '../ui/Button';

interface HeldStepsProps {
  plan: Plan;
  onPlan(change: (plan: Plan) => Plan): void;
}

/** Steps held at a minute by hand, each to be let go. */
export function HeldSteps({ plan, onPlan }: HeldStepsProps) {
  const held = plan.pins.filter(({ stepId }) => plan.steps.some(({ id }) => id === stepId));
  if (held.length === 0) return null;
  return (
    <Box
      as="ul"
      listStyleType="none"
      aria-label="Steps held by hand"
      fontSize="sm"
      mt="2"
      color="ink"
      fontWeight="normal"
    >
      {held.map(({ stepId, station, startMin }) => {
        const number = plan.steps.findIndex(({ id }) => id === stepId) + 1;
        const where = station === null ? '' : ` at station ${station}`;
        return (
          <Flex as="li" key={`${stepId}@${station}`} gap="2" align="baseline">
            Step {number}
            {where} is held at {formatNumber(startMin)} min
            <WordButton
              aria-label={`Let step ${number}${where} go`}
              onClick={() => onPlan((was) => withoutPin(was, stepId, station))}
            >
              let it go
            </WordButton>
          </Flex>
        );
      })}
    </Box>
  );
}
