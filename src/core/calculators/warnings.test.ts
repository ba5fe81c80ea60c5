import { describe, expect, it } from 'vitest';
import { warningsOf } from './testing/answers';

const readings = (...celsius: number[]) => celsius.map((one, i) => ({ minute: 10 * i, celsius: one }));
const rates = (...list: number[]) => list.map((rate, i) => ({ temperatureC: 100 + 10 * i, rate }));
const dough = [
  { name: 'plain flour', massG: 100 },
  { name: 'moondust', massG: 5 },
];

/** On this side of its limit nothing is said, on that side it is. */
const borders: [id: string, quiet: object, loud: object, sentence: RegExp][] = [
  ['air-pressure', { altitudeM: 6000 }, { altitudeM: 6001 }, /higher than any school/i],
  ['water-boiling-point', { pressureKPa: 100 }, { altitudeM: 300 }, /weather moves/i],
  [
    'water-boiling-point',
    { altitudeM: 300 },
    { altitudeM: 300, pressureKPa: 98 },
    /both were given: the measured pressure/i,
  ],
  [
    'evaporation-time',
    { waterG: 10, powerW: 500, efficiency: 0.99 },
    { waterG: 10, powerW: 500 },
    /no losses counted/i,
  ],
  [
    'reduction',
    { startG: 100, solidsPercent: 50, finishSolidsPercent: 80 },
    { startG: 100, solidsPercent: 50, finishSolidsPercent: 80.1 },
    /scorches/,
  ],
  [
    'water-boiling-point',
    { pressureKPa: 98 },
    { altitudeM: 300, pressureKPa: 98 },
    /both were given: the measured pressure/i,
  ],
  ['syrup-boiling-point', { sucrosePercent: 80 }, { sucrosePercent: 80.1 }, /above 80 %/i],
  ['syrup-concentration', { boilingC: 111.9 }, { boilingC: 112.2 }, /above 80 %/i],
  ['stage-target', { seaLevelC: 100 }, { seaLevelC: 99.9 }, /only boiling syrups/i],
  [
    'stage-target',
    { seaLevelC: 120, localBoilingC: 97 },
    { seaLevelC: 120, localBoilingC: 97, altitudeM: 900 },
    /both were given: the measured boiling point/i,
  ],
  [
    'sugar-stage',
    { readingC: 120, altitudeM: 900 },
    { readingC: 120, localBoilingC: 97, altitudeM: 900 },
    /both were given/i,
  ],
  [
    'water-activity',
    { solutes: [{ kind: 'sucrose', massG: 75 }], waterG: 25 },
    { solutes: [{ kind: 'sucrose', massG: 75.2 }], waterG: 24.8 },
    /norrish runs low/i,
  ],
  [
    'cooling-forecast',
    // Five readings on one exponential: 60 °C of excess, halved each ten minutes.
    { readings: readings(80, 50, 35, 27.5, 23.75), ambientC: 20, targetC: 22 },
    { readings: readings(80, 50, 35, 27.5), ambientC: 20, targetC: 22 },
    /few readings/i,
  ],
  [
    'cooling-forecast',
    { readings: readings(80, 50, 35, 27.5, 23.75), ambientC: 20, targetC: 23 },
    { readings: readings(80, 50, 35, 27.5, 23.75), ambientC: 20, targetC: 20.3 },
    /would never get there/,
  ],
  [
    'cooling-forecast',
    { readings: readings(80, 50, 35, 27.5, 23.75), ambientC: 20, targetC: 22 },
    { readings: readings(80, 79, 78, 40, 30), ambientC: 20, targetC: 25 },
    /do not follow one exponential/,
  ],
  // By Williams’s formula 120 g from 4 to 75 °C takes 8.21 min × (120/70)^⅔ = 11.8 min, 180 g 15.4 min.
  [
    'egg-time',
    { massG: 120, startC: 4, yolkC: 75 },
    { massG: 180, startC: 4, yolkC: 75 },
    /white turns rubbery/,
  ],
  [
    'carbon-dioxide',
    { bicarbonateG: 4.5, acids: [{ kind: 'cream-of-tartar', massG: 10 }] },
    { bicarbonateG: 4.5, acids: [{ kind: 'cream-of-tartar', massG: 9 }] },
    /soda is left/i,
  ],
  [
    'carbon-dioxide',
    { bicarbonateG: 4.5, acids: [{ kind: 'cream-of-tartar', massG: 10 }] },
    { bicarbonateG: 4.5, acids: [{ kind: 'cream-of-tartar', massG: 11 }] },
    /acid is left/i,
  ],
  ['yeast-activity', { temperatureC: 54.9 }, { temperatureC: 55 }, /yeast is killed/],
  ['browning-index', { L: 60, a: 10, b: 25 }, { L: 60, a: 0, b: -20 }, /bluer than white/],
  [
    'q10',
    { rate1: 1, temperature1C: 100, rate2: 4, temperature2C: 140 },
    { rate1: 1, temperature1C: 100, rate2: 4, temperature2C: 140.1 },
    /far apart/i,
  ],
  [
    'q10',
    { rate1: 4, temperature1C: 140, rate2: 1, temperature2C: 100 },
    { rate1: 4, temperature1C: 141, rate2: 1, temperature2C: 100 },
    /far apart/i,
  ],
  ['activation-energy', { points: rates(1, 2, 4, 8, 16) }, { points: rates(1, 2, 4, 8) }, /few temp/i],
  ['activation-energy', { points: rates(1, 2, 4) }, { points: rates(4, 2, 1) }, /negative/i],
  [
    'familywise',
    { design: { levels: 2, replicates: 2 }, kind: 'score', classes: 2000, seed: 1 },
    { design: { levels: 2, replicates: 2 }, kind: 'score', classes: 1999, seed: 1 },
    /few classes/i,
  ],
  ['welch-t', { a: [1, 2, 3, 5], b: [4, 6, 7, 9] }, { a: [1, 2, 3], b: [4, 6, 7, 9] }, /few values/i],
  ['welch-t', { a: [1, 2, 3, 5], b: [4, 6, 7, 9] }, { a: [1, 2, 3, 5], b: [4, 6, 7] }, /few values/i],
  ['triangle-test', { correct: 9, trials: 18 }, { correct: 9, trials: 17 }, /few assessors/i],
  ['describe', { values: [1, 2, 3, 4, 6] }, { values: [1, 2, 3, 4] }, /few values/i],
  ['describe', { values: [2, 2, 2.1] }, { values: [2, 2, 2] }, /equal readings/i],
  [
    'linear-fit',
    { x: [1, 2, 3, 4, 5], y: [1, 3, 2, 5, 4] },
    { x: [1, 2, 3, 4], y: [1, 3, 2, 5] },
    /few points/i,
  ],
  ['design-power', { sd: 1, replicates: 4, levels: 3 }, { sd: 1, replicates: 3, levels: 3 }, /few stations/i],
  [
    'nutrients',
    { lines: dough.slice(0, 1), portions: 1 },
    { lines: dough, portions: 1 },
    /known of it: moondust\./,
  ],
  [
    'kitchen-measure',
    { amount: 1, from: 'cup', to: 'g', ingredient: 'water' },
    { amount: 1, from: 'cup', to: 'g', ingredient: 'plain flour' },
    /filled in many ways/,
  ],
  [
    'kitchen-measure',
    { amount: 1, from: 'cup', to: 'ml' },
    { amount: 1, from: 'cup', to: 'g', ingredient: 'plain flour' },
    /filled in many ways/,
  ],
  ['allergen-check', { ingredients: 'butter' }, { ingredients: 'butter, moondust' }, /may hold anything/],
  ['ingredient', { name: 'butter' }, { name: 'moondust' }, /^not known:/i],
  ['hazards-in', { text: 'Boil the vinegar.' }, { text: 'Weigh the flour.' }, /none found/i],
  ['serving-orders', { samples: 4, assessors: 8 }, { samples: 4, assessors: 6 }, /not a full round/i],
  ['serving-orders', { samples: 3, assessors: 6 }, { samples: 3, assessors: 3 }, /not a full round/i],
  [
    'thermometer-correction',
    { iceReadingC: 0, boilReadingC: 99, readingC: 129 },
    { iceReadingC: 0, boilReadingC: 99, readingC: 129.1 },
    /far outside/i,
  ],
  [
    'thermometer-correction',
    { iceReadingC: 1, boilReadingC: 99, readingC: -4 },
    { iceReadingC: 1, boilReadingC: 99, readingC: -4.1 },
    /far outside/i,
  ],
  [
    'core-temperature-check',
    { food: 'chicken', celsius: 75, heldSeconds: 30, authority: 'uk-fsa' },
    { food: 'chicken', celsius: 75, authority: 'uk-fsa' },
    /^Can’t tell\. Missing: /,
  ],
  [
    'cooling-check',
    { readings: readings(70, 50, 30, 15, 7, 5), authority: 'uk-fsa' },
    { readings: readings(60, 50, 30), authority: 'uk-fsa' },
    /^Can’t tell\. Missing: /,
  ],
];

