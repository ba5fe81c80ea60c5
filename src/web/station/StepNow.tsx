import { Box, Flex } from '@chakra-ui/react';
import { Check } from 'lucide-react';
import type { Run } from '../../contract/runs';
import { formatTemperature } from '../../core/format';
import { targetOf } from '../../core/practical';
import { eventOf, lessonSteps, type EventBody, type StationState } from '../../core/run';
import { hazards } from '../../core/safety';
import { MainButton } from '../ui/Button';

interface StepNowProps {
  run: Run;
  state: StationState;
  unit: 'C' | 'F';
  onDone(event: EventBody): Promise<unknown>;
}

/** The present step in large type, with what can hurt, and the button that says it is done. */
export function StepNow({ run, state, unit, onDone }: StepNowProps) {
  const { step } = state;
  const count = lessonSteps(run.plan).length;
  if (!step) {
    return (
      <Box px="4" py="4" fontSize="xl">
        <strong>All steps are done.</strong> Write down under Measured what you measure now.
      </Box>
    );
  }
  const target = targetOf(run.plan, step.endpoint, state.level, run.place);
  const said = eventOf(step, run.plan.steps.indexOf(step));
  return (
    <Box px="4" pt="2.5" pb="2">
      <Flex justify="space-between" align="center" gap="3">
        <Box color="soft" fontSize="sm">
          Step {state.stepNumber} of {count}
        </Box>
        <MainButton
          css={{ minH: '44px', px: '3.5', display: 'inline-flex', alignItems: 'center', gap: '6px' }}
          onClick={() => void onDone({ kind: 'event', text: said, stepId: step.id })}
        >
          <Check size={18} aria-hidden />
          {said}
        </MainButton>
      </Flex>
      <Box fontSize="lg" lineHeight="1.3" mt="1">
        {target && <strong>To {formatTemperature(target.localC, unit)}. </strong>}
        {step.text}
        {step.endpoint.kind === 'appearance' && step.endpoint.look && (
          <strong> Until {step.endpoint.look}.</strong>
        )}
      </Box>
      {step.hazards.map((id) => (
        <Box
          key={id}
          mt="2"
          px="3"
          py="1"
          borderLeftWidth="5px"
          borderColor="ember"
          fontSize="sm"
          lineHeight="1.35"
          bg="emberWash"
        >
          {hazards[id].caution}
        </Box>
      ))}
    </Box>
  );
}
