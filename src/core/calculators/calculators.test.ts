import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RefusedValue } from '../bounds';
import { measureUnits } from '../formula';
import { ingredientItems } from '../ingredients';
import { starches } from '../gels';
import { leaveningAcids } from '../leavening';
import { authorities, foodKinds } from '../safety';
import { solutes } from '../sugar';
import { calculators, runCalculator, type InputSpec } from '.';

/** The contract: ids, the keys of their results, and one example each with a value from outside. */
const contract: Record<
  string,
  { inputs: object; keys: string[]; check: [key: string, value: number, digits: number][] }
> = {
  // ISO 2533, 2000 m.
  'air-pressure': { inputs: { altitudeM: 2000 }, keys: ['pressureKPa'], check: [['pressureKPa', 79.495, 2]] },
  // IAPWS-IF97, table 36: 0.1 MPa boils at 372.755919 K.
  'water-boiling-point': {
    inputs: { pressureKPa: 100 },
    keys: ['boilingC'],
    check: [['boilingC', 99.605919, 6]],
  },
  // Steam tables: 2257 kJ/kg at 100 °C.
  'latent-heat': { inputs: { temperatureC: 100 }, keys: ['kJPerKg'], check: [['kJPerKg', 2256.5, 0]] },
  // Confectionery table (from memory): 80 % boils at 112 °C.
  'syrup-boiling-point': {
    inputs: { sucrosePercent: 80 },
    keys: ['boilingC', 'elevationC'],
    check: [
      ['boilingC', 112, 6],
      ['elevationC', 12, 6],
    ],
  },
  'syrup-concentration': {
    inputs: { boilingC: 112 },
    keys: ['sucrosePercent'],
    check: [['sucrosePercent', 80, 5]],
  },
  // Common practice: 114 °C is soft ball.
  'sugar-stage': {
    inputs: { readingC: 114 },
    keys: ['stageId', 'seaLevelC', 'localLowC', 'localHighC'],
    check: [['localLowC', 112, 6]],
  },
  'stage-target': {
    inputs: { seaLevelC: 150, altitudeM: 0 },
    keys: ['localC', 'localF', 'ruleOfThumbC'],
    check: [['localF', 302, 6]],
  },
  temperature: { inputs: { value: 212, from: 'F', to: 'C' }, keys: ['value'], check: [['value', 100, 9]] },
  'thermometer-correction': {
    inputs: { iceReadingC: 0, boilReadingC: 98, localBoilingC: 98, readingC: 50 },
    keys: ['trueC', 'offsetC', 'gain'],
    check: [['trueC', 50, 9]],
  },
  describe: {
    inputs: { values: [2, 4, 4, 4, 5, 5, 7, 9] },
    keys: ['n', 'mean', 'sd', 'sem', 'ci95', 'median', 'q1', 'q3'],
    check: [
      ['mean', 5, 9],
      ['sd', 2.138089935, 8],
    ],
  },
  'linear-fit': {
    inputs: { x: [1, 2, 3], y: [3, 5, 7] },
    keys: ['slope', 'intercept', 'r2', 'slopeSe', 'interceptSe', 'residualSd'],
    check: [
      ['slope', 2, 9],
      ['r2', 1, 9],
    ],
  },
  'evaporation-time': {
    inputs: { waterG: 100, powerW: 1000 },
    keys: ['minutes'],
    check: [['minutes', 3.76, 2]],
  },
  // By hand: 1000 g at 10 % is 100 g solids, at 25 % it is 400 g.
  reduction: {
    inputs: { startG: 1000, solidsPercent: 10, finishSolidsPercent: 25 },
    keys: ['finishG', 'finishSolidsPercent', 'waterLostG'],
    check: [
      ['finishG', 400, 9],
      ['waterLostG', 600, 9],
    ],
  },
  // Saturated sucrose, handbooks (from memory): 0.85.
  'water-activity': {
    inputs: { solutes: [{ kind: 'sucrose', massG: 67 }], waterG: 33 },
    keys: ['waterActivity'],
    check: [['waterActivity', 0.85, 2]],
  },
  // Common practice: gas 4 is 180 °C, 350 °F, 160 °C fan.
  'oven-setting': {
    inputs: { value: 4, from: 'gas' },
    keys: ['conventionalC', 'conventionalF', 'fanC', 'gasMark'],
    check: [
      ['conventionalC', 180, 9],
      ['conventionalF', 350, 9],
      ['fanC', 160, 9],
    ],
  },
  // NIST Handbook 44: a US cup is 236.588 ml.
  'kitchen-measure': {
    inputs: { amount: 1, from: 'cup', to: 'ml' },
    keys: ['amount', 'low', 'high'],
    check: [['amount', 236.588, 3]],
  },
  'bakers-percentages': {
    inputs: {
      lines: [
        { name: 'flour', massG: 250 },
        { name: 'water', massG: 150 },
      ],
    },
    keys: ['percentages', 'hydrationPercent'],
    check: [['hydrationPercent', 60, 9]],
  },
  // By hand: 84.006 g bicarbonate with enough acid is one mole, 22.414 L at 0 °C.
  'carbon-dioxide': {
    inputs: { bicarbonateG: 84.006, acids: [{ kind: 'citric', massG: 100 }], temperatureC: 0 },
    keys: ['carbonDioxideMol', 'carbonDioxideG', 'volumeL', 'bicarbonateLeftG', 'limiting'],
    check: [
      ['carbonDioxideMol', 1, 4],
      ['volumeL', 22.414, 2],
    ],
  },
  'neutralising-acid': {
    inputs: { bicarbonateG: 4.5, kind: 'cream-of-tartar' },
    keys: ['acidG'],
    check: [['acidG', 10, 9]],
  },
  'yeast-activity': { inputs: { temperatureC: 37 }, keys: ['relativeRate'], check: [['relativeRate', 1, 9]] },
  // Williams’s example, 57 g from 4 °C to 63 °C: 4½ min.
  'egg-time': {
    inputs: { massG: 57, startC: 4, yolkC: 63 },
    keys: ['minutes'],
    check: [['minutes', 4.53, 1]],
  },
  'egg-doneness': {
    inputs: { massG: 60, startC: 21, method: 'boiling-start', minutes: 0 },
    keys: ['yolkCentreC', 'yolkPeakC', 'doneness'],
    check: [['yolkCentreC', 21, 6]],
  },
  // Incropera, table 5.1: sphere at Bi = 1, ζ₁ 1.5708, C₁ 1.2732; Fo = 0.5 leaves 1.2732 e^(−1.2337) = 0.3707.
  'centre-temperature': {
    inputs: {
      shape: 'sphere',
      halfThicknessMm: 10,
      conductivityWmK: 0.5,
      densityKgM3: 1000,
      specificHeatJkgK: 4000,
      heatTransferWm2K: 50,
      startC: 0,
      mediumC: 100,
      minutes: 400 / 60,
    },
    keys: ['centreC', 'biot', 'fourier'],
    check: [
      ['biot', 1, 9],
      ['fourier', 0.5, 9],
      ['centreC', 62.93, 1],
    ],
  },
  'bake-time-scaling': {
    inputs: { knownMinutes: 20, knownHalfThicknessMm: 10, newHalfThicknessMm: 20 },
    keys: ['minutes', 'low', 'high'],
    check: [
      ['low', 40, 9],
      ['high', 80, 9],
    ],
  },
  lethality: {
    inputs: {
      readings: [
        { minute: 0, celsius: 70 },
        { minute: 2, celsius: 70 },
      ],
      referenceC: 70,
      zC: 7.5,
    },
    keys: ['equivalentMinutes'],
    check: [['equivalentMinutes', 2, 9]],
  },
  'core-temperature-check': {
    inputs: { food: 'chicken', celsius: 74, heldSeconds: 0, authority: 'FDA' },
    keys: ['verdict', 'safe', 'required', 'achieved'],
    check: [],
  },
  'hazards-in': { inputs: { text: 'Boil the vinegar.' }, keys: ['hazards'], check: [] },
  'cooling-check': {
    inputs: {
      readings: [
        { minute: 0, celsius: 63 },
        { minute: 44, celsius: 30 },
        { minute: 88, celsius: 8 },
      ],
      authority: 'uk-fsa',
    },
    keys: ['verdict', 'passes', 'stages'],
    check: [],
  },
  // By hand: 80, 50, 35 °C at 0, 10, 20 min halve their distance to 20 °C every 10 min; 27.5 °C is 10 min on.
  'cooling-forecast': {
    inputs: {
      readings: [
        { minute: 0, celsius: 80 },
        { minute: 10, celsius: 50 },
        { minute: 20, celsius: 35 },
      ],
      ambientC: 20,
      targetC: 27.5,
    },
    keys: ['minutes', 'low', 'high', 'atMinute', 'timeConstantMinutes'],
    check: [
      ['minutes', 10, 6],
      ['atMinute', 30, 6],
      ['timeConstantMinutes', 10 / Math.LN2, 6],
    ],
  },
  'starch-gelatinisation': {
    inputs: { starch: 'cornflour', temperatureC: 62 },
    keys: ['fraction', 'onsetC', 'peakC', 'conclusionC'],
    check: [['fraction', 0.05, 6]],
  },
  'gel-sag': {
    inputs: { heightInMouldMm: 40, heightOutMm: 34 },
    keys: ['sagPercent'],
    check: [['sagPercent', 15, 9]],
  },
  'specific-volume': { inputs: { massG: 400, volumeMl: 1600 }, keys: ['mlPerG'], check: [['mlPerG', 4, 9]] },
  'spread-ratio': { inputs: { widthMm: 72, thicknessMm: 9 }, keys: ['ratio'], check: [['ratio', 8, 9]] },
  overrun: {
    inputs: { massBeforeG: 100, massAfterG: 50 },
    keys: ['overrunPercent'],
    check: [['overrunPercent', 100, 9]],
  },
  // CIE: sRGB red is L* 53.24, a* 80.09, b* 67.20.
  'colour-lab': {
    inputs: { hex: '#ff0000' },
    keys: ['L', 'a', 'b'],
    check: [
      ['L', 53.24, 1],
      ['a', 80.09, 1],
      ['b', 67.2, 1],
    ],
  },
  // Sharma, Wu and Dalal (2005), pair 25.
  'colour-difference': {
    inputs: {
      first: { L: 60.2574, a: -34.0099, b: 36.2677 },
      second: { L: 60.4626, a: -34.1751, b: 39.4387 },
    },
    keys: ['deltaE00'],
    check: [['deltaE00', 1.2644, 4]],
  },
  'browning-index': {
    inputs: { L: 60, a: 10, b: 25 },
    keys: ['browningIndex'],
    check: [['browningIndex', 64.32, 2]],
  },
  q10: {
    inputs: { rate1: 1, temperature1C: 100, rate2: 8, temperature2C: 130 },
    keys: ['q10'],
    check: [['q10', 2, 9]],
  },
  'activation-energy': {
    inputs: {
      points: [100, 120, 140].map((temperatureC) => ({
        temperatureC,
        rate: 1e10 * Math.exp(-90_000 / (8.31446261815324 * (temperatureC + 273.15))),
      })),
    },
    keys: ['kJPerMol', 'r2'],
    check: [['kJPerMol', 90, 6]],
  },
  // R, PlantGrowth.
  'one-way-anova': {
    inputs: { groups: plantGrowth() },
    keys: ['f', 'dfBetween', 'dfWithin', 'p'],
    check: [
      ['f', 4.846, 3],
      ['p', 0.01591, 5],
    ],
  },
  'tukey-hsd': { inputs: { groups: plantGrowth() }, keys: ['pairs'], check: [] },
  'kruskal-wallis': {
    inputs: { groups: plantGrowth() },
    keys: ['h', 'df', 'p', 'method'],
    check: [
      ['h', 7.9882, 4],
      ['p', 0.01842, 5],
    ],
  },
  // By hand: means 2 and 5, variances 1 and 1, n 3 and 3: t = −3/√(2/3), 4 degrees of freedom.
  'welch-t': {
    inputs: { a: [1, 2, 3], b: [4, 5, 6] },
    keys: ['t', 'df', 'p', 'difference', 'ci95'],
    check: [
      ['t', -3.674235, 6],
      ['df', 4, 9],
      ['p', 0.021312, 6],
    ],
  },
  // By hand: rank sums 4, 9, 11 of four rows: 12/(4·3·4) (16 + 81 + 121) − 3·4·4 = 6.5; exact p 0.042 (Friedman's table).
  friedman: {
    inputs: {
      ranks: [
        [1, 2, 3],
        [1, 2, 3],
        [1, 3, 2],
        [1, 2, 3],
      ],
    },
    keys: ['chi2', 'df', 'p', 'method'],
    check: [
      ['chi2', 6.5, 9],
      ['p', 54 / 1296, 9],
    ],
  },
  spearman: {
    inputs: { x: [1, 2, 3, 4, 5], y: [2, 1, 4, 3, 5] },
    keys: ['rho', 'p', 'method'],
    check: [
      ['rho', 0.8, 9],
      // 16 of the 120 orders are as far from none.
      ['p', 16 / 120, 9],
    ],
  },
  // NIST/SEMATECH e-Handbook, 1.3.5.17.1.
  grubbs: {
    inputs: { values: [199.31, 199.53, 200.19, 200.82, 201.92, 201.95, 202.18, 245.57] },
    keys: ['outlier', 'g', 'critical'],
    check: [
      ['outlier', 245.57, 9],
      ['g', 2.46876, 4],
    ],
  },
  // ISO 4120, table A.1.
  'triangle-test': {
    inputs: { correct: 8, trials: 12 },
    keys: ['p', 'minimumCorrect'],
    check: [
      ['p', 0.0188, 4],
      ['minimumCorrect', 8, 9],
    ],
  },
  'paired-preference': {
    inputs: { preferA: 15, trials: 20 },
    keys: ['p', 'sharePercent', 'lowPercent', 'highPercent'],
    check: [['p', 0.0414, 4]],
  },
  // Beyond the contract, each with a value from outside.
  supersaturation: {
    // Handbooks of sugar technology (from memory): 66.7 % saturates at 20 °C.
    inputs: { sucrosePercent: 66.7, temperatureC: 20 },
    keys: ['supersaturation', 'saturatedPercent'],
    check: [['supersaturation', 1, 6]],
  },
  'doctor-ratio': {
    inputs: { sucroseG: 60, doctorG: 40 },
    keys: ['doctorPercent', 'hinders'],
    check: [['doctorPercent', 40, 9]],
  },
  // By hand: 2 × 84.006 g give one mole, 44.009 g of gas and 105.99 g carbonate; 30.62 L at 100 °C.
  'soda-in-heat': {
    inputs: { bicarbonateG: 168.012, temperatureC: 100 },
    keys: ['carbonDioxideMol', 'volumeL', 'carbonateG'],
    check: [
      ['carbonDioxideMol', 1, 4],
      ['volumeL', 30.62, 2],
      ['carbonateG', 105.99, 1],
    ],
  },
  'steam-volume': {
    inputs: { waterG: 18.015, temperatureC: 100 },
    keys: ['volumeL'],
    check: [['volumeL', 30.62, 2]],
  },
  'self-raising': {
    inputs: { plainFlourG: 300 },
    keys: ['bakingPowderG'],
    check: [['bakingPowderG', 10, 9]],
  },
  'yeast-equivalent': {
    inputs: { massG: 21, from: 'fresh', to: 'instant' },
    keys: ['equivalentG', 'sachets'],
    check: [
      ['equivalentG', 7, 9],
      ['sachets', 1, 9],
    ],
  },
  'weighing-tolerance': {
    inputs: { ingredient: 'flour', wantedG: 125, weighedG: 126 },
    keys: ['deviationPercent', 'verdict'],
    check: [['deviationPercent', 0.8, 9]],
  },
  // EU 1169/2011, annex XIV: 17 kJ a gram of carbohydrate.
  nutrients: {
    inputs: { lines: [{ name: 'sugar', massG: 100 }], portions: 2 },
    keys: ['proteinG', 'fatG', 'carbohydrateG', 'sugarsG', 'fibreG', 'saltG', 'energyKJ', 'energyKcal'],
    check: [['energyKJ', 850, 9]],
  },
  // Water at 20 °C (IAPWS, from memory): 998.2 kg/m³, here by Choi and Okos.
  'food-properties': {
    inputs: { waterPercent: 100, temperatureC: 20 },
    keys: ['conductivityWmK', 'densityKgM3', 'specificHeatJkgK', 'diffusivityMm2PerS'],
    check: [['diffusivityMm2PerS', 0.145, 2]],
  },
  'carry-over': {
    inputs: { shape: 'cylinder', halfThicknessMm: 40, startC: 5, ovenC: 200, outC: 60 },
    keys: ['peakC', 'riseC', 'peakMinutes', 'lowC', 'highC', 'riseLowC', 'riseHighC'],
    // Common practice: an 80 mm roast climbs on by 5 to 15 °C; see the tests of heat.
    check: [],
  },
  'tray-cooling': {
    inputs: { depthMm: 40, startC: 70, targetC: 8, airC: 3, bothFaces: true },
    keys: ['minutes'],
    check: [],
  },
  // Common practice: 4 to 5 °C above boiling water.
  'pectin-set': {
    inputs: { solidsPercent: 65, pH: 3.1 },
    keys: ['sets', 'doneC'],
    check: [['doneC', 104.5, 1]],
  },
  'gelatine-grade': {
    inputs: { massG: 10, fromBloom: 225, toBloom: 100 },
    keys: ['neededG'],
    check: [['neededG', 15, 9]],
  },
  'maillard-rate': {
    inputs: { temperatureC: 120, pH: 6, waterActivity: 0.7 },
    keys: ['relativeRate'],
    check: [['relativeRate', 1, 6]],
  },
  'enzymic-browning': {
    inputs: { minutes: 22.5, pH: 6, ascorbicPercent: 0.5 },
    keys: ['brownedPercent', 'delayMinutes'],
    check: [
      ['brownedPercent', 0, 9],
      ['delayMinutes', 22.5, 9],
    ],
  },
  // ISO 10399, table of critical numbers, α = 0.05: 15 of 20.
  'discrimination-test': {
    inputs: { test: 'duo-trio', correct: 15, trials: 20 },
    keys: ['p', 'minimumCorrect'],
    check: [
      ['minimumCorrect', 15, 9],
      ['p', 0.0207, 4],
    ],
  },
  // GUM 4.3.7: half a division over √3, times 1.96.
  uncertainty: {
    inputs: { division: 1 },
    keys: ['standard', 'expanded', 'coverageFactor', 'decimals'],
    check: [['expanded', 0.565793, 6]],
  },
  // By hand: 0 → 40 °C in 40 min enters 5 °C at 5 min; 35 min in the zone.
  'danger-zone-time': {
    inputs: {
      readings: [
        { minute: 0, celsius: 0 },
        { minute: 40, celsius: 40 },
      ],
    },
    keys: ['minutes', 'verdict'],
    check: [['minutes', 35, 9]],
  },
  // Common practice: an hour somewhere warm.
  'dough-doubling': {
    inputs: { temperatureC: 28, yeastPercent: 2.8 },
    keys: ['minutes'],
    check: [['minutes', 60, -1]],
  },
  'sauce-thickness': {
    inputs: { starchPercent: 5, temperatureC: 60 },
    keys: ['relativeThickness'],
    check: [['relativeThickness', 1, 6]],
  },
  // By hand: one of each costs 2.20, two large ones 2.80.
  'buy-packs': {
    inputs: {
      neededG: 1300,
      packs: [
        { sizeG: 500, price: 0.8 },
        { sizeG: 1000, price: 1.4 },
      ],
    },
    keys: ['packs', 'boughtG', 'leftG', 'cost'],
    check: [
      ['cost', 2.2, 9],
      ['leftG', 200, 9],
    ],
  },
  'allergen-check': {
    inputs: { ingredients: 'flour, milk' },
    keys: ['contains', 'oftenContains', 'unknown', 'allergens'],
    check: [],
  },
  // A metric cup of caster sugar is 225 g (common practice).
  ingredient: {
    inputs: { name: 'caster sugar' },
    keys: [
      'item',
      'name',
      'densityGPerMl',
      'densityLow',
      'densityHigh',
      'contains',
      'oftenContains',
      'diets',
      'jobs',
      'packs',
    ],
    check: [['densityGPerMl', 0.9, 2]],
  },
  'serving-orders': { inputs: { samples: 3, assessors: 6 }, keys: ['codes', 'orders'], check: [] },
  // Cohen (1988), table 2.4.1: 17 a group for one SD.
  'design-power': {
    inputs: { sd: 1, replicates: 17, levels: 2 },
    keys: ['detectable', 'detectableAnyPair'],
    check: [['detectable', 0.99, 2]],
  },
  // Dunnett (1964), two-sided 5 %: by the tests of statistics.
  dunnett: {
    inputs: { control: [1, 2, 3], groups: { a: [2, 3, 4], b: [7, 8, 9] } },
    keys: ['pairs'],
    check: [],
  },
  familywise: {
    inputs: { design: { levels: 2, replicates: 2 }, kind: 'score', classes: 50, seed: 1 },
    // Two against two: the best of six deals is p = 1/3, so nothing is ever told.
    keys: ['falsePercent', 'pairsPercent', 'controlPercent', 'trendPercent'],
    check: [['falsePercent', 0, 9]],
  },
};

