import { formatNumber } from '../format';
import {
  biotNumber,
  fourierNumber,
  scaledBakeTime,
  seriesSource,
  shapes,
  sizeScalingSource,
  unaccomplished,
} from '../heat';
import { defineCalculator } from './definition';

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
