import { gelatinised, starchCalled, starchSource, type Starch } from '../gels';
import { formatNumber } from '../format';
import { mediumOf } from '../practical';
import { knownOf, predicted, type Known, type Model, type Station } from './prediction';

/** How evenly a pan of sauce is at its temperature, °C (common practice). */
const panSpreadC = 2;

const starchOf = ({ entry }: Known): Starch | undefined =>
  entry.names.map(starchCalled).find((starch) => starch !== undefined);

/** Sugar of what is wet, %; 0 where nothing is known of it. */
function sugarPercent(station: Station): number {
  const known = knownOf(station).filter(({ grams }) => grams !== null);
  const sugar = known.reduce(
    (sum, { entry, grams }) => sum + (grams! * (entry.composition?.sugarsG ?? 0)) / 100,
    0,
  );
  const water = known.reduce((sum, { entry, grams }) => sum + (grams! * (entry.waterPercent ?? 0)) / 100, 0);
  return sugar + water > 0 ? Math.min(65, (100 * sugar) / (sugar + water)) : 0;
}

/** How much of the starch has swollen at the temperature a sauce is taken to. */
export const gelatinisation: Model = (asked) =>
  predicted(
    asked,
    { id: 'starch', what: 'Starch that has gelatinised', unit: '%', decimals: 0 },
    (station) => {
      const step = station.own.steps.findLast(
        (one) => one.target !== null && one.target.localC <= 110 && mediumOf(asked.plan, one) !== 'syrup',
      );
      const starch = knownOf(station).map(starchOf).find(Boolean);
      const wet = knownOf(station).some(({ entry }) => (entry.waterPercent ?? 0) > 80);
      if (!step?.target || !starch || !wet) return null;
      const at = (celsius: number) => 100 * gelatinised(starch, celsius, sugarPercent(station)).fraction;
      const { localC } = step.target;
      return { low: at(localC - panSpreadC), middle: at(localC), high: at(localC + panSpreadC) };
    },
    [
      'the starch’s range in plenty of water, lifted by the sugar in it',
      `a pan ${formatNumber(panSpreadC)} °C colder and hotter for the band`,
    ],
    [starchSource],
  );
