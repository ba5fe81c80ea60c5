import { Box, Flex } from '@chakra-ui/react';
import { useMemo } from 'react';
import { heatHere } from '../../core/heat-here';
import { WordButton } from '../ui/Button';
import { WorkingPopover } from '../ui/WorkingPopover';
import { usePlan } from './edit-context';
import type { StepPartProps } from './step-part';

/** What the rings and ovens of the room make of a step, with its working; its minutes can be taken. */
export function StepHeat({ step, number, onChange }: StepPartProps) {
  const { plan, place } = usePlan();
  const said = useMemo(() => heatHere(step, plan, place), [step, plan, place]);
  if (said.length === 0) return null;
  return (
    <Box role="group" aria-label={`The heat of the room in step ${number}`}>
      {said.map(({ words, minutes, working }) => (
        <Flex key={words} wrap="wrap" columnGap="3" align="baseline">
          <span>{words}</span>
          {minutes &&
            (minutes.least !== step.minutes || minutes.most !== (step.minutesTo ?? step.minutes)) && (
              <WordButton
                type="button"
                fontSize="sm"
                onClick={() =>
                  onChange({
                    minutes: minutes.least,
                    minutesTo: minutes.most > minutes.least ? minutes.most : null,
                  })
                }
              >
                take these minutes
              </WordButton>
            )}
          <WorkingPopover working={working} title={words}>
            <WordButton type="button" fontSize="sm">
              working
            </WordButton>
          </WorkingPopover>
        </Flex>
      ))}
    </Box>
  );
}
