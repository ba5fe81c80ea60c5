import { Box, chakra, Flex } from '@chakra-ui/react';
import { Check } from 'lucide-react';
import { useState } from 'react';
import {
  idsOf,
  piecesWords,
  sentenceOf,
  stepMarks,
  takenWords,
  untilWords,
  type StationStep,
  type TakenNow,
} from '../../core/practical';
import { eventOf, lessonSteps, type BenchSetting, type EventBody, type StationState } from '../../core/run';
import { hazards } from '../../core/safety';
import { MainButton, WordButton } from '../ui/Button';

interface StepNowProps {
  state: StationState;
  setting: BenchSetting;
  unit: 'C' | 'F';
  /** In one line, without what goes in. */
  brief: boolean;
  onDone(event: EventBody): Promise<unknown>;
}

/** The present step in large type, with what it takes of this station’s batch, what can hurt, and the button that says it is done. */
export function StepNow({ state, setting, unit, brief, onDone }: StepNowProps) {
  const { step, own } = state;
  const [whole, setWhole] = useState(false);
  const count = lessonSteps(own).length;
  if (!step) {
    return (
      <Box px="4" py="4" fontSize="xl">
        <strong>All steps are done.</strong> Write down under Measured what you measure now.
      </Box>
    );
  }
  const said = eventOf(step);
  const until = untilWords(step, unit);
  const now = whole
    ? own.ingredients.map((ingredient) => ({ ingredient, words: takenWords(ingredient) }))
    : setting.takenNow(own, step);
  return (
    <Box px="4" pt="2.5" pb="2">
      <Flex justify="space-between" align="center" gap="3">
        <Box color="soft" fontSize="sm">
          Step {state.stepNumber} of {count}
          {!brief && own.ingredients.length > 0 && (
            <>
              {' · '}
              <WordButton
                fontSize="sm"
                aria-expanded={whole}
                onClick={() => setWhole(!whole)}
                css={{ minH: '44px' }}
              >
                {whole ? 'only this step' : 'our batch'}
              </WordButton>
            </>
          )}
        </Box>
        <MainButton
          css={{ minH: '44px', px: '3.5', display: 'inline-flex', alignItems: 'center', gap: '6px' }}
          onClick={() => void onDone({ kind: 'event', text: said, stepId: step.id })}
        >
          <Check size={18} aria-hidden />
          {said}
        </MainButton>
      </Flex>
      <Box fontSize="lg" lineHeight="1.3" mt="1" lineClamp={brief ? 1 : undefined}>
        {sentenceOf(step, unit)}
        {until && <strong> Until {until}.</strong>}
      </Box>
      {!brief && <OwnWords step={step} state={state} unit={unit} />}
      {!brief && <Taken taken={now} varied={setting.varied} whole={whole} />}
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

/** What of the step is this station’s own: minutes, settings, pieces; and what to keep to. */
function OwnWords({ step, state, unit }: { step: StationStep; state: StationState; unit: 'C' | 'F' }) {
  const words = [...stepMarks(step, idsOf(lessonSteps(state.own)), unit), ...piecesWords(state.own, unit)];
  if (words.length === 0) return null;
  return (
    <Box mt="1" fontWeight="semibold" color="glass" lineHeight="1.3">
      {words.join(' · ')}
    </Box>
  );
}

const Line = chakra('li', {
  base: { display: 'flex', justifyContent: 'space-between', gap: '12px', py: '2px' },
});

/** What goes in, as this station takes it: its own unit, and grams beside it. */
function Taken({
  taken,
  varied,
  whole,
}: {
  taken: readonly TakenNow[];
  varied: ReadonlySet<string>;
  whole: boolean;
}) {
  if (taken.length === 0) return null;
  return (
    <Box
      as="ul"
      aria-label={whole ? 'Our batch' : 'What goes in now'}
      listStyleType="none"
      mt="1.5"
      px="3"
      py="1"
      bg="glassWash"
      borderRadius="6px"
    >
      {taken.map(({ ingredient: one, words }) => (
        <Line key={one.id}>
          <Box as="span" fontWeight={varied.has(one.id) ? 'bold' : 'normal'}>
            {words}
            {varied.has(one.id) && one.by !== 'staff' && (
              <Box as="span" color="soft" fontWeight="normal" fontSize="sm">
                {' '}
                yours
              </Box>
            )}
          </Box>
          <Box as="span" color="soft" whiteSpace="nowrap" fontSize="sm">
            {one.by === 'staff' ? 'weighed out for you' : one.by === 'shared' ? 'from the class’s batch' : ''}
          </Box>
        </Line>
      ))}
    </Box>
  );
}