/** R's built-in data set PlantGrowth (Dobson, 1983). */
function plantGrowth() {
  return {
    ctrl: [4.17, 5.58, 5.18, 6.11, 4.5, 4.61, 5.17, 4.53, 5.33, 5.14],
    trt1: [4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69],
    trt2: [6.31, 5.12, 5.54, 5.5, 5.37, 5.29, 4.92, 6.15, 5.8, 5.26],
  };
}

describe('the registry', () => {
  it('has every id of the contract, and no other untested', () => {
    expect(calculators.map((one) => one.id).sort()).toEqual(Object.keys(contract).sort());
  });

  it.each(Object.keys(contract))('%s answers with its keys, working and sources', (id) => {
    const { inputs, keys, check } = contract[id]!;
    const answer = runCalculator(id, inputs);
    expect(Object.keys(answer.result)).toEqual(keys);
    expect(answer.inputs).toMatchObject(inputs);
    expect(answer.working.length).toBeGreaterThan(0);
    expect(answer.sources.length).toBeGreaterThan(0);
    for (const [key, value, digits] of check) expect(answer.result[key]).toBeCloseTo(value, digits);
  });

  it('every answer can be read: no empty line, no number that is none, no source without words', () => {
    for (const { id, example } of calculators) {
      for (const inputs of [example, contract[id]!.inputs]) {
        const { result, working, sources, warnings } = runCalculator(id, inputs);
        for (const line of working) {
          expect(line.text?.trim(), id).toBeTruthy();
          expect(line.text, id).not.toMatch(/undefined|NaN|\[object|null/);
          if (line.value !== undefined) expect(Number.isFinite(line.value), `${id}: ${line.text}`).toBe(true);
        }
        for (const { kind, text } of sources) {
          expect(
            ['standard', 'handbook', 'common-practice', 'from-memory', 'guidance', 'paper'],
            id,
          ).toContain(kind);
          expect(text.length, id).toBeGreaterThan(10);
        }
        for (const warning of warnings) expect(warning, id).toMatch(/^\p{Lu}.*[.!?]$/u);
        expect(JSON.stringify(result), id).not.toMatch(/undefined|NaN/);
        for (const [key, value] of Object.entries(result)) expect(value, `${id}.${key}`).not.toBeUndefined();
      }
    }
  });

  it('what stands in the working is what was asked and what came out', () => {
    const valuesOf = (id: string, inputs: object) =>
      runCalculator(id, inputs).working.map(({ text, value, unit }) => [text, value, unit].join('|'));
    expect(valuesOf('allergen-check', { ingredients: 'butter, dragonwort, water' })).toEqual([
      'butter: milk||',
      'dragonwort: “dragonwort” not known||',
      'water: —||',
    ]);
    expect(
      runCalculator('bakers-percentages', {
        lines: [
          { name: 'Strong flour', massG: 250 },
          { name: 'Salt', massG: 5 },
        ],
      }).result.percentages,
    ).toMatchObject([
      { name: 'Strong flour', percent: 100 },
      { name: 'Salt', percent: 2 },
    ]);
  });

  it('equal readings are not without uncertainty: half of their last digit to either side', () => {
    const interval = (values: number[]) => runCalculator('describe', { values }).result.ci95;
    expect(interval([5, 5, 5])).toEqual([4.5, 5.5]);
    expect(interval([2.4, 2.4])).toEqual(
      [2.35, 2.4499999999999997].map((one) => expect.closeTo(one, 9) as number),
    );
    // By hand: SD 0.1, t = 4.303 on 2 degrees of freedom, 4.303 × 0.1 / √3 = 0.2484.
    expect(interval([5, 5.1, 4.9])).toEqual([4.7516, 5.2484].map((one) => expect.closeTo(one, 3) as number));
  });

  it('takes lists of 1 to 100 000, and no longer ones', () => {
    const most = Array.from({ length: 100_000 }, (_, i) => i % 7);
    expect(refusal('describe', { values: most })).toBeNull();
    expect(refusal('describe', { values: [...most, 1] })?.allowed).toMatch(
      /^a list of \d+ to 100000 numbers$/,
    );
    const line = { name: 'Flour', massG: 1 };
    const lines = (n: number) => ({ lines: Array.from({ length: n }, () => line) });
    expect(refusal('bakers-percentages', lines(1))).toBeNull();
    expect(refusal('bakers-percentages', lines(0))?.field).toBe('lines');
    expect(refusal('bakers-percentages', lines(100_001))?.field).toBe('lines');
  });

  const refusal = (id: string, inputs: unknown) => {
    try {
      runCalculator(id, inputs);
    } catch (error) {
      if (error instanceof RefusedValue) return error;
      throw error;
    }
    return null;
  };

  it('shows defaults, and names the field of anything wrong', () => {
    expect(runCalculator('evaporation-time', { waterG: 1, powerW: 1 }).inputs).toMatchObject({
      efficiency: 1,
      altitudeM: 0,
    });
    const held = [0, 45].map((minute) => ({ minute, celsius: 60 }));
    // 45 min at 60 °C, 70 °C and z = 7.5 °C taken for granted: 45 × 10^(−10/7.5) = 2.0887.
    expect(runCalculator('lethality', { readings: held }).result.equivalentMinutes).toBeCloseTo(2.0887, 3);
    expect(refusal('air-pressure', {})).toMatchObject({ field: 'altitudeM', value: undefined });
    expect(refusal('air-pressure', { altitudeM: 90_000 })).toMatchObject({
      field: 'altitudeM',
      value: 90_000,
    });
    expect(refusal('air-pressure', { altitudeM: '1200' })).toMatchObject({ field: 'altitudeM' });
    expect(refusal('air-pressure', { altitudeM: 0, height: 3 })).toMatchObject({ field: 'height' });
    expect(refusal('water-boiling-point', {})).toMatchObject({ field: 'altitudeM' });
    expect(refusal('temperature', { value: -300, from: 'C', to: 'F' })).toMatchObject({ field: 'value' });
    expect(refusal('temperature', { value: 3, from: 'R', to: 'F' })).toMatchObject({ field: 'from' });
    expect(refusal('describe', { values: [1, 'x'] })).toMatchObject({ field: 'values[1]' });
    expect(refusal('linear-fit', { x: [1, 1, 1], y: [1, 2, 3] })).toMatchObject({ field: 'x' });
    expect(refusal('no-such', {})).toMatchObject({ field: 'id' });
    expect(refusal('describe', null)).toMatchObject({ field: 'inputs' });
    expect(refusal('describe', { values: [] })).toMatchObject({ field: 'values' });
    expect(refusal('grubbs', { values: [2, 2, 2] })).toMatchObject({ field: 'values' });
    expect(refusal('one-way-anova', { groups: { a: [1, 1], b: [2, 2] } })).toMatchObject({ field: 'groups' });
    expect(refusal('one-way-anova', { groups: { a: [1, 2], b: [1, NaN] } })).toMatchObject({
      field: 'groups.b[1]',
      pointer: '/groups/b/1',
    });
    expect(
      refusal('carbon-dioxide', {
        bicarbonateG: 5,
        acids: [
          { kind: 'tartar', massG: 1 },
          { kind: 'soup', massG: 1 },
        ],
      }),
    ).toMatchObject({ field: 'acids[1].kind', value: 'soup', pointer: '/acids/1/kind' });
    const readings = [
      { minute: 5, celsius: 60 },
      { minute: 5, celsius: 61 },
    ];
    expect(refusal('lethality', { readings })).toMatchObject({ field: 'readings[1].minute', value: 5 });
    expect(
      refusal('colour-difference', { first: { L: 120, a: 0, b: 0 }, second: { L: 1, a: 0, b: 0 } }),
    ).toMatchObject({
      field: 'first.L',
    });
    expect(refusal('triangle-test', { correct: 2.5, trials: 10 })).toMatchObject({ field: 'correct' });
  });

  /** Words that text inputs know. */
  const words: Record<string, readonly string[]> = {
    hex: ['#a9551f', '#000', 'ffffff', '#12ab9F'],
    from: measureUnits,
    to: measureUnits,
    ingredient: ingredientItems.filter((one) => one.density).map((one) => one.name),
    starch: starches.map((one) => one.id),
    kind: [...leaveningAcids.map((one) => one.id), ...solutes.map((one) => one.id)],
    food: foodKinds.map((one) => one.id),
    authority: authorities.map((one) => one.id),
    name: ['plain flour', 'water', 'milk', 'salt'],
    text: ['Boil the vinegar.', 'Weigh the flour.', 'x'],
    ingredients: ['plain flour, milk', 'salt', 'tahini; cod, \n celery'],
  };
  const number = fc.double({ min: -1e6, max: 1e6, noNaN: true });
  const valueFor = (spec: InputSpec, name: string): fc.Arbitrary<unknown> => {
    switch (spec.kind) {
      case 'number':
        // A whole study of simulated classes is for the bench.
        if (name === 'classes') return fc.integer({ min: 1, max: 5 });
        return spec.whole
          ? fc.integer({ min: spec.low, max: spec.high })
          : fc.double({ min: spec.low, max: spec.high, noNaN: true });
      case 'choice':
        return fc.constantFrom(...spec.options);
      case 'text':
        return fc.constantFrom(...words[name]!);
      case 'flag':
        return fc.boolean();
      case 'numbers':
        return fc.array(number, { minLength: spec.least, maxLength: 30 });
      case 'record':
        return fieldsFor(spec.fields);
      case 'records':
        return fc
          .array(fieldsFor(spec.fields), { minLength: spec.least, maxLength: 12 })
          .map((rows) =>
            'minute' in spec.fields
              ? (rows as { minute: number }[]).sort((a, b) => a.minute - b.minute)
              : rows,
          );
      case 'groups':
        return fc.dictionary(
          fc.constantFrom('a', 'b', 'c', 'd', 'e'),
          fc.array(number, { minLength: spec.leastEach, maxLength: 8 }),
          { minKeys: spec.least },
        );
      case 'rows':
        return fc.integer({ min: spec.leastEach, max: 6 }).chain((length) =>
          fc.array(fc.array(number, { minLength: length, maxLength: length }), {
            minLength: spec.least,
            maxLength: 8,
          }),
        );
    }
  };
  const fieldsFor = (specs: Record<string, InputSpec>) =>
    fc.record(Object.fromEntries(Object.entries(specs).map(([name, spec]) => [name, valueFor(spec, name)])), {
      requiredKeys: Object.keys(specs).filter((name) => !specs[name]!.optional),
    });

  it.each(calculators.map((one) => [one.id, one] as const))(
    '%s: valid input over its whole range gives finite numbers or a named refusal; its example is answered',
    (id, calculator) => {
      expect(() => runCalculator(id, calculator.example)).not.toThrow();
      fc.assert(
        fc.property(fieldsFor(calculator.inputs), (inputs) => {
          try {
            const { result } = runCalculator(id, inputs);
            const leaves = (value: unknown): unknown[] =>
              typeof value === 'object' && value !== null ? Object.values(value).flatMap(leaves) : [value];
            for (const value of leaves(result)) {
              if (typeof value === 'number') expect(Number.isFinite(value)).toBe(true);
            }
          } catch (error) {
            // Values that only clash with each other (a syrup boiling below water) are refused by field too.
            expect(error).toBeInstanceOf(RefusedValue);
            const { field, allowed } = error as RefusedValue;
            expect(field.length * allowed.length).toBeGreaterThan(0);
          }
        }),
        { numRuns: 60 },
      );
    },
    60_000,
  );

  /** What more of an input does to a result, the rest as in the example. */
  const trends: [id: string, input: string, key: string, direction: 1 | -1, from: number, to: number][] = [
    ['air-pressure', 'altitudeM', 'pressureKPa', -1, -500, 11_000],
    ['water-boiling-point', 'altitudeM', 'boilingC', -1, -500, 11_000],
    ['latent-heat', 'temperatureC', 'kJPerKg', -1, 0, 370],
    ['evaporation-time', 'waterG', 'minutes', 1, 0, 10_000],
    ['evaporation-time', 'powerW', 'minutes', -1, 10, 5000],
    ['syrup-boiling-point', 'sucrosePercent', 'boilingC', 1, 0, 99.5],
    ['syrup-concentration', 'boilingC', 'sucrosePercent', 1, 100, 166],
    ['water-activity', 'waterG', 'waterActivity', 1, 5, 5000],
    ['stage-target', 'seaLevelC', 'localC', 1, 0, 300],
    ['thermometer-correction', 'readingC', 'trueC', 1, -50, 300],
    ['oven-setting', 'value', 'conventionalF', 1, 50, 300],
    ['kitchen-measure', 'amount', 'amount', 1, 0, 1000],
    ['carbon-dioxide', 'bicarbonateG', 'volumeL', 1, 0, 20],
    ['neutralising-acid', 'bicarbonateG', 'acidG', 1, 0, 100],
    ['egg-time', 'massG', 'minutes', 1, 20, 200],
    ['egg-time', 'yolkC', 'minutes', 1, 45, 94],
    ['egg-doneness', 'minutes', 'yolkPeakC', 1, 0.5, 30],
    ['centre-temperature', 'minutes', 'centreC', 1, 0, 500],
    ['centre-temperature', 'halfThicknessMm', 'centreC', -1, 2, 100],
    ['bake-time-scaling', 'newHalfThicknessMm', 'minutes', 1, 2, 100],
    ['cooling-forecast', 'targetC', 'minutes', -1, 21, 54],
    ['starch-gelatinisation', 'temperatureC', 'fraction', 1, 20, 120],
    ['starch-gelatinisation', 'sugarPercent', 'fraction', -1, 0, 65],
    ['overrun', 'massAfterG', 'overrunPercent', -1, 10, 100],
    ['q10', 'rate2', 'q10', 1, 0.1, 100],
    ['triangle-test', 'correct', 'p', -1, 0, 18],
  ];

  it.each(trends)('%s: more %s moves %s by %i', (id, input, key, direction, from, to) => {
    const { example, inputs } = calculators.find((one) => one.id === id)!;
    const spec = inputs[input] as { whole?: boolean };
    let before: number | null = null;
    for (let i = 0; i <= 40; i += 1) {
      const value = from + ((to - from) * i) / 40;
      const given = { ...example, [input]: spec.whole ? Math.round(value) : value };
      const here = runCalculator(id, given).result[key] as number;
      if (before !== null) expect((here - before) * direction).toBeGreaterThanOrEqual(-1e-9);
      before = here;
    }
  });

  it.each(calculators.map((one) => [one.id, one] as const))(
    '%s: a slip in any one field is refused under the name of that field',
    (id, calculator) => {
      for (const [name, spec] of Object.entries(calculator.inputs)) {
        const slips: unknown[] = [null, NaN, Infinity, {}, [[]], '', ' ', () => 1];
        if (spec.kind !== 'text') slips.push('1S0', '12 g');
        if (spec.kind !== 'flag') slips.push(true);
        if (spec.kind === 'number')
          slips.push(spec.low - 1e-6 - Math.abs(spec.low) * 1e-6, spec.high * 1.001 + 1);
        if (spec.kind === 'number' && spec.whole) slips.push(spec.low + 0.5);
        if (spec.kind === 'numbers') slips.push([], [1, null], [1, '2'], [NaN, 1, 2, 3], [1e300, 1, 2, 3]);
        if (spec.kind === 'records') slips.push([null], [{}], [1], [{ nothing: 1 }]);
        if (spec.kind === 'groups')
          slips.push([], { a: 1 }, { a: [1, 2], b: [1, 'x'] }, ...(spec.least > 1 ? [{ a: [1, 2] }] : [{}]));
        if (spec.kind === 'rows')
          slips.push(
            [],
            [1, 2],
            [[1, 2], [1]],
            [
              [1, NaN],
              [1, 2],
            ],
          );
        for (const slip of slips) {
          const refused = refusal(id, { ...calculator.example, [name]: slip });
          expect(refused, `${name} = ${String(JSON.stringify(slip))}`).not.toBeNull();
          expect(refused!.field.split(/[.[]/)[0], `${name} = ${String(JSON.stringify(slip))}`).toBe(name);
        }
      }
    },
  );

  it('turns rubbish away with a typed error', () => {
    fc.assert(
      fc.property(fc.constantFrom(...calculators), fc.anything(), (calculator, rubbish) => {
        try {
          runCalculator(calculator.id, rubbish);
        } catch (error) {
          expect(error).toBeInstanceOf(RefusedValue);
        }
      }),
      { numRuns: 400 },
    );
  });
});
