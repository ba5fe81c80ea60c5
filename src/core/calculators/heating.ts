import { RefusedValue } from '../bounds';
import { coldIntoHot, heatingUp, heatingUpSource } from '../heat';
import { boilingAtAltitude, saturationSource } from '../water';
import { defineCalculator } from './definition';
import { altitudeInput } from './inputs';

export const timeToBoil = defineCalculator({
  id: 'time-to-boil',
  title: 'How long to the boil',
  keywords: 'boil heat up water pan kettle lid hob ring minutes wait',
  example: { waterG: 1000, startC: 15, powerW: 1800, lid: true },
  inputs: {
    waterG: { kind: 'number', unit: 'g', low: 1, high: 100_000, about: 'water in the pan' },
    startC: { kind: 'number', unit: '°C', low: 0, high: 100, about: 'what it begins at' },
    powerW: { kind: 'number', unit: 'W', low: 1, high: 100_000, about: 'power of the ring at its mark' },
    lid: { kind: 'flag', about: 'the lid is on' },
    altitudeM: altitudeInput,
  },
  compute({ waterG, startC, powerW, lid, altitudeM }) {
    const boilingC = boilingAtAltitude(altitudeM);
    const { minutes, low, high, lossW, heatKJ, intoPanW } = heatingUp(waterG, startC, boilingC, powerW, lid);
    return {
      result: { minutes, low, high },
      working: [
        { text: 'C dT/dt = η P − K (T − 20 °C), from the start to the boil' },
        { text: 'boiling point here', value: boilingC, unit: '°C' },
        { text: 'heat into water and pan', value: heatKJ, unit: 'kJ' },
        { text: 'η P, at 80 % into the pan (95 % low, 60 % high)', value: intoPanW, unit: 'W' },
        { text: lid ? 'lost at the boil, lid on' : 'lost at the boil, no lid', value: lossW, unit: 'W' },
        { text: 't', value: minutes, unit: 'min' },
      ],
      sources: [heatingUpSource, saturationSource],
      warnings: [
        'A sluggish plate takes its own minutes to get hot: add them, or measure one pan and use that.',
      ],
    };
  },
});

const specificHeat = (fallback: number, about: string) =>
  ({ kind: 'number', unit: 'J/(kg K)', low: 500, high: 4500, optional: true, fallback, about }) as const;
/** Whole egg, and about what food is that is mostly water (handbook; milk 3900, lean meat 3400). */
const foodJkgK = 3700;

export const coldIntoHotCalculator = defineCalculator({
  id: 'cold-into-hot',
  title: 'Something cold into something hot',
  keywords: 'cold hot mix drop recover boil eggs milk cream pour temperature dip',
  example: { hotG: 1000, hotC: 100, coldG: 240, coldC: 5, powerW: 1200 },
  inputs: {
    hotG: { kind: 'number', unit: 'g', low: 0.1, high: 1e6, about: 'what is hot' },
    hotC: { kind: 'number', unit: '°C', low: -50, high: 400, about: 'its temperature' },
    coldG: { kind: 'number', unit: 'g', low: 0.1, high: 1e6, about: 'what goes into it' },
    coldC: { kind: 'number', unit: '°C', low: -50, high: 400, about: 'its temperature' },
    powerW: {
      kind: 'number',
      unit: 'W',
      low: 1,
      high: 100_000,
      optional: true,
      about: 'heat to spare while it goes in',
    },
    hotSpecificHeatJkgK: specificHeat(4190, 'of what is hot: water 4190, sugar syrup 2500'),
    coldSpecificHeatJkgK: specificHeat(
      foodJkgK,
      'of what goes in: egg 3700, milk 3900, water 4190, condensed milk 2200',
    ),
  },
  compute({ hotG, hotC, coldG, coldC, powerW, hotSpecificHeatJkgK, coldSpecificHeatJkgK }) {
    if (coldC >= hotC) throw new RefusedValue('coldC', coldC, `less than hotC, ${hotC} °C`);
    const { mixedC, heatKJ } = coldIntoHot(
      { massG: hotG, celsius: hotC, heatKJ: hotSpecificHeatJkgK / 1000 },
      { massG: coldG, celsius: coldC, heatKJ: coldSpecificHeatJkgK / 1000 },
    );
    const recoverMinutes = powerW === undefined ? null : (heatKJ * 1000) / powerW / 60;
    return {
      result: {
        mixedC,
        recoverMinutes,
        dropC: hotC - mixedC,
        heatKJ,
        pourGPerMinute: recoverMinutes === null ? null : coldG / recoverMinutes,
      },
      working: [
        { text: 'm₁c₁(T₁ − T) = m₂c₂(T − T₂)' },
        { text: 'both together, before any more heat', value: mixedC, unit: '°C' },
        { text: 'heat wanting to be as hot as before: m₂c₂(T₁ − T₂)', value: heatKJ, unit: 'kJ' },
        ...(recoverMinutes === null
          ? []
          : [
              { text: 'by the power to spare', value: recoverMinutes, unit: 'min' },
              { text: 'poured no faster it stays as hot', value: coldG / recoverMinutes, unit: 'g/min' },
            ]),
      ],
      sources: [
        {
          kind: 'handbook',
          text: 'Heat balance of mixing; specific heat of water 4.19, of whole egg about 3.7 kJ/(kg K)',
        },
      ],
      warnings: [
        ...(coldSpecificHeatJkgK === foodJkgK
          ? ['What goes in is counted as food, 3700 J/(kg K), such as egg; give 4190 for water.']
          : []),
        ...(coldC < 0 ? ['Ice melts besides (334 kJ/kg): that is not counted.'] : []),
      ],
    };
  },
});
