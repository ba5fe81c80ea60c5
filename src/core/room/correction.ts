import { formatTemperature } from '../format';
import type { Equipment } from './equipment';

type Thermometer = Extract<Equipment, { kind: 'thermometer' }>;

/** How far a thermometer is off in ice and in boiling water, in words; null: it has not been checked. */
export function checkWords({ inIceC, inBoilingC, boilingC }: Thermometer): string | null {
  const off = (shown: number | null, is: number | null, where: string) => {
    if (shown === null || is === null) return [];
    const by = Math.round((shown - is) * 10) / 10;
    if (by === 0) return [`right in ${where}`];
    return [`${formatTemperature(Math.abs(by))} too ${by > 0 ? 'high' : 'low'} in ${where}`];
  };
  const words = [...off(inIceC, 0, 'ice'), ...off(inBoilingC, boilingC, 'boiling water')];
  return words.length === 0 ? null : words.join(', ');
}
