import type { End } from '../../core/practical';
import { Choice } from '../ui/fields';

type Basis = Extract<End, { kind: 'temperature' }>['basis'];

interface BasisChoiceProps {
  label: string;
  value: Basis;
  onValue(basis: Basis): void;
}

/** Whether a temperature of a syrup is meant for sea level, or is what the thermometer shows here. */
export function BasisChoice({ label, value, onValue }: BasisChoiceProps) {
  return (
    <Choice
      label={label}
      value={value}
      options={[
        ['sea-level', 'given for sea level'],
        ['as-read', 'as the thermometer shows it here'],
      ]}
      onValue={onValue}
    />
  );
}
