import { stepShape, type Step } from '../../core/practical';
import { longest, range } from '../../core/shape';
import { NumberField, TextField } from '../ui/fields';

/** What each part of a step’s details is given. */
export interface StepPartProps {
  step: Step;
  number: number;
  onChange(patch: Partial<Step>): void;
}

interface FieldProps extends Omit<StepPartProps, 'number'> {
  label: string;
  placeholder?: string;
}

type NumberOf = 'minutesTo' | 'lookAt' | 'warnAt' | 'stayBelowC' | 'people';

/** A number of the step, inside a sentence. */
export function StepNumber({
  of,
  step,
  onChange,
  unit = '',
  ...props
}: FieldProps & { of: NumberOf; unit?: string }) {
  return (
    <NumberField
      {...props}
      value={step[of]}
      {...range(stepShape.fields[of])}
      unit={unit}
      mayBeEmpty={of !== 'people'}
      chars={1}
      onValue={(value) => onChange({ [of]: value })}
    />
  );
}

/** Words of the step, inside a sentence. */
export function StepText({
  of,
  step,
  onChange,
  ...props
}: FieldProps & { of: 'event' | 'repeatUntil' | 'why' | 'wrong' }) {
  return (
    <TextField
      {...props}
      most={longest(stepShape.fields[of])}
      value={step[of]}
      chars={1}
      onValue={(value) => onChange({ [of]: value })}
    />
  );
}
