import { cookEgg, donenessAt, donenessSource, eggModelSource, yolkDoneness, type EggMethod } from '../heat';
import { remembered } from '../memory';
import type { StationStep } from '../practical';
import { knownOf, predicted, type Model, type Station } from './prediction';

/** An egg of unknown size and its spread, g, with its shell; the table’s piece is without. */
const [eggG, eggSpreadG] = [60, 5];
/** Share of shell (common practice). */
const shell = 0.12;
/** How well anybody knows what an egg began at, °C. */
const startSpreadC = 2;
const [roomC, refrigeratorC] = [20, 5];

/** The step in which whole eggs are in hot water, if there is one. */
const inWater = ({ own }: Station): StationStep | undefined =>
  own.steps.find(
    ({ text, minutes }) =>
      minutes !== null && /\beggs?\b/i.test(text) && /\b(boil|simmer|stand|water)/i.test(text),
  );

/** How its school counts, by the sentence. */
function methodOf(text: string): EggMethod {
  if (/\b(stand|off the (heat|hob)|lid)\b/i.test(text)) return 'boil-and-stand';
  return /\bcold water\b/i.test(text) ? 'cold-start' : 'boiling-start';
}

const peak = remembered((asked) => {
  const [massG, startC, minutes, localBoilingC, method] = JSON.parse(asked) as [
    number,
    number,
    number,
    number,
    EggMethod,
  ];
  return cookEgg({ massG, localBoilingC }, startC, method, minutes).yolkPeakC;
}, 400);

/** How hot the middle of the yolk gets. */
export const yolk: Model = (asked) => {
  const boilingC = asked.boiling.boilingC;
  return predicted(
    asked,
    { id: 'yolk', what: 'Hottest in the middle of the yolk', unit: '°C', decimals: 0 },
    (station) => {
      const step = inWater(station);
      const egg = knownOf(station).find(({ entry }) => entry.id === 'egg');
      if (!step || step.minutes === null || step.minutes > 60 || !egg) return null;
      const massG =
        station.own.size?.what === 'mass'
          ? station.own.size.value
          : egg.unit === 'each' || egg.amount === null || egg.grams === null
            ? eggG
            : egg.grams / (1 - shell);
      if (massG < 25 || massG > 200) return null;
      const startC = station.own.start?.celsius ?? (/cold|chilled/i.test(egg.state) ? refrigeratorC : roomC);
      const method = methodOf(step.text);
      const at = (mass: number, start: number) =>
        peak(JSON.stringify([mass, Math.max(1, start), step.minutes, boilingC, method]));
      const middle = at(massG, startC);
      return {
        low: at(massG + eggSpreadG, startC - startSpreadC),
        middle,
        high: at(massG - eggSpreadG, startC + startSpreadC),
        words: donenessAt(yolkDoneness, middle).name,
      };
    },
    [
      'a sphere of egg in water, quenched in cold water afterwards; heat goes on to the middle meanwhile',
      { text: 'water boils here at', value: boilingC, unit: '°C' },
      `an egg ${eggSpreadG} g heavier and ${startSpreadC} °C colder, lighter and warmer for the band`,
    ],
    [eggModelSource, donenessSource],
  );
};
