import { equivalentYeastG, yeastInhibition, yeastRate, yeastSource } from '../leavening';
import type { StationStep } from '../practical';
import { gramsOfAll, knownOf, predicted, type Model, type Station } from './prediction';

/** How well a room or a proving place holds its temperature, °C (common practice). */
const proveSpreadC = 2;
/** Dough where nobody says, °C (common practice). */
const usualC = 24;
/** Salt and sugar hold yeast back by so much more or less than the model says (our estimate). */
const inhibitionSpread = 0.3;

const isRise = ({ text, minutes }: StationStep) =>
  minutes !== null && /\b(prov(e|ing)|proof|rise|rising|ferment)\b/i.test(text);

interface Dough {
  yeastG: number;
  saltPercent: number;
  sugarPercent: number;
  minutes: number;
  celsius: number;
}

function doughOf(station: Station): Dough | null {
  const known = knownOf(station);
  const steps = station.own.steps.filter(isRise);
  const of = (match: (one: (typeof known)[number]) => boolean) => gramsOfAll(known.filter(match));
  const flourG = of(({ entry }) => /flour/.test(entry.id));
  const fresh = of(({ entry }) => entry.id === 'fresh-yeast');
  const dry = of(({ entry }) => entry.id === 'dried-yeast');
  const salt = of(({ entry }) => /(^|-)salt$/.test(entry.id));
  const sugar = of(({ entry }) => entry.syrupShare !== null && entry.id !== 'water');
  if (steps.length === 0 || !flourG || fresh === null || dry === null || salt === null || sugar === null)
    return null;
  const yeastG = dry + equivalentYeastG(fresh, 'fresh', 'instant');
  if (!(yeastG > 0)) return null;
  const said = steps.flatMap((step) => [
    ...step.settings.flatMap(({ celsius }) => celsius ?? []),
    ...(/(\d{2})\s*°\s*C/.exec(step.text)?.slice(1, 2).map(Number) ?? []),
  ]);
  return {
    yeastG,
    saltPercent: Math.min(20, (100 * salt) / flourG),
    sugarPercent: Math.min(100, (100 * sugar) / flourG),
    minutes: steps.reduce((sum, { minutes, minutesTo }) => sum + (minutes! + (minutesTo ?? minutes!)) / 2, 0),
    celsius: station.own.start?.celsius ?? said[0] ?? usualC,
  };
}

/** Gas that yeast makes in its time. @param held how strongly salt and sugar hold it back, 1 as the model says */
function gasOf(
  { yeastG, saltPercent, sugarPercent, minutes, celsius }: Dough,
  warmerC: number,
  held: number,
) {
  const rate = yeastRate(Math.min(120, Math.max(-20, celsius + warmerC)));
  return yeastG * minutes * rate * yeastInhibition(saltPercent, sugarPercent) ** held;
}

/** Gas from yeast against the control: while there is sugar to eat, the dough rises so. */
export const rise: Model = (asked) => {
  const control = asked.stations.find(({ treatment }) => treatment.control) ?? asked.stations[0];
  const reference = control ? doughOf(control) : null;
  if (!reference || gasOf(reference, 0, 1) <= 0) return null;
  return predicted(
    asked,
    { id: 'rise', what: 'Gas from the yeast against the control', unit: '×', decimals: 2 },
    (station) => {
      const dough = doughOf(station);
      if (!dough) return null;
      const same = dough.celsius === reference.celsius;
      // A warm corner warms all alike; only where temperatures differ does the doubt about them count.
      const ratios = (same ? [0] : [-proveSpreadC, 0, proveSpreadC]).flatMap((warmer) =>
        [1 - inhibitionSpread, 1, 1 + inhibitionSpread].map(
          (held) => gasOf(dough, warmer, held) / gasOf(reference, 0, held),
        ),
      );
      return {
        low: Math.min(...ratios),
        middle: gasOf(dough, 0, 1) / gasOf(reference, 0, 1),
        high: Math.max(...ratios),
      };
    },
    [
      'yeast × minutes × rate at its temperature × what salt and sugar leave of it',
      { text: 'temperature of the control’s dough', value: reference.celsius, unit: '°C' },
      `the place ${proveSpreadC} °C colder and warmer, salt and sugar ${inhibitionSpread * 100} % weaker and stronger for the band`,
    ],
    [yeastSource],
  );
};
