import { formatNumber } from '../format';
import { isNumeric } from './factor-kind';
import type { Factor, Level, Plan } from './plan';

/** An ingredient’s name inside a sentence. */
export const inSentence = (name: string) =>
  /^[\p{Lu}\d]{2}/u.test(name) ? name : name.charAt(0).toLowerCase() + name.slice(1);

/** The unit a factor’s numbers are in: what it acts on says it, else the words that were typed. */
export function factorUnit(plan: Pick<Plan, 'formula'>, factor: Factor): string {
  const { acts } = factor;
  const other = (id: string | null) => {
    const found = plan.formula.find((one) => one.id === id);
    return found ? inSentence(found.name) : '…';
  };
  switch (acts.on) {
    case 'end-temperature':
    case 'start-temperature':
      return '°C';
    case 'minutes':
      return 'min';
    case 'amount':
      return {
        g: 'g',
        'percent-of': `% of ${other(acts.of)}`,
        'percent-of-batch': '% of the batch',
        times: '×',
        ratio: `× ${other(acts.of)}`,
      }[acts.as];
    case 'setting':
      return acts.scale === 'number' && acts.what === 'oven' ? '°C' : factor.unit;
    case 'size':
      return acts.what === 'mass' ? 'g' : 'mm';
    case 'swap':
    case 'method':
    case 'words':
      return factor.unit;
  }
}

/** A level as it is read: “150 °C”, “0.5 % of flour”, “citric acid”. */
export function levelLabel(plan: Pick<Plan, 'formula'>, factor: Factor, level: Level): string {
  if (level.open) return level.words || 'as the station likes';
  if (!isNumeric(factor)) return level.words;
  if (level.value === null) return level.words || '—';
  const unit = factorUnit(plan, factor);
  return unit ? `${formatNumber(level.value)} ${unit}` : formatNumber(level.value);
}

/** Levels in the order they are read: numbers upwards, words as listed; what is left open last. */
export function levelsInOrder(factor: Factor): Level[] {
  if (!isNumeric(factor)) return factor.levels;
  const rank = ({ open, value }: Level) => (open ? Infinity : (value ?? 0));
  return [...factor.levels].sort((a, b) => (rank(a) === rank(b) ? 0 : rank(a) - rank(b)));
}
