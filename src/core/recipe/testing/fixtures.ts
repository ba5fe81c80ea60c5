import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { itemNamed, folded, languageOf } from '../item-named';
import type { Recipe } from '../recipe';

/** A recipe text with what it says, written by hand. */
export interface Fixture {
  name: string;
  text: string;
  formula: { amount: number | null; high: number | null; unit: string; name: string }[];
  steps: {
    has: string;
    low: number | null | 'any';
    high: number | null;
    celsius: number | null | 'any';
    uses: number[] | 'any';
  }[];
  contradictions: { kind: string; word: string }[];
}

const numberIn = (text: string) => (text === '' || text === '-' ? null : Number(text));

/** Reads a file of fixtures; how one is written stands at its head. */
export function fixturesIn(file: string): Fixture[] {
  const path = fileURLToPath(new URL(file, import.meta.url));
  return readFileSync(path, 'utf8')
    .split(/^=== /m)
    .slice(1)
    .map((block) => {
      const [head = '', formula = '', steps = '', contradictions = ''] = block.split(
        /^--- (?:formula|steps|contradictions)\n/m,
      );
      const [name = '', ...text] = head.split('\n');
      const lines = (part: string) => part.split('\n').filter((line) => line.trim() !== '');
      return {
        name,
        text: text.join('\n').trim(),
        formula: lines(formula).map(formulaIn),
        steps: lines(steps).map(stepIn),
        contradictions: lines(contradictions).map((line) => {
          const [kind = '', word = ''] = line.split(': ');
          return { kind, word };
        }),
      };
    });
}

function formulaIn(line: string): Fixture['formula'][number] {
  const [said = '', name = ''] = line.split(' | ');
  const [amount = '', unit = ''] = said.split(' ');
  const [low = '', high = ''] = amount.split(/(?<=\d)-/);
  return { amount: numberIn(low), high: numberIn(high), unit, name };
}

function stepIn(line: string): Fixture['steps'][number] {
  const [has = '', minutes = '', celsius = '', uses = ''] = line.split('|').map((part) => part.trim());
  const [low = '', high = ''] = minutes.split('-');
  return {
    has,
    low: low === '*' ? 'any' : numberIn(low),
    high: numberIn(high),
    celsius: celsius === '*' ? 'any' : numberIn(celsius),
    uses: uses === '*' ? 'any' : uses === '' ? [] : uses.split(',').map(Number),
  };
}

/** What was right of what could be. */
export interface Score {
  formula: [number, number];
  steps: [number, number];
  planted: [number, number];
  falseOnes: number;
  wrong: string[];
}

/** Smaller units as the bigger ones of the same kind have them. */
const base: Readonly<Record<string, [string, number]>> = { kg: ['g', 1000], l: ['ml', 1000], cl: ['ml', 10] };
const inBase = (amount: number | null, unit: string): [number | null, string] => {
  const [to, times] = base[unit] ?? [unit, 1];
  return [amount === null ? null : amount * times, to];
};
const close = (a: number | null, b: number | null) =>
  a === null || b === null ? a === b : Math.abs(a - b) <= Math.max(1e-6, Math.abs(b) * 0.001);

