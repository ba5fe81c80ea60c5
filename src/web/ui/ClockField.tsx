import { minuteWords } from '../../core/days';
import { DraftField, type Parsed } from './DraftField';

interface ClockProps {
  label: string;
  /** Minutes after midnight. */
  value: number;
  onValue(value: number): void;
}

/** A time of day as it is typed: “8:15”, “8.15”, “0815”, “8”. */
function parseClock(text: string): number | null {
  const found = /^\s*(\d{1,2})(?:\s*[:.h]\s*([0-5]\d)|([0-5]\d))?\s*$/i.exec(text);
  if (!found) return null;
  const minute = 60 * Number(found[1]) + Number(found[2] ?? found[3] ?? 0);
  return minute <= 1440 ? minute : null;
}

/** A time of day. */
export function ClockField({ label, value, onValue }: ClockProps) {
  const parse = (text: string): Parsed<number> => {
    const minute = parseClock(text);
    return minute === null
      ? { error: `${label} is “${text}”; allowed: a time from 00:00 to 24:00, such as 9:15` }
      : { value: minute };
  };
  return (
    <DraftField
      {...{ label, value, onValue, parse }}
      format={minuteWords}
      chars={5}
      css={{ fontVariantNumeric: 'tabular-nums', borderBottom: '1px dashed', borderBottomColor: 'rule' }}
    />
  );
}
