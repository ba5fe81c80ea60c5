import { gelsSource } from '../gels';
import { gramsOfAll, knownOf, predicted, type Model, type Station } from './prediction';

/** Exponents of concentration that handbooks give for a gelatine gel. */
const [least, usual, most] = [1.7, 1.85, 2];

/** Gelatine as a share of the whole batch; null without any, or where a mass is not known. */
function shareOf(station: Station): number | null {
  const gelatine = knownOf(station).filter(({ entry }) => entry.id === 'gelatine');
  const grams = gramsOfAll(gelatine);
  const all = gramsOfAll(station.own.ingredients.filter((one) => !one.dropped));
  return gelatine.length === 0 || grams === null || all === null || !(all > 0) ? null : grams / all;
}

/** How firmly gelatine sets, against the control. */
export const setStrength: Model = (asked) => {
  const control = asked.stations.find(({ treatment }) => treatment.control) ?? asked.stations[0];
  const reference = control ? shareOf(control) : null;
  if (reference === null || !(reference > 0)) return null;
  return predicted(
    asked,
    { id: 'set', what: 'Firmness of the set against the control', unit: '×', decimals: 2 },
    (station) => {
      const share = shareOf(station);
      if (share === null) return null;
      const ratio = share / reference;
      const powers = [least, usual, most].map((power) => ratio ** power).sort((a, b) => a - b);
      return { low: powers[0]!, middle: ratio ** usual, high: powers[2]! };
    },
    [
      `strength goes with the concentration to the power of ${least} to ${most}`,
      { text: `gelatine in the batch at ${control!.treatment.label}`, value: reference * 100, unit: '%' },
      'same grade, time and temperature of setting; no raw pineapple, kiwi, papaya or fig',
    ],
    [gelsSource],
  );
};
