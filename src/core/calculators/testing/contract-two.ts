import type { Agreed } from './contract-one';

/** R's built-in data set PlantGrowth (Dobson, 1983). */
function plantGrowth() {
  return {
    ctrl: [4.17, 5.58, 5.18, 6.11, 4.5, 4.61, 5.17, 4.53, 5.33, 5.14],
    trt1: [4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69],
    trt2: [6.31, 5.12, 5.54, 5.5, 5.37, 5.29, 4.92, 6.15, 5.8, 5.26],
  };
}

export const contractTwo: Record<string, Agreed> = {
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
