import { formatNumber } from '../format';
import {
  biotNumber,
  cookEgg,
  donenessAt,
  donenessSource,
  eggClosedFormSource,
  eggMethods,
  eggMinutes,
  eggModelSource,
  forecastCooling,
  fourierNumber,
  newtonSource,
  ovenScales,
  ovenSetting,
  ovenSource,
  scaledBakeTime,
  seriesSource,
  shapes,
  sizeScalingSource,
  unaccomplished,
  usualFanOffsetC,
  yolkDoneness,
} from '../heat';
import { boilingAtAltitude, saturationSource, standardAtmosphereSource } from '../water';
import { defineCalculator } from './definition';
import { altitudeInput, readingsInput } from './inputs';

const eggInputs = {
  massG: { kind: 'number', unit: 'g', low: 20, high: 200, about: 'the egg with its shell' },
  startC: { kind: 'number', unit: '°C', low: 0, high: 40, about: 'its temperature before' },
} as const;

export const ovenSettingCalculator = defineCalculator({
  id: 'oven-setting',
  title: 'Oven settings: °C, °F, fan, gas mark',
  keywords: 'oven gas mark fan convection degrees setting',
  example: { value: 180, from: 'C' },
  inputs: {
    value: { kind: 'number', unit: '', low: 0.25, high: 572, about: 'the setting' },
    from: {
      kind: 'choice',
      options: ovenScales,
      about: 'C or F of a still oven, fanC of a fan oven, or gas',
    },
    fanOffsetC: {
      kind: 'number',
      unit: '°C',
      low: 0,
      high: 40,
      optional: true,
      fallback: usualFanOffsetC,
      about: 'how much lower a fan oven is set',
    },
  },
  compute({ value, from, fanOffsetC }) {
    const setting = ovenSetting(value, from, fanOffsetC);
    return {
      result: { ...setting },
      working: [
        { text: 'still oven', value: setting.conventionalC, unit: '°C' },
        {
          text: '°F = 9/5 × °C + 32; from a gas mark, °F = 250 + 25 × mark',
          value: setting.conventionalF,
          unit: '°F',
        },
        { text: `fan oven = still − ${formatNumber(fanOffsetC)}`, value: setting.fanC, unit: '°C' },
        setting.gasMark === null
          ? { text: 'no gas mark is within 12 °C' }
          : { text: 'nearest gas mark', value: setting.gasMark },
      ],
      sources: [ovenSource],
      warnings: ['An oven’s dial is often 10 to 20 °C off: put a thermometer in.'],
    };
  },
});

export const eggTime = defineCalculator({
  id: 'egg-time',
  title: 'Minutes to boil an egg',
  keywords: 'egg boil soft hard yolk time minutes',
  example: { massG: 60, startC: 21, yolkC: 65, altitudeM: 1200 },
  inputs: {
    ...eggInputs,
    yolkC: {
      kind: 'number',
      unit: '°C',
      low: 20,
      high: 99,
      about: 'wanted at the edge of the yolk: 63 soft, 75 firm',
    },
    altitudeM: altitudeInput,
  },
  compute({ massG, startC, yolkC, altitudeM }) {
    const waterC = boilingAtAltitude(altitudeM);
    const minutes = eggMinutes(massG, startC, yolkC, waterC);
    return {
      result: { minutes },
      working: [
        { text: 'water boils here at', value: waterC, unit: '°C' },
        { text: 't = M^⅔ c ρ^⅓ / (K π² (4π/3)^⅔) · ln(0.76 (T₀ − T_w)/(T_y − T_w))' },
        { text: `M = ${formatNumber(massG)} g, c = 3.7 J/g·K, ρ = 1.038 g/cm³, K = 0.0054 W/cm·K` },
        { text: 'logarithm', value: Math.log((0.76 * (startC - waterC)) / (yolkC - waterC)) },
        { text: 't', value: minutes, unit: 'min' },
      ],
      sources: [eggClosedFormSource, saturationSource, standardAtmosphereSource],
      warnings: [
        'First term only: it runs ahead of the whole sphere, by up to 3 °C for soft yolks.',
        ...(minutes > 15 ? ['Long: the outer white turns rubbery.'] : []),
      ],
    };
  },
});

