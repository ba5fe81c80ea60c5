import { fillOf, portionsByCount, portionsByMass } from '../batch';
import { RefusedValue } from '../bounds';
import { dosesOf, usualDosesSource } from '../dose';
import { formatNumber } from '../format';
import {
  bakingPowderSource,
  gasVolumeL,
  leaveningSum,
  neutralisingSource,
  stoichiometrySource,
} from '../leavening';
import { pressureAtAltitude, standardAtmosphereSource } from '../water';
import type { Source } from '../working';
import { defineCalculator } from './definition';
import { altitudeInput } from './inputs';

const commonPractice = (text: string): Source => ({ kind: 'common-practice', text });

export const portions = defineCalculator({
  id: 'portions',
  title: 'A batch in pieces',
  keywords: 'portion pieces divide dough scale count weigh each',
  example: { batchG: 460, pieces: 6 },
  oneOf: ['pieces', 'pieceG'],
  inputs: {
    batchG: { kind: 'number', unit: 'g', low: 0, high: 1e6, about: 'the whole batch' },
    pieces: {
      kind: 'number',
      unit: '',
      low: 1,
      high: 10_000,
      whole: true,
      optional: true,
      about: 'how many',
    },
    pieceG: { kind: 'number', unit: 'g', low: 0.01, high: 1e6, optional: true, about: 'or how heavy each' },
  },
  compute({ batchG, pieces, pieceG }) {
    const shared = pieces === undefined ? portionsByMass(batchG, pieceG!) : portionsByCount(batchG, pieces);
    return {
      result: { pieces: shared.pieces, pieceG: shared.pieceG, leftG: shared.leftG },
      working: [
        pieces === undefined
          ? { text: 'batch / piece, whole pieces', value: shared.pieces }
          : { text: 'batch / pieces, down to what a balance shows', value: batchG / pieces, unit: 'g' },
        { text: 'left over', value: shared.leftG, unit: 'g' },
      ],
      sources: [commonPractice('Pieces are weighed down to whole grams, below 20 g to half grams')],
    };
  },
});

export const fill = defineCalculator({
  id: 'fill',
  title: 'How full a tin or pan is',
  keywords: 'tin volume fill headspace overflow foam pan mould cup rise',
  example: { batchMl: 440, vesselMl: 630, rise: 1.8 },
  inputs: {
    batchMl: { kind: 'number', unit: 'ml', low: 0, high: 1e6, about: 'volume of the batch before it rises' },
    vesselMl: { kind: 'number', unit: 'ml', low: 1, high: 1e6, about: 'volume of the vessel to its brim' },
    rise: {
      kind: 'number',
      unit: 'times',
      low: 0.2,
      high: 20,
      optional: true,
      fallback: 1,
      about: 'how many times its volume it becomes',
    },
  },
  compute({ batchMl, vesselMl, rise }) {
    const { fillPercent, runsOver } = fillOf(batchMl, vesselMl, rise);
    return {
      result: { fillPercent, runsOver },
      working: [
        { text: 'batch / vessel', value: fillPercent, unit: '%' },
        { text: 'at its highest', value: batchMl * rise, unit: 'ml' },
        { text: 'vessel', value: vesselMl, unit: 'ml' },
      ],
      sources: [
        commonPractice(
          'Batters to two thirds, steam-raised ones to half; a pan for boiling sugar with soda four times its syrup',
        ),
      ],
    };
  },
});

const massLines = {
  kind: 'records',
  least: 1,
  fields: {
    name: { kind: 'text', most: 200, example: 'plain flour', about: 'as the formula calls it' },
    massG: { kind: 'number', unit: 'g', low: 0, high: 1e6, about: 'mass' },
  },
  about: 'the formula',
} as const;

export const leaveningSumCalculator = defineCalculator({
  id: 'leavening-sum',
  title: 'Soda and acid of a whole formula',
  keywords: 'leavening bicarbonate soda acid buttermilk powder gas left over soapy balance',
  example: {
    lines: [
      { name: 'plain flour', massG: 250 },
      { name: 'bicarbonate of soda', massG: 4.7 },
      { name: 'buttermilk', massG: 245 },
    ],
  },
  inputs: {
    lines: massLines,
    temperatureC: {
      kind: 'number',
      unit: '°C',
      low: -30,
      high: 300,
      optional: true,
      fallback: 20,
      about: 'temperature of the gas',
    },
    altitudeM: altitudeInput,
  },
  compute({ lines, temperatureC, altitudeM }) {
    const sum = leaveningSum(lines);
    if (!sum)
      throw new RefusedValue(
        'lines',
        lines.map((line) => line.name).join(', '),
        'a formula with soda, baking powder or self-raising flour',
      );
    const volumeL = gasVolumeL(sum.carbonDioxideMol, temperatureC, pressureAtAltitude(altitudeM));
    return {
      result: {
        carbonDioxideG: sum.carbonDioxideG,
        volumeL,
        bicarbonateLeftG: sum.bicarbonateLeftG,
        acidLeft: sum.acidSpareG > 0,
        acidSpareG: sum.acidSpareG,
        limiting: sum.limiting,
        direction: sum.direction,
      },
      working: [
        { text: 'bicarbonate', value: sum.bicarbonateG, unit: 'g' },
        ...sum.acids.map(({ acid, massG }) => ({
          text: `${formatNumber(Number(massG.toPrecision(4)))} g ${acid.name} takes, at ${formatNumber(acid.neutralisingValue, 2)} g in 100 g`,
          value: (massG * acid.neutralisingValue) / 100,
          unit: 'g of bicarbonate',
        })),
        { text: 'gas of powder and self-raising flour, with their own acid', value: sum.ownG, unit: 'g' },
        { text: 'bicarbonate left', value: sum.bicarbonateLeftG, unit: 'g' },
        { text: 'V = n R T / p', value: volumeL, unit: 'L' },
      ],
      sources: [stoichiometrySource, neutralisingSource, bakingPowderSource, standardAtmosphereSource],
      warnings: [
        'The little acid of brown sugar, treacle, honey and natural cocoa is not counted. Heat splits what soda is left, to half as much gas.',
      ],
    };
  },
});

export const doseCheck = defineCalculator({
  id: 'dose-check',
  title: 'Is that a usual dose?',
  keywords: 'dose salt yeast soda powder gelatine agar starch usual range percent of flour',
  example: {
    lines: [
      { name: 'plain flour', massG: 250 },
      { name: 'salt', massG: 9 },
    ],
  },
  inputs: { lines: massLines },
  compute({ lines }) {
    const doses = dosesOf(lines);
    return {
      result: {
        remarks: doses.map(({ ingredient, percent, of, low, high, verdict }) => ({
          ingredient,
          percent,
          of,
          low,
          high,
          verdict,
        })),
      },
      working: doses.map(({ ingredient, percent, of, low, high }) => ({
        text: `${ingredient} as a share of the ${of}, usual ${formatNumber(low)} to ${formatNumber(high)}`,
        value: percent,
        unit: '%',
      })),
      sources: [usualDosesSource],
    };
  },
});
