import { forecastCooling, newtonSource } from '../heat';
import { defineCalculator } from './definition';
import { readingsInput } from './inputs';

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
        ...(high === null
          ? [
              'Within a degree or two of the surroundings: in a slightly warmer room it would never get there.',
            ]
          : []),
        'The surroundings are taken as known to 1 °C.',
        ...(r2 < 0.98
          ? ['The readings do not follow one exponential: stirring, steam or a lid changed it.']
          : []),
        ...(readings.length < 5 ? ['Few readings: the interval is wide for a reason.'] : []),
      ],
    };
  },
});