export const eggDoneness = defineCalculator({
  id: 'egg-doneness',
  title: 'How done an egg is',
  keywords: 'egg yolk soft medium hard boil stand doneness',
  example: { massG: 60, startC: 21, method: 'boiling-start', minutes: 7.5, altitudeM: 1200 },
  inputs: {
    ...eggInputs,
    method: {
      kind: 'choice',
      options: eggMethods,
      about: 'into boiling water; from cold, timed from the boil; boiled up and left standing covered',
    },
    minutes: { kind: 'number', unit: 'min', low: 0, high: 60, about: 'as that school counts them' },
    altitudeM: altitudeInput,
  },
  compute({ massG, startC, method, minutes, altitudeM }) {
    const localBoilingC = boilingAtAltitude(altitudeM);
    const { yolkCentreC, yolkPeakC } = cookEgg({ massG, localBoilingC }, startC, method, minutes);
    const step = donenessAt(yolkDoneness, yolkPeakC);
    return {
      result: { yolkCentreC, yolkPeakC, doneness: step.name },
      working: [
        { text: 'water boils here at', value: localBoilingC, unit: '°C' },
        {
          text: 'a sphere of the egg’s mass in 30 shells, heated through its surface, then quenched in water of 15 °C',
        },
        { text: 'centre of the yolk when it is taken out', value: yolkCentreC, unit: '°C' },
        { text: 'highest it gets in the quench', value: yolkPeakC, unit: '°C' },
        { text: `${step.name}: ${step.why}` },
      ],
      sources: [eggModelSource, donenessSource, saturationSource],
      warnings: [
        'Teaching model: eggs differ; without the quench it cooks on further. Food safety is decided by the probe and the authority.',
      ],
    };
  },
});

export const centreTemperature = defineCalculator({
  id: 'centre-temperature',
  title: 'Temperature at the centre of a food',
  keywords: 'core centre conduction oven heat slab cylinder sphere biot fourier',
  example: {
    shape: 'cylinder',
    halfThicknessMm: 15,
    conductivityWmK: 0.48,
    densityKgM3: 1060,
    specificHeatJkgK: 3500,
    heatTransferWm2K: 25,
    startC: 5,
    mediumC: 200,
    minutes: 15,
  },
  inputs: {
    shape: {
      kind: 'choice',
      options: shapes,
      about: 'slab heated from both faces, long cylinder, or sphere',
    },
    halfThicknessMm: {
      kind: 'number',
      unit: 'mm',
      low: 0.5,
      high: 300,
      about: 'half the thickness, or the radius',
    },
    conductivityWmK: {
      kind: 'number',
      unit: 'W/m·K',
      low: 0.02,
      high: 400,
      about: 'meat about 0.48, crumb 0.2',
    },
    densityKgM3: { kind: 'number', unit: 'kg/m³', low: 50, high: 9000, about: 'meat about 1060' },
    specificHeatJkgK: {
      kind: 'number',
      unit: 'J/kg·K',
      low: 300,
      high: 5000,
      about: 'meat about 3500, water 4186',
    },
    heatTransferWm2K: {
      kind: 'number',
      unit: 'W/m²·K',
      low: 1,
      high: 10_000,
      about: 'oven 15 to 30, boiling water 1000 and more',
    },
    startC: { kind: 'number', unit: '°C', low: -1, high: 150, about: 'its temperature before, unfrozen' },
    mediumC: { kind: 'number', unit: '°C', low: -40, high: 400, about: 'oven, water or air' },
    minutes: { kind: 'number', unit: 'min', low: 0, high: 10_000, about: 'for how long' },
  },
  compute({ shape, halfThicknessMm, heatTransferWm2K, startC, mediumC, minutes, ...material }) {
    const half = halfThicknessMm / 1000;
    const biot = biotNumber(heatTransferWm2K, half, material.conductivityWmK);
    const fourier = fourierNumber(material, half, minutes * 60);
    const theta = unaccomplished(shape, biot, fourier);
    const centreC = mediumC + (startC - mediumC) * theta;
    return {
      result: { centreC, biot, fourier },
      working: [
        { text: 'Bi = h L / k: inside against surface', value: biot },
        { text: 'Fo = α t / L²: how far the heat has come', value: fourier },
        { text: 'θ = Σ C e^(−ζ² Fo): what is still missing', value: theta },
        {
          text: `centre = ${formatNumber(mediumC)} + (${formatNumber(startC)} − ${formatNumber(mediumC)}) θ`,
          value: centreC,
          unit: '°C',
        },
      ],
      sources: [seriesSource],
      warnings: [
        ...(fourier > 0 && fourier < 0.005 ? ['Early: the heat has hardly left the surface.'] : []),
        ...(mediumC > 100 && centreC > 100
          ? ['Above 100 °C a moist centre boils instead of getting hotter.']
          : []),
      ],
    };
  },
});

