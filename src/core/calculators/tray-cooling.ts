import { RefusedValue } from '../bounds';
import { choiOkosSource, seriesSource, thickSoup, trayMinutes } from '../heat';
import { whoDecides } from '../safety';
import { defineCalculator } from './definition';

export const trayCooling = defineCalculator({
  id: 'tray-cooling',
  title: 'How fast a tray of food cools',
  keywords: 'cool tray depth shallow deep soup sauce refrigerator chill',
  example: { depthMm: 40, startC: 70, targetC: 8, airC: 3, bothFaces: true },
  inputs: {
    depthMm: { kind: 'number', unit: 'mm', low: 5, high: 200, about: 'depth of the food' },
    startC: { kind: 'number', unit: '°C', low: 5, high: 100, about: 'when cooling begins' },
    targetC: { kind: 'number', unit: '°C', low: 0, high: 90, about: 'wanted in the warmest place' },
    airC: { kind: 'number', unit: '°C', low: -40, high: 40, about: 'refrigerator, blast chiller or room' },
    bothFaces: { kind: 'flag', optional: true, about: 'cooled from below too: on a rack, true' },
    heatTransferWm2K: {
      kind: 'number',
      unit: 'W/m²·K',
      low: 3,
      high: 600,
      optional: true,
      fallback: 12,
      about: 'still air 8 to 12, blast 30, ice water 500',
    },
  },
  compute({ depthMm, startC, targetC, airC, bothFaces = false, heatTransferWm2K }) {
    if (targetC <= airC)
      throw new RefusedValue('targetC', targetC, `above the air’s ${airC} °C: it is never reached`);
    if (targetC >= startC)
      throw new RefusedValue('targetC', targetC, `below the ${startC} °C it starts with`);
    const minutes = trayMinutes(
      { depthMm, material: thickSoup, bothFaces, airC, heatTransferWm2K },
      startC,
      targetC,
    );
    return {
      result: { minutes },
      working: [
        { text: 'half thickness that counts', value: bothFaces ? depthMm / 2 : depthMm, unit: 'mm' },
        minutes === null
          ? { text: 'not in a day' }
          : { text: 'the warmest place is there after', value: minutes, unit: 'min' },
      ],
      sources: [seriesSource, choiOkosSource],
      warnings: ['Thick soup that does not turn over; stirring helps more than anything.', whoDecides],
    };
  },
});
