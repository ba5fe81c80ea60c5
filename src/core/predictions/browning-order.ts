import { maillardRate, maillardSource } from '../browning';
import type { StationStep } from '../practical';
import { sodaLeft } from './gas';
import { ovenOf } from './heat-of-step';
import { predicted, type Model, type Station } from './prediction';

/** What a crust is like once it is dry: as acid as dough, water activity of a dry crust (teaching values). */
const [doughPh, crustWaterActivity] = [6, 0.4];
/** A crust lags its oven by about so much, °C (common practice). */
const crustBelowOvenC = 40;
/** Each gram of bicarbonate left in 100 g of batch lifts the pH by about so much, up to that of soda (teaching value). */
const [phForEachPercent, phOfSoda] = [2, 8.3];

const bakes = ({ text }: StationStep) => /\b(bake|roast|toast)\b/i.test(text);

/** How brown, on no scale: only its order counts. */
function brownness(station: Station, leftG: number): number | null {
  const { steps, ingredients } = station.own;
  const step = steps.find((one) => bakes(one) && one.minutes !== null && one.minutes > 0);
  const ovenC = step ? ovenOf(steps, step) : null;
  if (!step?.minutes || ovenC === null || ovenC < 100) return null;
  const batchG = ingredients.reduce((sum, { grams }) => sum + (grams ?? 0), 0);
  const pH = batchG > 0 ? Math.min(phOfSoda, doughPh + phForEachPercent * ((100 * leftG) / batchG)) : doughPh;
  const minutes = (step.minutes + (step.minutesTo ?? step.minutes)) / 2;
  return (
    minutes *
    maillardRate({
      temperatureC: Math.min(250, ovenC - crustBelowOvenC),
      pH,
      waterActivity: crustWaterActivity,
    })
  );
}

/** Differences smaller than this are no order. */
const sameShare = 0.1;

/** Places from the palest, 1; what is within a share of the first of a place shares it. */
function ranksOf(values: readonly number[]): number[] {
  const firsts: number[] = [];
  for (const value of [...values].sort((a, b) => a - b)) {
    if (firsts.length === 0 || value > firsts.at(-1)! * (1 + sameShare)) firsts.push(value);
  }
  return values.map((value) => firsts.filter((first) => first <= value).length);
}

/** Which treatment comes out palest and which brownest, by oven, minutes and soda that finds no acid. */
export const browningOrder: Model = (asked) => {
  const left = new Map(sodaLeft(asked)?.expected.map(({ treatment, middle }) => [treatment.id, middle]));
  const brown = asked.stations.map((station) => brownness(station, left.get(station.treatment.id) ?? 0));
  if (brown.some((one) => one === null)) return null;
  const values = brown as number[];
  const ranks = ranksOf(values);
  const last = Math.max(...ranks);
  if (last === 1) return null;
  return predicted(
    asked,
    { id: 'browning', what: 'Order of browning', unit: '', decimals: 0 },
    (station) => {
      const rank = ranks[asked.stations.indexOf(station)]!;
      return {
        low: rank,
        middle: rank,
        high: rank,
        words: rank === 1 ? 'palest' : rank === last ? 'brownest' : '',
      };
    },
    [
      'faster in a hotter oven, for longer, and where soda is left over; only the order is meant, not how much',
      `treatments within ${sameShare * 100} % of each other share a place`,
    ],
    [maillardSource],
  );
};