export const bakeTimeScaling = defineCalculator({
  id: 'bake-time-scaling',
  title: 'Baking time for another thickness',
  keywords: 'tin size thickness bake time scale smaller larger',
  example: { knownMinutes: 25, knownHalfThicknessMm: 20, newHalfThicknessMm: 12 },
  inputs: {
    knownMinutes: { kind: 'number', unit: 'min', low: 0.1, high: 1440, about: 'time that is known' },
    knownHalfThicknessMm: {
      kind: 'number',
      unit: 'mm',
      low: 0.5,
      high: 300,
      about: 'half the thickness it is known for',
    },
    newHalfThicknessMm: { kind: 'number', unit: 'mm', low: 0.5, high: 300, about: 'half the new thickness' },
    biot: {
      kind: 'number',
      unit: '',
      low: 0.001,
      high: 1000,
      optional: true,
      about: 'Biot number of the known size',
    },
  },
  compute({ knownMinutes, knownHalfThicknessMm, newHalfThicknessMm, biot }) {
    const scaled = scaledBakeTime(knownMinutes, knownHalfThicknessMm, newHalfThicknessMm, biot);
    const ratio = newHalfThicknessMm / knownHalfThicknessMm;
    return {
      result: { ...scaled },
      working: [
        { text: 'thickness, new over known', value: ratio },
        { text: 'where the surface decides: time × ratio', value: knownMinutes * ratio, unit: 'min' },
        { text: 'where the inside decides: time × ratio²', value: knownMinutes * ratio ** 2, unit: 'min' },
        {
          text:
            biot === undefined
              ? 'between them: time × ratio^1.5'
              : `by ζ₁ of the slab at Bi = ${formatNumber(biot, 2)}`,
          value: scaled.minutes,
          unit: 'min',
        },
      ],
      sources: [sizeScalingSource],
      warnings: [
        'Look early: crust, tin and oven change as well.',
        ...(ratio > 3 || ratio < 1 / 3 ? ['A long way from what is known.'] : []),
      ],
    };
  },
});

export const coolingForecast = defineCalculator({
  id: 'cooling-forecast',
  title: 'When a cooling food will be cold enough',
  keywords: 'cool cooling chill newton time constant refrigerator forecast',
  example: {
    readings: [
      { minute: 0, celsius: 80 },
      { minute: 10, celsius: 66 },
      { minute: 20, celsius: 55 },
    ],
    ambientC: 20,
    targetC: 25,
  },
  inputs: {
    readings: readingsInput(3),
    ambientC: { kind: 'number', unit: '°C', low: -90, high: 400, about: 'the surroundings' },
    targetC: { kind: 'number', unit: '°C', low: -90, high: 400, about: 'the temperature wanted' },
  },
  compute({ readings, ambientC, targetC }) {
    const { minutes, low, high, atMinute, timeConstantMinutes, r2 } = forecastCooling(
      readings,
      ambientC,
      targetC,
    );
    return {
      result: { minutes, low, high, atMinute, timeConstantMinutes },
      working: [
        { text: 'ln(T − surroundings) against time is a straight line' },
        { text: 'time constant τ = −1/slope', value: timeConstantMinutes, unit: 'min' },
        { text: 'r² of that line', value: r2 },
        { text: 'target on the clock of the readings', value: atMinute, unit: 'min' },
        { text: 'after the last reading', value: minutes, unit: 'min' },
      ],
      sources: [newtonSource],
      warnings: [
        ...(r2 < 0.98
          ? ['The readings do not follow one exponential: stirring, steam or a lid changed it.']
          : []),
        ...(readings.length < 5 ? ['Few readings: the interval is wide for a reason.'] : []),
      ],
    };
  },
});
