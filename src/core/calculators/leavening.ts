import { RefusedValue } from '../bounds';
import { formatNumber } from '../format';
import {
  acidCalled,
  acidForBicarbonate,
  bicarbonateMolarMass,
  carbonDioxideMolarMass,
  gasVolumeL,
  leaven,
  leaveningAcids,
  neutralisingSource,
  stoichiometrySource,
  yeastKilledC,
  yeastRate,
  yeastSource,
  yeastTemperatures,
  type LeaveningAcid,
} from '../leavening';
import { pressureAtAltitude, standardAtmosphereSource } from '../water';
import { defineCalculator } from './definition';
import { altitudeInput } from './inputs';

const acidWords = leaveningAcids.map((acid) => acid.id).join(', ');
const bicarbonateInput = {
  kind: 'number',
  unit: 'g',
  low: 0,
  high: 10_000,
  about: 'bicarbonate of soda',
} as const;

/** @throws RefusedValue naming the field */
function acidNamed(field: string, kind: string): LeaveningAcid {
  const acid = acidCalled(kind);
  if (!acid) throw new RefusedValue(field, kind, `one of ${acidWords}`);
  return acid;
}

export const carbonDioxide = defineCalculator({
  id: 'carbon-dioxide',
  title: 'Gas from bicarbonate and acid',
  keywords: 'soda bicarbonate baking powder gas co2 leavening rise vinegar buttermilk left over',
  example: {
    bicarbonateG: 5,
    acids: [{ kind: 'cream-of-tartar', massG: 11 }],
    temperatureC: 100,
    altitudeM: 1200,
  },
  inputs: {
    bicarbonateG: bicarbonateInput,
    acids: {
      kind: 'records',
      least: 0,
      fields: {
        kind: { kind: 'text', most: 40, example: 'cream-of-tartar', about: acidWords },
        massG: { kind: 'number', unit: 'g', low: 0, high: 100_000, about: 'mass' },
      },
      about: 'the acids with it',
    },
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
  compute({ bicarbonateG, acids, temperatureC, altitudeM }) {
    const doses = acids.map(({ kind, massG }, i) => ({ acid: acidNamed(`acids[${i}].kind`, kind), massG }));
    const { carbonDioxideMol, carbonDioxideG, bicarbonateLeftG, acidSpareG, limiting } = leaven(
      bicarbonateG,
      doses,
    );
    const pressureKPa = pressureAtAltitude(altitudeM);
    const volumeL = gasVolumeL(carbonDioxideMol, temperatureC, pressureKPa);
    return {
      result: { carbonDioxideMol, carbonDioxideG, volumeL, bicarbonateLeftG, limiting },
      working: [
        ...doses.map(({ acid, massG }) => ({
          text: `${formatNumber(massG)} g ${acid.name} takes, at ${formatNumber(acid.neutralisingValue, 1)} g in 100 g`,
          value: (massG * acid.neutralisingValue) / 100,
          unit: 'g of bicarbonate',
        })),
        {
          text: `used / ${formatNumber(bicarbonateMolarMass, 3)} g/mol: one CO₂ for each`,
          value: carbonDioxideMol,
          unit: 'mol',
        },
        { text: `× ${formatNumber(carbonDioxideMolarMass, 3)} g/mol`, value: carbonDioxideG, unit: 'g' },
        { text: 'air pressure', value: pressureKPa, unit: 'kPa' },
        { text: `V = n R T / p at ${formatNumber(temperatureC)} °C`, value: volumeL, unit: 'L' },
        { text: 'bicarbonate left over', value: bicarbonateLeftG, unit: 'g' },
        { text: 'acid could still take', value: acidSpareG, unit: 'g of bicarbonate' },
      ],
      sources: [stoichiometrySource, neutralisingSource, standardAtmosphereSource],
      warnings: [
        ...(limiting === 'acid'
          ? ['Soda is left: soapy taste, yellow to brown crust. Heat alone sets half of its gas free.']
          : []),
        ...(limiting === 'bicarbonate' ? ['Acid is left: sour, pale crust.'] : []),
        'An upper bound: dough loses gas while it is mixed.',
      ],
    };
  },
});

export const neutralisingAcid = defineCalculator({
  id: 'neutralising-acid',
  title: 'How much acid balances bicarbonate',
  keywords: 'how much cream of tartar citric acid vinegar buttermilk lemon soda balance neutralise',
  example: { bicarbonateG: 5, kind: 'cream-of-tartar' },
  inputs: {
    bicarbonateG: bicarbonateInput,
    kind: { kind: 'text', most: 40, example: 'cream-of-tartar', about: acidWords },
  },
  compute({ bicarbonateG, kind }) {
    const acid = acidNamed('kind', kind);
    const acidG = acidForBicarbonate(bicarbonateG, acid);
    return {
      result: { acidG },
      working: [
        { text: `100 g ${acid.name} neutralise`, value: acid.neutralisingValue, unit: 'g of bicarbonate' },
        {
          text: `acid = 100 × ${formatNumber(bicarbonateG)} / ${formatNumber(acid.neutralisingValue, 1)}`,
          value: acidG,
          unit: 'g',
        },
      ],
      sources: acid.basis === 'moles' ? [stoichiometrySource, neutralisingSource] : [neutralisingSource],
      warnings: /milk|yoghurt|juice|vinegar/.test(acid.id)
        ? ['Sourness differs from bottle to bottle: taste nothing, measure the pH.']
        : [],
    };
  },
});

export const yeastActivity = defineCalculator({
  id: 'yeast-activity',
  title: 'How fast yeast works at a temperature',
  keywords: 'yeast dough rise prove proof temperature warm water',
  example: { temperatureC: 28 },
  inputs: { temperatureC: { kind: 'number', unit: '°C', low: -20, high: 120, about: 'of the dough' } },
  compute({ temperatureC }) {
    const relativeRate = yeastRate(temperatureC);
    const { minC, optimumC, maxC } = yeastTemperatures;
    return {
      result: { relativeRate },
      working: [
        { text: `nothing below ${minC} °C, best at ${optimumC} °C, nothing above ${maxC} °C` },
        { text: 'rate against the best (Rosso’s model with inflection)', value: relativeRate },
      ],
      sources: [yeastSource],
      warnings: [
        'Teaching model: fit the three temperatures to your own class.',
        ...(temperatureC >= yeastKilledC ? ['From about 55 °C yeast is killed within minutes.'] : []),
      ],
    };
  },
});
