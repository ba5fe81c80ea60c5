import { formatNumber } from '../format';
import type { StationIngredient } from './amounts';

/** Grams with the digits a kitchen balance shows: tenths under ten, whole ones above; hundredths of what is tiny. */
export function gramsWords(grams: number): string {
  const decimals = grams < 1 ? 2 : grams < 10 ? 1 : 0;
  return `${formatNumber(Number(grams.toFixed(decimals)))} g`;
}

const fractions: Readonly<Record<string, string>> = {
  '0.25': '¼',
  '0.5': '½',
  '0.75': '¾',
  '0.33': '⅓',
  '0.67': '⅔',
};

/** An amount in its own unit: “1½ cups”, “8–10 g”, “2”; empty where nobody has said. */
export function amountWords({
  amount,
  amountTo,
  unit,
  fill,
}: Pick<StationIngredient, 'amount' | 'amountTo' | 'unit' | 'fill'>): string {
  if (amount === null) return '';
  const spoons = unit === 'tsp' || unit === 'tbsp' || unit === 'cup' || unit === 'each' || unit === 'pinch';
  const one = (value: number) => (spoons ? withFraction(value) : formatNumber(Number(value.toPrecision(4))));
  const range = amountTo === null ? one(amount) : `${one(amount)}–${one(amountTo)}`;
  const mayHeap = unit === 'tsp' || unit === 'tbsp' || unit === 'cup';
  const filled = !mayHeap || fill === null || fill === 'level' ? '' : `${fill} `;
  const many = (amountTo ?? amount) > 1;
  const word = unit === 'cup' && many ? 'cups' : unit === 'pinch' && many ? 'pinches' : unit;
  return unit === 'each' ? range : `${range} ${filled}${word}`;
}

function withFraction(value: number): string {
  const whole = Math.floor(value);
  const rest = fractions[String(Number((value - whole).toFixed(2)))];
  if (!rest) return formatNumber(Number(value.toFixed(2)));
  return whole === 0 ? rest : `${whole}${rest}`;
}
