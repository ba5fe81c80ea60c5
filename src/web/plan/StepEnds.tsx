import { Box } from '@chakra-ui/react';
import {
  mediumOf,
  sayingTheTarget,
  stepShape,
  temperatureRangeC,
  type End,
  type Plan,
  type Step,
} from '../../core/practical';
import { isFull } from '../../core/shape';
import { Choice, NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { BasisChoice } from './BasisChoice';
import { MoreButton, RemoveButton } from '../ui/line-tools';
import { endingAtLevel } from './factors';
import { StepNumber, type StepPartProps } from './step-part';
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
              onEnd={(next) => onChange({ ...figureOf(step, end, next), ends: endsWith(step, i, [next]) })}
              onChange={onChange}
            />
          </span>
          {several && (
            <RemoveButton
              what={`end ${i + 1} of step ${number}`}
              onClick={() => onChange({ ends: endsWith(step, i, []) })}
            />
          )}
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
      {!isFull(stepShape.fields.ends, step.ends) && (
        <MoreButton
          onClick={() => onChange({ ends: [...step.ends, { kind: 'sign', sense: 'look', words: '' }] })}
        >
          one more sign
        </MoreButton>
      )}
      <Box mt="2">
        Stay below{' '}
        <StepNumber
          of="stayBelowC"
          {...{ step, onChange }}
          label={`Temperature step ${number} stays below`}
          unit="°C"
          placeholder="no limit"
        />{' '}
        °C
      </Box>
    </Box>
  );
}

const endsWith = ({ ends }: Step, at: number, own: readonly End[]): End[] =>
  ends.flatMap((end, i) => (i === at ? own : [end]));

/** A sentence that names the temperature which is changed no longer names a figure. */
function figureOf(step: Step, was: End, now: End): Partial<Step> {
  const [before, after] = [was, now].map((end) => (end.kind === 'temperature' ? end.celsius : null));
  return before === null || before === after ? {} : { text: sayingTheTarget(step) };
}

interface OneEndProps {
  end: End;
  step: Step;
  number: number;
  nth: string;
  onEnd(end: End): void;
  onChange(patch: Partial<Step>): void;
}

function OneEnd(props: OneEndProps) {
  const { end, number, nth, onEnd } = props;
  return (
    <>
      <EndKind {...props} />{' '}
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
        <EndTemperature {...{ number, onEnd }} end={end} celsius={end.celsius} />
      )}
      {end.kind === 'temperature' && end.celsius === null && <LevelMeaning {...props} end={end} />}
      {end.kind === 'temperature' && <EndThermometer {...props} />}
    </>
  );
}

/** Time, sign, temperature, or the station’s own level. */
function EndKind({ end, step, number, nth, onEnd, onChange }: OneEndProps) {
  const { plan, edit } = usePlan();
  const varied = plan.factors.some(({ acts }) => acts.on === 'end-temperature');
  const kind = kindOf(end);
  const options: (readonly [Kind, string])[] = [
    ['time', 'when the time is up'],
    ['appearance', 'when it'],
    ['temperature', 'at a temperature:'],
    ...(varied || kind === 'level' ? [['level', 'at the station’s own level'] as const] : []),
  ];
  const choose = (next: Kind) => {
    if (next === 'time') onEnd({ kind: 'time' });
    else if (next === 'appearance') onEnd({ kind: 'sign', sense: 'look', words: '' });
    else if (next === 'level')
      edit(`${step.id}-level`, (was) => endingAtLevel(withEnd(was, step, end), step.id));
    else {
      const inSyrup = plan.thermometers.some((one) => one.in === 'syrup');
      const basis = inSyrup ? 'sea-level' : 'as-read';
      onChange({
        ends: step.ends.map((one) => (one === end ? { kind: 'temperature', celsius: 100, basis } : one)),
        thermometerId: step.thermometerId ?? plan.thermometers[0]?.id ?? null,
      });
    }
  };
  return <Choice label={`What ends step ${number}${nth}`} value={kind} options={options} onValue={choose} />;
}

function kindOf(end: End): Kind {
  if (end.kind === 'sign') return 'appearance';
  return end.kind === 'temperature' && end.celsius === null ? 'level' : end.kind;
}

interface EndTemperatureProps extends Pick<OneEndProps, 'number' | 'onEnd'> {
  end: Extract<End, { kind: 'temperature' }>;
  celsius: number;
}

function EndTemperature({ end, celsius, number, onEnd }: EndTemperatureProps) {
  return (
    <>
      <NumberField
        label={`Temperature at the end of step ${number}`}
        value={celsius}
        low={temperatureRangeC.low}
        high={temperatureRangeC.high}
        unit="°C"
        chars={1}
        onValue={(value) => onEnd({ ...end, celsius: value! })}
      />{' '}
      °C,{' '}
      <BasisChoice
        label={`What the temperature of step ${number} means`}
        value={end.basis}
        onValue={(basis) => onEnd({ ...end, basis })}
      />
    </>
  );
}

/** What a station’s own level means, where it is read in a syrup. */
function LevelMeaning({
  end,
  step,
  number,
  onEnd,
}: Pick<OneEndProps, 'step' | 'number' | 'onEnd'> & { end: EndTemperatureProps['end'] }) {
  const { plan } = usePlan();
  if (mediumOf(plan, step) !== 'syrup') return null;
  return (
    <>
      {', '}
      <BasisChoice
        label={`What the level of step ${number} means`}
        value={end.basis}
        onValue={(basis) => onEnd({ ...end, basis })}
      />
    </>
  );
}

function EndThermometer({ step, number, onChange }: OneEndProps) {
  const { thermometers } = usePlan().plan;
  if (thermometers.length === 0) return null;
  const name = (i: number) => (thermometers.length > 1 ? `${i + 1} ` : '');
  return (
    <>
      {', '}
      <Choice
        label={`Thermometer of step ${number}`}
        value={step.thermometerId ?? ''}
        options={[
          ...(step.thermometerId ? [] : [['', 'no thermometer'] as const]),
          ...thermometers.map((one, i) => [one.id, `thermometer ${name(i)}${mediumWords[one.in]}`] as const),
        ]}
        onValue={(id) => onChange({ thermometerId: id === '' ? null : id })}
      />
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
