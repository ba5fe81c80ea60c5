import { Box } from '@chakra-ui/react';
import { temperatureRangeC, type End, type Plan, type Step, stepShape } from '../../core/practical';
import { range } from '../../core/shape';
import { WordButton } from '../ui/Button';
import { Choice, NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { RemoveButton } from './line-tools';
import { endingAtLevel } from './factors';
import type { StepPartProps } from './step-part';
import { mediumWords } from './ThermometerLines';

type Kind = 'time' | 'appearance' | 'temperature' | 'level';

const senses: readonly (readonly [Extract<End, { kind: 'sign' }>['sense'], string])[] = [
  ['look', 'looks'],
  ['feel', 'feels'],
  ['smell', 'smells'],
  ['sound', 'sounds'],
  ['test', 'tests'],
];

/** What ends a step: its time, a sign, a temperature; several, and whether any one of them is enough. */
export function StepEnds({ step, number, onChange }: StepPartProps) {
  const several = step.ends.length > 1;
  const replace = (at: number, ends: readonly End[]) =>
    onChange({ ends: step.ends.flatMap((end, i) => (i === at ? ends : [end])) });
  return (
    <Box>
      {step.ends.map((end, i) => (
        <Box key={i} role="group" display="flex" gap="1.5" alignItems="baseline">
          <span>
            {i === 0 ? 'It ends ' : step.need === 'all' ? 'and ' : 'or '}
            <OneEnd
              end={end}
              step={step}
              number={number}
              nth={i === 0 ? '' : `, ${i + 1}`}
              onEnd={(next) => replace(i, [next])}
              onChange={onChange}
            />
          </span>
          {several && <RemoveButton what={`end ${i + 1} of step ${number}`} onClick={() => replace(i, [])} />}
        </Box>
      ))}
      {several && (
        <Choice
          label={`How many ends of step ${number} it takes`}
          value={step.need}
          options={[
            ['any', 'whichever comes first'],
            ['all', 'when all of them are there'],
          ]}
          onValue={(need) => onChange({ need })}
        />
      )}{' '}
      {step.ends.length < 6 && (
        <WordButton
          fontSize="sm"
          css={{ fontWeight: 'medium', color: 'soft' }}
          onClick={() => onChange({ ends: [...step.ends, { kind: 'sign', sense: 'look', words: '' }] })}
        >
          one more sign
        </WordButton>
      )}
      <Box mt="2">
        Stay below{' '}
        <NumberField
          label={`Temperature step ${number} stays below`}
          value={step.stayBelowC}
          {...range(stepShape.fields.stayBelowC)}
          unit="°C"
          mayBeEmpty
          placeholder="no limit"
          chars={1}
          onValue={(stayBelowC) => onChange({ stayBelowC })}
        />{' '}
        °C
      </Box>
    </Box>
  );
}

interface OneEndProps {
  end: End;
  step: Step;
  number: number;
  nth: string;
  onEnd(end: End): void;
  onChange(patch: Partial<Step>): void;
}

function OneEnd({ end, step, number, nth, onEnd, onChange }: OneEndProps) {
  const { plan, edit } = usePlan();
  const varied = plan.factors.some(({ acts }) => acts.on === 'end-temperature');
  const kind: Kind =
    end.kind === 'sign'
      ? 'appearance'
      : end.kind === 'temperature' && end.celsius === null
        ? 'level'
        : end.kind;
  const options: (readonly [Kind, string])[] = [
    ['time', 'when the time is up'],
    ['appearance', 'when it'],
    ['temperature', 'at a temperature:'],
    ...(varied || kind === 'level' ? [['level', 'at the station’s own level'] as const] : []),
  ];
  const inSyrup = plan.thermometers.some((one) => one.in === 'syrup');
  const choose = (next: Kind) => {
    const thermometerId = step.thermometerId ?? plan.thermometers[0]?.id ?? null;
    const basis = inSyrup ? 'sea-level' : 'as-read';
    if (next === 'time') onEnd({ kind: 'time' });
    else if (next === 'appearance') onEnd({ kind: 'sign', sense: 'look', words: '' });
    else if (next === 'level')
      edit(`${step.id}-level`, (was) => endingAtLevel(withEnd(was, step, end), step.id));
    else {
      onChange({
        ends: step.ends.map((one) => (one === end ? { kind: 'temperature', celsius: 100, basis } : one)),
        thermometerId,
      });
    }
  };
  return (
    <>
      <Choice label={`What ends step ${number}${nth}`} value={kind} options={options} onValue={choose} />{' '}
      {end.kind === 'sign' && (
        <>
          <Choice
            label={`Which sense ends step ${number}${nth}`}
            value={end.sense}
            options={senses}
            onValue={(sense) => onEnd({ ...end, sense })}
          />{' '}
          <TextField
            label={`How it looks at the end of step ${number}${nth}`}
            value={end.words}
            placeholder="golden at the edges"
            chars={1}
            onValue={(words) => onEnd({ ...end, words })}
          />
        </>
      )}
      {end.kind === 'temperature' && end.celsius !== null && (
        <>
          <NumberField
            label={`Temperature at the end of step ${number}`}
            value={end.celsius}
            low={temperatureRangeC.low}
            high={temperatureRangeC.high}
            unit="°C"
            chars={1}
            onValue={(celsius) => onEnd({ ...end, celsius: celsius! })}
          />{' '}
          °C,{' '}
          <Choice
            label={`What the temperature of step ${number} means`}
            value={end.basis}
            options={[
              ['sea-level', 'given for sea level'],
              ['as-read', 'as the thermometer shows it'],
            ]}
            onValue={(basis) => onEnd({ ...end, basis })}
          />
        </>
      )}
      {end.kind === 'temperature' && plan.thermometers.length > 0 && (
        <>
          {', '}
          <Choice
            label={`Thermometer of step ${number}`}
            value={step.thermometerId ?? ''}
            options={[
              ...(step.thermometerId ? [] : [['', 'no thermometer'] as const]),
              ...plan.thermometers.map(
                (one, i) =>
                  [
                    one.id,
                    `thermometer ${plan.thermometers.length > 1 ? `${i + 1} ` : ''}${mediumWords[one.in]}`,
                  ] as const,
              ),
            ]}
            onValue={(id) => onChange({ thermometerId: id === '' ? null : id })}
          />
        </>
      )}
    </>
  );
}

/** The plan with one end of a step left to the level of the station. */
const withEnd = (plan: Plan, step: Step, end: End): Plan => ({
  ...plan,
  steps: plan.steps.map((one) =>
    one.id === step.id
      ? {
          ...one,
          ends: step.ends.map((other) =>
            other === end ? { kind: 'temperature', celsius: null, basis: 'sea-level' } : other,
          ),
        }
      : one,
  ),
});
