import { levelSeries } from '../../core/design';
import { formatNumber } from '../../core/format';
import {
  factorFields,
  factorUnit,
  isNumeric,
  repeatedLevel,
  type Factor,
  type Level,
  type Plan,
} from '../../core/practical';
import { roomIn } from '../../core/shape';
import type { Parsed } from '../ui/DraftField';
import { parseNumber } from '../ui/fields';

/** What is typed of a level. */
export type LevelText = Pick<Level, 'value' | 'words' | 'open'>;

export const levelText = (factor: Factor, { value, words, open }: LevelText): string =>
  open || !isNumeric(factor) ? words : value === null ? words : formatNumber(value);

/** Levels that make sense of what they act on. */
function rangeOf({ acts }: Factor): [low: number, high: number] {
  switch (acts.on) {
    case 'end-temperature':
    case 'start-temperature':
      return [-30, 300];
    case 'minutes':
      return [0, 10_080];
    case 'size':
    case 'amount':
      return [0, 100_000];
    case 'setting':
      return acts.what === 'oven' ? [0, 350] : [-1e6, 1e6];
    case 'swap':
    case 'method':
    case 'words':
      return [-1e6, 1e6];
  }
}

/** What typed text means as a level; one that is there already is refused. */
export function parseLevel(
  plan: Plan,
  factor: Factor,
  level: Pick<Level, 'id' | 'open'> | null,
  text: string,
): Parsed<LevelText> {
  const read = level?.open || !isNumeric(factor) ? asWords(text) : asNumber(plan, factor, text);
  if ('error' in read) return read;
  const value = { ...read.value, open: level?.open ?? false };
  const others = factor.levels.filter((one) => one.id !== level?.id);
  const repeated = repeatedLevel({
    ...factor,
    levels: [...others, { id: 'typed', control: false, ...value }],
  });
  if (repeated === null) return { value };
  const unit = isNumeric(factor) ? factorUnit(plan, factor) : '';
  return {
    error: `level “${unit ? `${repeated} ${unit}` : repeated}” is there already; each level stands once`,
  };
}

/**
 * What was typed as one level or as several at once: “140 to 155 by 5”, “0, 1, 2, 4”.
 *
 * @returns the levels; in words why there are none
 */
export function typedLevels(plan: Plan, factor: Factor, text: string): LevelText[] | string {
  const unit = factorUnit(plan, factor);
  const plain = [unit, '°C', '%', 'min', 'mm'].reduce(
    (rest, word) => (word === '' ? rest : rest.replaceAll(word, ' ')),
    text,
  );
  const series = isNumeric(factor) ? levelSeries(plain, roomIn(factorFields.levels, factor.levels)) : null;
  if (typeof series === 'string') return series;
  const typed = series === null ? [text] : series.map((value) => formatNumber(value));
  const taken: LevelText[] = [];
  for (const one of typed) {
    const levels = [
      ...factor.levels,
      ...taken.map((level, i) => ({ id: `typed-${i}`, control: false, ...level })),
    ];
    const parsed = parseLevel(plan, { ...factor, levels }, null, one);
    if ('error' in parsed) return parsed.error;
    taken.push(parsed.value);
  }
  return taken;
}

function asWords(text: string): Parsed<Pick<LevelText, 'value' | 'words'>> {
  const words = text.trim();
  if (words === '' || words.length > 60) return { error: 'A level in words needs 1 to 60 characters' };
  return { value: { value: null, words } };
}

function asNumber(plan: Plan, factor: Factor, text: string): Parsed<Pick<LevelText, 'value' | 'words'>> {
  const unit = factorUnit(plan, factor);
  const plain = text
    .replace(/\s*(°\s*C|C)$/i, '')
    .replace(unit === '' ? /$^/ : unit, '')
    .replace(/\s*%.*$/, '');
  const value = parseNumber(plain);
  const [low, high] = rangeOf(factor);
  if (value !== null && value >= low && value <= high) return { value: { value, words: '' } };
  const shown = unit === '°C' || unit === 'min' || unit === 'g' || unit === 'mm' ? ` ${unit}` : '';
  return {
    error: `level is “${text}”; allowed: a number from ${formatNumber(low)} to ${formatNumber(high)}${shown}`,
  };
}
