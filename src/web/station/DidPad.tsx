import { Flex } from '@chakra-ui/react';
import { eventOf, lessonSteps } from '../../core/run';
import type { PadProps } from './pad-props';
import { Chip } from './pad-keys';
import { WordsPad } from './WordsPad';

/** What was done: buttons made from the method, and free words. */
export function DidPad({ run, notes, onLog }: PadProps) {
  const done = new Set(notes.events.map((noted) => noted.body.stepId));
  return (
    <WordsPad
      label="What was done"
      placeholder="lid on, window opened"
      keep={(text) => ({ kind: 'event', text, stepId: null })}
      onLog={onLog}
    >
      <Flex gap="2" wrap="wrap" role="group" aria-label="Steps of the method">
        {lessonSteps(run.plan).map((step) => {
          const said = eventOf(step, run.plan.steps.indexOf(step));
          return (
            <Chip
              key={step.id}
              type="button"
              disabled={done.has(step.id)}
              opacity={done.has(step.id) ? 0.7 : 1}
              onClick={() => void onLog({ kind: 'event', text: said, stepId: step.id })}
            >
              {done.has(step.id) ? `✓ ${said}` : said}
            </Chip>
          );
        })}
      </Flex>
    </WordsPad>
  );
}
