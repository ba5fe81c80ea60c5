import { Flex } from '@chakra-ui/react';
import { eventOf, lessonSteps } from '../../core/run';
import type { PadProps } from './pad-props';
import { Chip } from '../ui/pad-keys';
import { WordsPad } from './WordsPad';

/** What was done: buttons made from the method, and free words. A step touched by mistake is taken back. */
export function DidPad({ state, notes, onLog }: PadProps) {
  return (
    <WordsPad
      label="What was done"
      placeholder="lid on, window opened"
      keep={(text) => ({ kind: 'event', text, stepId: null })}
      onLog={onLog}
    >
      <Flex gap="2" wrap="wrap" role="group" aria-label="Steps of the method">
        {lessonSteps(state.own).map((step) => {
          const said = eventOf(step);
          const done = notes.events.findLast((noted) => noted.body.stepId === step.id);
          return done ? (
            <Chip
              key={step.id}
              type="button"
              aria-pressed
              aria-label={`${said} is done: take it back`}
              onClick={() => void onLog({ kind: 'correction', corrects: done.id, to: null })}
            >
              ✓ {said} · take back
            </Chip>
          ) : (
            <Chip
              key={step.id}
              type="button"
              aria-pressed={false}
              onClick={() => void onLog({ kind: 'event', text: said, stepId: step.id })}
            >
              {said}
            </Chip>
          );
        })}
      </Flex>
    </WordsPad>
  );
}
