import { Flex } from '@chakra-ui/react';
import { stepShape, type StepWhen } from '../../core/practical';
import { range } from '../../core/shape';
import { Choice, NumberField } from '../ui/fields';
import { StepNumber, StepText, type StepPartProps } from './step-part';

/** When it is done, how long it takes, when to look. */
export function StepTime(props: StepPartProps) {
  return (
    <Flex wrap="wrap" columnGap="5" rowGap="2" align="baseline">
      <When {...props} />
      <HowLong {...props} />
      <Looks {...props} />
      <span>
        In the log, say{' '}
        <StepText
          {...props}
          of="event"
          label={`Words for the log when step ${props.number} is done`}
          placeholder={`step ${props.number} done`}
        />
      </span>
    </Flex>
  );
}

const whens: readonly (readonly [StepWhen, string])[] = [
  ['lesson', 'in the lesson'],
  ['before', 'before the lesson'],
  ['after', 'after the lesson'],
];

function When({ step, number, onChange }: StepPartProps) {
  const { when, day } = step;
  return (
    <span>
      It is{' '}
      <Choice
        label={`Hands or waiting in step ${number}`}
        value={step.hands}
        options={[
          ['hands-on', 'work for the hands'],
          ['waiting', 'waiting'],
        ]}
        onValue={(hands) => onChange({ hands })}
      />
      ,{' '}
      <Choice
        label={`When step ${number} is done`}
        value={when}
        options={whens}
        onValue={(next) => onChange({ when: next, day: next === 'lesson' ? 0 : day })}
      />
      {when !== 'lesson' && (
        <>
          {', '}
          <NumberField
            label={`Days ${when} the lesson of step ${number}`}
            value={Math.abs(day)}
            low={0}
            high={range(stepShape.fields.day).high}
            whole
            chars={1}
            onValue={(days) => onChange({ day: when === 'before' ? -days! : days! })}
          />{' '}
          {Math.abs(day) === 1 ? 'day' : 'days'} {when}
        </>
      )}
    </span>
  );
}

function HowLong({ step, number, onChange }: StepPartProps) {
  return (
    <span>
      It takes up to{' '}
      <StepNumber
        of="minutesTo"
        {...{ step, onChange }}
        label={`Most minutes of step ${number}`}
        unit="min"
        placeholder="no longer"
      />{' '}
      min,{' '}
      <Choice
        label={`What the minutes of step ${number} are of`}
        value={step.per}
        options={[
          ['once', 'in all'],
          ['side', 'a side'],
          ['piece', 'a piece'],
        ]}
        onValue={(per) => onChange({ per })}
      />
    </span>
  );
}

/** When to look, when to be warned, and whether a look lets the heat out. */
function Looks({ step, number, onChange }: StepPartProps) {
  return (
    <span>
      Look early at{' '}
      <StepNumber
        of="lookAt"
        {...{ step, onChange }}
        label={`Early look in step ${number}`}
        unit="min"
        placeholder="no"
      />{' '}
      min, warn{' '}
      <StepNumber
        of="warnAt"
        {...{ step, onChange }}
        label={`Warning before the end of step ${number}`}
        unit="min"
        placeholder="no"
      />{' '}
      min before the end,{' '}
      <Choice
        label={`The door in step ${number}`}
        value={step.door}
        options={[
          ['open', 'the door may open'],
          ['glass', 'through the glass'],
          ['shut', 'the door stays shut'],
        ]}
        onValue={(door) => onChange({ door })}
      />
    </span>
  );
}
