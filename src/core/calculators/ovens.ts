import { formatNumber } from '../format';
import { ovenScales, ovenSetting, ovenSource, usualFanOffsetC } from '../heat';
import { defineCalculator } from './definition';

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
