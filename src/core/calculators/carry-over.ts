import { RefusedValue } from '../bounds';
import { carryOver, carryOverSource, shapes, type Material } from '../heat';
import { whoDecides } from '../safety';
import { boilingAtAltitude } from '../water';
import { defineCalculator } from './definition';
import { altitudeInput } from './inputs';

export const carryOverCalculator = defineCalculator({
  id: 'carry-over',
  title: 'How far the core climbs after it comes out',
  keywords: 'rest resting roast carry over peak core oven',
  example: { shape: 'cylinder', halfThicknessMm: 40, startC: 5, ovenC: 200, outC: 60 },
  inputs: {
    shape: { kind: 'choice', options: shapes, about: 'slab, long cylinder, or sphere' },
    halfThicknessMm: {
      kind: 'number',
      unit: 'mm',
      low: 3,
      high: 150,
      about: 'half the thickness, or the radius',
    },
    startC: { kind: 'number', unit: '°C', low: 0, high: 40, about: 'its temperature before' },
    ovenC: { kind: 'number', unit: '°C', low: 80, high: 300, about: 'the oven' },
    outC: { kind: 'number', unit: '°C', low: 30, high: 95, about: 'the core when it is taken out' },
    heatTransferWm2K: {
      kind: 'number',
      unit: 'W/m²·K',
      low: 5,
      high: 60,
      optional: true,
      fallback: 25,
      about: 'still oven 18, fan 28',
    },
    altitudeM: altitudeInput,
  },
  compute({ shape, halfThicknessMm, startC, ovenC, outC, heatTransferWm2K, altitudeM }) {
    if (outC >= ovenC - 1) throw new RefusedValue('outC', outC, `below the oven’s ${ovenC} °C`);
    if (outC <= startC) throw new RefusedValue('outC', outC, `above the ${startC} °C it starts with`);
    const meat: Material = { conductivityWmK: 0.48, densityKgM3: 1060, specificHeatJkgK: 3500 };
    const localBoilingC = boilingAtAltitude(altitudeM);
    const { peakC, peakMinutes, lowC, highC } = carryOver(
      { shape, halfThicknessM: halfThicknessMm / 1000, material: meat },
      { startC, ovenC, ovenFilm: heatTransferWm2K, localBoilingC },
      outC,
    );
    return {
      result: {
        peakC,
        riseC: peakC - outC,
        peakMinutes,
        lowC,
        highC,
        riseLowC: lowC - outC,
        riseHighC: highC - outC,
      },
      working: [
        { text: 'heated by the conduction grid until the core is at', value: outC, unit: '°C' },
        {
          text: 'a moist surface steams and gets no hotter than water boils here',
          value: localBoilingC,
          unit: '°C',
        },
        { text: 'then left in a room of 21 °C: the core peaks at', value: peakC, unit: '°C' },
        { text: 'after', value: peakMinutes, unit: 'min' },
        { text: 'with a surface that stays wet', value: lowC, unit: '°C' },
        { text: 'with one that dried to a crust, or rests under foil', value: highC, unit: '°C' },
      ],
      sources: [carryOverSource],
      warnings: [
        'A teaching model, not a promise: a core short of its limit may stay short of it. The probe decides, in the thickest place, while it rests.',
        whoDecides,
      ],
    };
  },
});
