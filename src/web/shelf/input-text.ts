import type { InputSpec } from '../../core/calculators';
import { parseNumber } from '../ui/fields';

/*
 * Inputs of calculators as lines of text: a number; a list of numbers; one line a reading, an acid, a group. What is
 * wrong in them the registry says, by field; here only the shape is read.
 */

/** How an input is typed: on one line or several, with an example below it. */
export function textShape(spec: InputSpec): { lines: number; hint: string } {
  switch (spec.kind) {
    case 'numbers':
      return { lines: 1, hint: 'numbers with spaces between them' };
    case 'record':
      return { lines: 1, hint: Object.keys(spec.fields).join(' ') };
    case 'records':
      return { lines: 4, hint: `a line each: ${Object.keys(spec.fields).join(' ')}` };
    case 'groups':
      return { lines: 4, hint: 'a line each: name: numbers' };
    case 'rows':
      return { lines: 4, hint: 'a line each: numbers' };
    case 'number':
    case 'choice':
    case 'text':
    case 'flag':
      return { lines: 1, hint: '' };
  }
}

/** A value as it is typed. */
export function textOf(spec: InputSpec, value: unknown): string {
  if (value === undefined || value === null) return '';
  switch (spec.kind) {
    case 'numbers':
      return (value as number[]).join(' ');
    case 'rows':
      return (value as number[][]).map((row) => row.join(' ')).join('\n');
    case 'groups':
      return Object.entries(value as Record<string, number[]>)
        .map(([name, values]) => `${name}: ${values.join(' ')}`)
        .join('\n');
    case 'record':
      return fieldsText(spec.fields, value as Record<string, unknown>);
    case 'records':
      return (value as Record<string, unknown>[]).map((one) => fieldsText(spec.fields, one)).join('\n');
    case 'number':
    case 'choice':
    case 'text':
    case 'flag':
      return typeof value === 'string' ? value : JSON.stringify(value);
  }
}

/** Fields in their order; what comes after one that is left out, and lists inside a line, by their names: “needs=oven:1:180”. */
function fieldsText(fields: Record<string, InputSpec>, value: Record<string, unknown>): string {
  const quoted = (text: string) => (/\s/.test(text) ? `"${text}"` : text);
  const plain = (one: unknown) => (typeof one === 'string' ? one : JSON.stringify(one));
  let left = false;
  return Object.entries(fields)
    .flatMap(([name, spec]) => {
      if (value[name] === undefined) {
        left = true;
        return [];
      }
      const inner = spec.kind === 'records';
      const text = inner
        ? (value[name] as Record<string, unknown>[]).map((one) => innerText(spec.fields, one)).join(',')
        : plain(value[name]);
      return [quoted(inner || left ? `${name}=${text}` : text)];
    })
    .join(' ');
}

/** “mix:0:10”, with nothing where a field is left out. */
const innerText = (fields: Record<string, InputSpec>, value: Record<string, unknown>) =>
  Object.keys(fields)
    .map((name) => (value[name] === undefined ? '' : String(value[name] as string | number | boolean)))
    .join(':')
    .replace(/:+$/, '');

function innerOf(fields: Record<string, InputSpec>, text: string): Record<string, unknown>[] {
  return text
    .split(',')
    .filter((one) => one !== '')
    .map((one) => {
      const parts = one.split(':');
      return Object.fromEntries(
        Object.entries(fields).flatMap(([name, spec], i) => {
          const part = parts[i];
          if (part === undefined || part === '') return [];
          return [[name, spec.kind === 'number' ? numberOrWord(part) : part]];
        }),
      );
    });
}

/** Typed text as a value for the registry; undefined where nothing is typed. A word where a number belongs stays a word. */
export function valueOf(spec: InputSpec, text: string): unknown {
  if (text.trim() === '') return spec.kind === 'records' ? [] : undefined;
  const lines = text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
  switch (spec.kind) {
    case 'number':
      return numberOrWord(text.trim());
    case 'flag':
      return text.trim() === 'true' || text.trim() === 'yes';
    case 'numbers':
      return wordsOf(text).map(numberOrWord);
    case 'rows':
      return lines.map((line) => wordsOf(line).map(numberOrWord));
    case 'groups':
      return Object.fromEntries(
        lines.map((line, i) => {
          const [name, rest] = line.includes(':') ? line.split(/:(.*)/) : [`group ${i + 1}`, line];
          return [name!.trim(), wordsOf(rest ?? '').map(numberOrWord)];
        }),
      );
    case 'record':
      return fieldsOf(spec.fields, text);
    case 'records':
      return lines.map((line) => fieldsOf(spec.fields, line));
    case 'choice':
    case 'text':
      return text.trim();
  }
}

function fieldsOf(fields: Record<string, InputSpec>, line: string): Record<string, unknown> {
  const all = wordsOf(line);
  const names = Object.keys(fields);
  const named = all.flatMap((word): [string, unknown][] => {
    const [, name, text] = /^(\w+)=(.*)$/.exec(word) ?? [];
    const spec = name === undefined ? undefined : fields[name];
    if (!spec) return [];
    if (spec.kind === 'records') return [[name!, innerOf(spec.fields, text!)]];
    return [[name!, spec.kind === 'number' ? numberOrWord(text!) : text]];
  });
  const parts = all.filter((word) => !named.some(([name]) => word.startsWith(`${name}=`)));
  // The first field takes what is over where it is words: “cream of tartar 11”.
  const words = fields[names[0]!]!.kind === 'text';
  const plain = names.filter((name) => fields[name]!.kind !== 'flag');
  const over = words ? Math.max(0, parts.length - plain.length) : 0;
  const joined = over > 0 ? [parts.slice(0, over + 1).join(' '), ...parts.slice(over + 1)] : parts;
  const placed = joined.map((part, i): [string, unknown] => {
    const name = names[i] ?? `part ${i + 1}`;
    return [name, fields[name]?.kind === 'number' ? numberOrWord(part) : part];
  });
  return Object.fromEntries([...placed, ...named]);
}

/** Words of a line; what stands in quotes is one. Semicolons and commas with a space after them part numbers too. */
const wordsOf = (line: string) =>
  [...line.replaceAll(/[;,](?=\s)/g, ' ').matchAll(/"([^"]*)"|(\S+)/g)].map((match) => match[1] ?? match[2]!);

const numberOrWord = (word: string): number | string => parseNumber(word) ?? word;
