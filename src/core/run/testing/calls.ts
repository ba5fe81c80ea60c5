import { type Plan } from '../../practical';
import type { EntryBody } from '..';
import { bench } from './bench';

export type Entries = [station: number | null, second: number, body: EntryBody][];

export const call = (entries: Entries, second: number, id: string, unit: 'C' | 'F' = 'C', plan?: Plan) =>
  bench(entries, plan)
    .calls(second, unit)
    .find((one) => one.id === id);

export const lines = (one: ReturnType<typeof call>) =>
  one!.working.lines.map(({ text, value, unit }) =>
    [text, value === undefined ? '' : Number(value.toPrecision(4)), unit ?? ''].join(' | '),
  );