describe('a warning stands where its reason is, and not where it is not', () => {
  it.each(borders)('%s: %j against %j', (id, quiet, loud, sentence) => {
    const said = (inputs: object) => warningsOf(id, inputs).filter((one) => sentence.test(one)).length;
    expect([said(quiet), said(loud)]).toEqual([0, 1]);
  });

  /** Meat of 15 mm radius, α = 0.48 / (1060 × 3500) = 1.294e-7 m²/s. */
  const meat = (minutes: number, mediumC: number) => ({
    shape: 'cylinder',
    halfThicknessMm: 15,
    conductivityWmK: 0.48,
    densityKgM3: 1060,
    specificHeatJkgK: 3500,
    heatTransferWm2K: 25,
    startC: 5,
    mediumC,
    minutes,
  });
  it.each<[number, number, string[]]>([
    [0, 200, []],
    // Fo = 1.294e-7 × 60 t / 0.015² = 0.0345 t: 0.005 after 0.145 min.
    [0.14, 200, ['Early: the heat has hardly left the surface.']],
    [0.15, 200, []],
    [60, 200, ['Above 100 °C a moist centre boils instead of getting hotter.']],
    [600, 100, []],
  ])('a centre after %d min in %d °C', (minutes, mediumC, wanted) => {
    expect(warningsOf('centre-temperature', meat(minutes, mediumC))).toEqual(wanted);
  });

  it('what holds always is always said', () => {
    const always: [string, object, RegExp][] = [
      ['steam-volume', { waterG: 1, temperatureC: 100 }, /upper bound/],
      ['soda-in-heat', { bicarbonateG: 1, temperatureC: 150 }, /foams up/],
      ['pectin-set', { solidsPercent: 65, pH: 3 }, /tested local procedures/],
      ['gelatine-grade', { massG: 1, fromBloom: 200, toBloom: 160 }, /teaching model/i],
      ['one-way-anova', { groups: { a: [1, 2], b: [2, 4] } }, /equal spread/],
      ['spearman', { x: [1, 2, 3], y: [1, 3, 2] }, /does not say that one makes the other/],
      ['grubbs', { values: [1, 2, 4] }, /a question, not a reason/],
      ['self-raising', { plainFlourG: 100 }, /the least the law asks/i],
      ['lethality', { readings: readings(60, 70) }, /a comparison, not a verdict/i],
      ['core-temperature-check', { food: 'chicken', celsius: 80, authority: 'fda' }, /not a permission/i],
      ['oven-setting', { value: 180, from: 'C' }, /put a thermometer in/],
      ['water-activity', { solutes: [], waterG: 10 }, /tested local procedures/],
      ['colour-lab', { hex: '#808080' }, /not a colorimeter/],
    ];
    for (const [id, inputs, sentence] of always) {
      expect(
        warningsOf(id, inputs).some((one) => sentence.test(one)),
        id,
      ).toBe(true);
    }
  });
});
