/** A calculator as it was agreed: an example, the keys of its result, and values from outside. */
export interface Agreed {
  inputs: object;
  keys: string[];
  check: [key: string, value: number, digits: number][];
}

export const contractOne: Record<string, Agreed> = {
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
};
