import { Box, Flex } from '@chakra-ui/react';
import { stepShape } from '../../core/practical';
import { isFull } from '../../core/shape';
import { Check } from '../ui/Check';
import { Choice } from '../ui/fields';
import { AddLine, RemoveButton } from '../ui/line-tools';
import { withoutAt } from '../ui/lists';
import { StepNumber, StepText, type StepPartProps } from './step-part';

const flags: readonly (readonly [key: 'adult' | 'optional' | 'tryOne' | 'safeStop', words: string])[] = [
  ['adult', 'an adult does this'],
  ['optional', 'if wanted'],
  ['tryOne', 'one piece first'],
  ['safeStop', 'safe place to stop'],
];

/** How it is done: stirring, hands, what must be ready, what it teaches. */
export function StepDoing(props: StepPartProps) {
  return (
    <>
      <Hands {...props} />
      <Ready {...props} />
      <Teaches {...props} />
    </>
  );
}

function Hands({ step, number, onChange }: StepPartProps) {
  return (
    <Flex wrap="wrap" columnGap="5" rowGap="2" align="baseline">
      <span>
        Stir{' '}
        <Choice
          label={`Stirring in step ${number}`}
          value={step.stir ?? ''}
          options={[
            ['', 'not said'],
            ['always', 'all the time'],
            ['now-and-then', 'now and then'],
            ['never', 'not at all'],
          ]}
          onValue={(stir) => onChange({ stir: stir === '' ? null : stir })}
        />
      </span>
      <span>
        <StepNumber of="people" {...{ step, onChange }} label={`People in step ${number}`} />{' '}
        {step.people === 1 ? 'person' : 'people'}
      </span>
      <span>
        Again until{' '}
        <StepText
          of="repeatUntil"
          {...{ step, onChange }}
          label={`What step ${number} is repeated until`}
          placeholder="once is enough"
        />
      </span>
      {flags.map(([key, words]) => (
        <Flex key={key} asChild align="center" gap="2">
          <label>
            <Check
              type="checkbox"
              aria-label={`Step ${number}: ${words}`}
              checked={step[key]}
              onChange={(event) => onChange({ [key]: event.target.checked })}
            />
            {words}
          </label>
        </Flex>
      ))}
    </Flex>
  );
}

function Ready({ step, number, onChange }: StepPartProps) {
  return (
    <Box>
      Ready before it begins:{' '}
      {step.ready.map((one, i) => (
        <Box as="span" key={one} role="group" mr="2">
          {one}
          <RemoveButton what={`“${one}”`} onClick={() => onChange({ ready: withoutAt(step.ready, i) })} />
        </Box>
      ))}
      <AddLine
        label={`What must be ready for step ${number}`}
        placeholder="soda weighed, tin greased"
        full={isFull(stepShape.fields.ready, step.ready)}
        onAdd={(text) => onChange({ ready: [...step.ready, text] })}
      />
    </Box>
  );
}

function Teaches({ step, number, onChange }: StepPartProps) {
  return (
    <Box>
      It is{' '}
      <Choice
        label={`Change in step ${number}`}
        value={step.change ?? ''}
        options={[
          ['', 'not said which change'],
          ['physical', 'a physical change'],
          ['chemical', 'a chemical change'],
          ['both', 'both physical and chemical'],
        ]}
        onValue={(change) => onChange({ change: change === '' ? null : change })}
      />
      {', because '}
      <StepText
        of="why"
        {...{ step, onChange }}
        label={`What step ${number} teaches`}
        placeholder="which one, and why"
      />
      <Box mt="1">
        What can go wrong, and how it is put right:{' '}
        <StepText
          of="wrong"
          {...{ step, onChange }}
          label={`What can go wrong in step ${number}`}
          placeholder="it sticks: …"
        />
      </Box>
    </Box>
  );
}
