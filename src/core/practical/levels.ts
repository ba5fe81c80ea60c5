import { formatNumber } from '../format';
import type { Factor, Level, Plan } from './plan';

/** A level as it is read: “150 °C”, “0.5 %”, “citric acid”. */
export function levelLabel(factor: Factor, level: Level): string {
  if (factor.kind === 'words') return level.words;
  if (level.value === null) return level.words || '—';
  const unit = factor.kind === 'target' ? '°C' : factor.unit;
  return unit ? `${formatNumber(level.value)} ${unit}` : formatNumber(level.value);
}

/** Levels in the order they are read: numbers upwards, words as listed. */
export function levelsInOrder(factor: Factor): Level[] {
  if (factor.kind === 'words') return factor.levels;
  return [...factor.levels].sort((a, b) => (a.value ?? 0) - (b.value ?? 0));
}

export function levelOf(plan: Plan, levelId: string | undefined): Level | undefined {
  return plan.factor.levels.find((level) => level.id === levelId);
}
