import { RefusedValue } from '../bounds';
import { formatNumber } from '../format';
import { longestZoneGapMinutes, minutesBetween, minutesUnseen, twoFourHourRule, whoDecides } from '../safety';
import { defineCalculator } from './definition';
import { readingsInput } from './inputs';

export const dangerZoneTime = defineCalculator({
  id: 'danger-zone-time',
  title: 'How long was it in the danger zone?',
  keywords: 'danger zone two hour four hour rule warm time microbes left out',
  example: {
    readings: [
      { minute: 0, celsius: 4 },
      { minute: 20, celsius: 12 },
      { minute: 150, celsius: 20 },
      { minute: 190, celsius: 4 },
    ],
  },
  inputs: {
    readings: readingsInput(2),
    lowC: {
      kind: 'number',
      unit: '°C',
      low: 0,
      high: 15,
      optional: true,
      fallback: 5,
      about: 'lower end of the zone',
    },
    highC: {
      kind: 'number',
      unit: '°C',
      low: 50,
      high: 70,
      optional: true,
      fallback: 60,
      about: 'upper end: 60, UK 63, FDA 57',
    },
  },
  compute({ readings, lowC, highC }) {
    if (readings.length < 2) throw new RefusedValue('readings', readings, 'at least 2 readings');
    const minutes = minutesBetween(readings, lowC, highC);
    const unseen = minutesUnseen(readings, lowC, highC);
    const verdict = twoFourHourRule(minutes, unseen);
    const missing = `readings between: more than ${longestZoneGapMinutes} min went by without one`;
    return {
      result: { minutes, verdict, ...(verdict === 'cannot-tell' && { missing }) },
      working: [
        {
          text: `between ${formatNumber(lowC)} and ${formatNumber(highC)} °C, all stays added up`,
          value: minutes,
          unit: 'min',
        },
        ...(unseen > 0 ? [{ text: 'nobody saw where it was, besides', value: unseen, unit: 'min' }] : []),
        { text: 'under 2 h: use or chill; 2 to 4 h: use now; over 4 h: throw away' },
      ],
      sources: [{ kind: 'from-memory', text: 'The 2 h / 4 h rule as it is taught where it applies' }],
      warnings: [
        ...(verdict === 'cannot-tell' ? [`Can’t tell. Missing: ${missing}.`] : []),
        'Times before the first reading are not known to it.',
        whoDecides,
      ],
    };
  },
});
