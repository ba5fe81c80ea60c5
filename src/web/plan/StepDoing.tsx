import { Box, chakra, Flex } from '@chakra-ui/react';
import { settingKinds, type Step, settingShape, stepShape } from '../../core/practical';
import { isFull, longest, range } from '../../core/shape';
import { WordButton } from '../ui/Button';
import { Choice, NumberField, TextField } from '../ui/fields';
import { AddLine, RemoveButton } from './line-tools';
import type { StepPartProps } from './step-part';

const Check = chakra('input', {
  base: { accentColor: 'var(--chakra-colors-tawny)', w: '18px', h: '18px', flexShrink: 0 },
});

const flags: readonly (readonly [key: 'adult' | 'optional' | 'tryOne' | 'safeStop', words: string])[] = [
  ['adult', 'an adult does this'],
  ['optional', 'if wanted'],
  ['tryOne', 'one piece first'],
  ['safeStop', 'safe place to stop'],
];

/** How it is done: stirring, settings, hands, what must be ready, what it teaches. */
export function StepDoing({ step, number, onChange }: StepPartProps) {
  return (
    <>
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
          <NumberField
            label={`People in step ${number}`}
            value={step.people}
            {...range(stepShape.fields.people)}
            chars={1}
            onValue={(people) => onChange({ people: people! })}
          />{' '}
          {step.people === 1 ? 'person' : 'people'}
        </span>
        <span>
          Again until{' '}
          <TextField
            label={`What step ${number} is repeated until`}
            most={longest(stepShape.fields.repeatUntil)}
            value={step.repeatUntil}
            placeholder="once is enough"
            chars={1}
            onValue={(repeatUntil) => onChange({ repeatUntil })}
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
      <Settings step={step} number={number} onChange={onChange} />
      <Box>
        Ready before it begins:{' '}
        {step.ready.map((one, i) => (
          <Box as="span" key={one} role="group" mr="2">
            {one}
            <RemoveButton
              what={`“${one}”`}
              onClick={() => onChange({ ready: step.ready.filter((_, at) => at !== i) })}
            />
          </Box>
        ))}
        <AddLine
          label={`What must be ready for step ${number}`}
          placeholder="soda weighed, tin greased"
          full={isFull(stepShape.fields.ready, step.ready)}
          onAdd={(text) => onChange({ ready: [...step.ready, text] })}
        />
      </Box>
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
        <TextField
          label={`What step ${number} teaches`}
          most={longest(stepShape.fields.why)}
          value={step.why}
          placeholder="which one, and why"
          chars={1}
          onValue={(why) => onChange({ why })}
        />
      </Box>
    </>
  );
}

/** Settings of oven, hob and tools, staged where they change on the way. */
function Settings({ step, number, onChange }: StepPartProps) {
  const change = (at: number, patch: Partial<Step['settings'][number]>) =>
    onChange({ settings: step.settings.map((one, i) => (i === at ? { ...one, ...patch } : one)) });
  return (
    <Box>
      {step.settings.map((setting, i) => (
        <Flex key={i} role="group" align="baseline" gap="1.5" wrap="wrap">
          Set the{' '}
          <Choice
            label={`Setting ${i + 1} of step ${number}`}
            value={setting.what}
            options={settingKinds.map((what) => [what, what] as const)}
            onValue={(what) => change(i, { what })}
          />{' '}
          to{' '}
          <NumberField
            label={`Temperature of setting ${i + 1} of step ${number}`}
            value={setting.celsius}
            {...range(settingShape.fields.celsius)}
            unit="°C"
            mayBeEmpty
            placeholder="—"
            chars={1}
            onValue={(celsius) => change(i, { celsius })}
          />{' '}
          °C,{' '}
          <TextField
            label={`Words of setting ${i + 1} of step ${number}`}
            most={longest(settingShape.fields.words)}
            value={setting.words}
            placeholder="fan, mark 6 …"
            chars={1}
            onValue={(words) => change(i, { words })}
          />
          , from{' '}
          <NumberField
            label={`Beginning of setting ${i + 1} of step ${number}`}
            value={setting.from}
            {...range(settingShape.fields.from)}
            unit="min"
            chars={1}
            onValue={(from) => change(i, { from: from! })}
          />{' '}
          min on
          <RemoveButton
            what={`setting ${i + 1} of step ${number}`}
            onClick={() => onChange({ settings: step.settings.filter((_, at) => at !== i) })}
          />
        </Flex>
      ))}
      {step.settings.length < 8 && (
        <WordButton
          fontSize="sm"
          css={{ fontWeight: 'medium', color: 'soft' }}
          onClick={() =>
            onChange({ settings: [...step.settings, { what: 'oven', celsius: null, words: '', from: 0 }] })
          }
        >
          a setting of oven, hob or tool
        </WordButton>
      )}
    </Box>
  );
}
