import { chakra } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';
import { DraftField, type Parsed } from './DraftField';

interface TextProps {
  label: string;
  value: string;
  onValue(value: string): void;
  placeholder?: string;
  multiline?: boolean;
  most?: number;
  /** The field may not be left empty. */
  needed?: boolean;
  chars?: number;
  onEnter?(): void;
  css?: object;
}

/** A line or more of text. */
export function TextField({ most = 200, needed = false, ...props }: TextProps) {
  const parse = (text: string): Parsed<string> => {
    if (needed && text.trim() === '')
      return { error: `${props.label} is empty; it needs 1 to ${most} characters` };
    if (text.length > most)
      return { error: `${props.label} has ${text.length} characters; allowed: up to ${most}` };
    return { value: text };
  };
  return <DraftField {...props} format={(text) => text} parse={parse} />;
}

interface NumberProps {
  label: string;
  value: number | null;
  onValue(value: number | null): void;
  low: number;
  high: number;
  unit?: string;
  whole?: boolean;
  /** So many are always shown: prices have two. */
  decimals?: number;
  /** Empty counts as “not said yet”. */
  mayBeEmpty?: boolean;
  placeholder?: string;
  align?: 'left' | 'right' | 'center';
  chars?: number;
  css?: object;
}

/** Reads a typed number; comma or point, true minus or hyphen. */
export function parseNumber(text: string): number | null {
  const plain = text.trim().replace('−', '-').replace(',', '.');
  return /^-?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}

/** A number within bounds. */
export function NumberField({
  low,
  high,
  unit = '',
  whole = false,
  decimals,
  mayBeEmpty = false,
  ...props
}: NumberProps) {
  const allowed = `${whole ? 'a whole number' : 'a number'} from ${formatNumber(low)} to ${formatNumber(high)}${unit && ` ${unit}`}`;
  const parse = (text: string): Parsed<number | null> => {
    if (text.trim() === '' && mayBeEmpty) return { value: null };
    const value = parseNumber(text);
    if (value === null || value < low || value > high || (whole && !Number.isInteger(value))) {
      return { error: `${props.label} is “${text}”; allowed: ${allowed}` };
    }
    return { value };
  };
  return (
    <DraftField
      {...props}
      format={(value) => (value === null ? '' : formatNumber(value, decimals))}
      parse={parse}
    />
  );
}

interface ChoiceProps<V extends string> {
  label: string;
  value: V;
  options: readonly (readonly [V, string])[];
  onValue(value: V): void;
  css?: object;
}

const choiceLook = {
  background: 'transparent',
  border: 'none',
  borderBottom: '1px dashed',
  borderBottomColor: 'strongRule',
  cursor: 'pointer',
  fieldSizing: 'content',
  maxWidth: '100%',
};

/** One of a few words, inside a sentence. */
export function Choice<V extends string>({ label, value, options, onValue, css }: ChoiceProps<V>) {
  return (
    <chakra.select
      aria-label={label}
      value={value}
      css={{ ...choiceLook, ...css }}
      onChange={(event) => onValue(event.target.value as V)}
    >
      {options.map(([option, words]) => (
        <option key={option} value={option}>
          {words}
        </option>
      ))}
    </chakra.select>
  );
}
