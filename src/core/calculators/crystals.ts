import { doctorRatio, saturatedSucrosePercent, solubilitySource, supersaturation } from '../sugar';
import { defineCalculator } from './definition';

export const supersaturationCalculator = defineCalculator({
  id: 'supersaturation',
  title: 'Will a syrup crystallise?',
  keywords: 'crystal fudge saturated solubility sucrose grain',
  example: { sucrosePercent: 85, temperatureC: 45 },
  inputs: {
    sucrosePercent: { kind: 'number', unit: '%', low: 0, high: 99, about: 'sucrose by mass' },
    temperatureC: { kind: 'number', unit: '°C', low: 0, high: 100, about: 'of the syrup' },
  },
  compute({ sucrosePercent, temperatureC }) {
    const ratio = supersaturation(sucrosePercent, temperatureC);
    const saturatedPercent = saturatedSucrosePercent(temperatureC);
    return {
      result: { supersaturation: ratio, saturatedPercent },
      working: [
        { text: 'saturated at that temperature', value: saturatedPercent, unit: '%' },
        { text: 'supersaturation = sugar a gram of water holds, over what saturation would', value: ratio },
        {
          text:
            ratio < 1 ? 'dissolves more' : ratio < 1.2 ? 'slow to crystallise' : 'crystallises at a touch',
        },
      ],
      sources: [solubilitySource],
    };
  },
});

export const doctorRatioCalculator = defineCalculator({
  id: 'doctor-ratio',
  title: 'Doctor ratio: what hinders crystals',
  keywords: 'doctor invert sugar glucose corn syrup crystals candy',
  example: { sucroseG: 100, doctorG: 32 },
  inputs: {
    sucroseG: { kind: 'number', unit: 'g', low: 0.01, high: 100_000, about: 'sucrose' },
    doctorG: {
      kind: 'number',
      unit: 'g',
      low: 0,
      high: 100_000,
      about: 'solids of glucose syrup, invert sugar, honey',
    },
  },
  compute({ sucroseG, doctorG }) {
    const { percent, hinders } = doctorRatio(sucroseG, doctorG);
    return {
      result: { doctorPercent: percent, hinders },
      working: [
        { text: 'doctor ratio = 100 × doctor / (doctor + sucrose)', value: percent, unit: '%' },
        { text: 'hard sweets are made with 30 to 50 %; too much stays sticky' },
      ],
      sources: [{ kind: 'from-memory', text: 'Confectioners’ ranges' }],
    };
  },
});
