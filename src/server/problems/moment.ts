import { refusedField } from './problem';

/** A moment asked for in an address; undefined where it is not said. */
export function momentIn(value: unknown, name: string): number | undefined {
  if (value === undefined) return undefined;
  const number = typeof value === 'string' && value !== '' ? Number(value) : NaN;
  if (!Number.isFinite(number)) throw refusedField(`/${name}`, value, 'a moment in ms since 1970');
  return number;
}