/** Holds what was read against what is expected: three points a line of the formula, three a step. */
export function scoreOf(fixture: Fixture, recipe: Recipe): Score {
  const score: Score = { formula: [0, 0], steps: [0, 0], planted: [0, 0], falseOnes: 0, wrong: [] };
  const point = (kind: 'formula' | 'steps' | 'planted', right: boolean, words: string) => {
    score[kind][1] += 1;
    if (right) score[kind][0] += 1;
    else score.wrong.push(`${fixture.name}: ${words}`);
  };
  const language = languageOf(fixture.text);
  const place = new Map<number, number>();
  fixture.formula.forEach((wanted, i) => {
    const at = recipe.formula.findIndex(
      (line, j) => ![...place.values()].includes(j) && sameName(line.name, wanted.name, language),
    );
    const line = recipe.formula[at];
    if (line) place.set(i + 1, at);
    const [amount, unit] = inBase(wanted.amount, wanted.unit);
    const [read, readUnit] = line ? inBase(line.amount, line.unit) : [NaN, ''];
    const high = inBase(wanted.high, wanted.unit)[0];
    point(
      'formula',
      line !== undefined,
      `no line for “${wanted.name}” in ${recipe.formula.map((one) => one.name).join(', ')}`,
    );
    const right = close(read, amount) && close(inBase(line?.amountHigh ?? null, line?.unit ?? '')[0], high);
    point('formula', right, `${wanted.name}: ${read} instead of ${amount}`);
    point('formula', readUnit === unit, `${wanted.name}: “${readUnit}” instead of “${unit}”`);
  });
  const extra = recipe.formula.length - place.size;
  if (extra > 0)
    point(
      'formula',
      false,
      `${extra} lines too many: ${recipe.formula
        .filter((_, j) => ![...place.values()].includes(j))
        .map((one) => one.name)
        .join(', ')}`,
    );
  for (const wanted of fixture.steps) {
    const step = recipe.steps.find((one) => one.text.toLowerCase().includes(wanted.has.toLowerCase()));
    if (!step) {
      for (let k = 0; k < 3; k += 1) point('steps', false, `no step has “${wanted.has}”`);
      continue;
    }
    if (wanted.low !== 'any')
      point(
        'steps',
        close(step.minutesLow, wanted.low) && close(step.minutesHigh, wanted.high),
        `“${wanted.has}”: ${step.minutesLow}–${step.minutesHigh} min instead of ${wanted.low}–${wanted.high} in “${step.text}”`,
      );
    if (wanted.celsius !== 'any')
      point(
        'steps',
        wanted.celsius === null
          ? step.celsius === null
          : step.celsius !== null && Math.abs(step.celsius - wanted.celsius) <= 1,
        `“${wanted.has}”: ${step.celsius} °C instead of ${wanted.celsius}`,
      );
    if (wanted.uses !== 'any') {
      const uses = wanted.uses.map((one) => place.get(one) ?? -1).sort((a, b) => a - b);
      point(
        'steps',
        uses.join() === step.uses.join(),
        `“${wanted.has}” uses ${step.uses.map((one) => recipe.formula[one]!.name).join(', ') || 'nothing'} instead of ${wanted.uses.map((one) => fixture.formula[one - 1]!.name).join(', ') || 'nothing'}`,
      );
    }
  }
  const open = [...recipe.contradictions];
  for (const { kind, word } of fixture.contradictions) {
    const at = open.findIndex(
      (one) => one.kind === kind && one.text.toLowerCase().includes(word.toLowerCase()),
    );
    point('planted', at >= 0, `${kind} contradiction with “${word}” not found`);
    if (at >= 0) open.splice(at, 1);
  }
  score.falseOnes = open.length;
  for (const one of open) score.wrong.push(`${fixture.name}: false contradiction ${one.kind}: ${one.text}`);
  return score;
}

function sameName(read: string, wanted: string, language: ReturnType<typeof languageOf>): boolean {
  const [a, b] = [folded(read), folded(wanted)];
  if (a.includes(b)) return true;
  const [one, other] = [itemNamed(read, language), itemNamed(wanted, language)];
  return one !== undefined && one.id === other?.id && b.includes(a);
}

export function sumOf(scores: readonly Score[]): Score {
  const sum = (of: (score: Score) => [number, number]): [number, number] =>
    scores.reduce<[number, number]>((all, one) => [all[0] + of(one)[0], all[1] + of(one)[1]], [0, 0]);
  return {
    formula: sum((one) => one.formula),
    steps: sum((one) => one.steps),
    planted: sum((one) => one.planted),
    falseOnes: scores.reduce((all, one) => all + one.falseOnes, 0),
    wrong: scores.flatMap((one) => one.wrong),
  };
}
