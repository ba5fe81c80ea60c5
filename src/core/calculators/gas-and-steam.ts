import { decomposeByHeat, gasVolumeL, steamVolumeL, stoichiometrySource } from '../leavening';
import { pressureAtAltitude, standardAtmosphereSource } from '../water';
import { defineCalculator } from './definition';
import { altitudeInput } from './inputs';

export const sodaInSyrup = defineCalculator({
  id: 'soda-in-heat',
  title: 'Gas from bicarbonate by heat alone',
  keywords: 'honeycomb soda hot syrup decompose carbonate gas co2 without acid',
  example: { bicarbonateG: 5, temperatureC: 146, altitudeM: 1200 },
  inputs: {
    bicarbonateG: { kind: 'number', unit: 'g', low: 0, high: 10_000, about: 'bicarbonate of soda' },
    temperatureC: {
      kind: 'number',
      unit: '°C',
      low: 80,
      high: 250,
      about: 'of syrup or oven: from about 80 °C, fast above 100',
    },
    altitudeM: altitudeInput,
  },
  compute({ bicarbonateG, temperatureC, altitudeM }) {
    const { carbonDioxideMol, carbonateG } = decomposeByHeat(bicarbonateG);
    const pressureKPa = pressureAtAltitude(altitudeM);
    const volumeL = gasVolumeL(carbonDioxideMol, temperatureC, pressureKPa);
    return {
      result: { carbonDioxideMol, volumeL, carbonateG },
      working: [
        {
          text: '2 NaHCO₃ → Na₂CO₃ + H₂O + CO₂: half a mole of gas for each',
          value: carbonDioxideMol,
          unit: 'mol',
        },
        { text: 'air pressure', value: pressureKPa, unit: 'kPa' },
        { text: 'V = n R T / p', value: volumeL, unit: 'L' },
        { text: 'washing soda that stays', value: carbonateG, unit: 'g' },
      ],
      sources: [stoichiometrySource, standardAtmosphereSource],
      warnings: [
        'Dry carbon dioxide only; the steam of the reaction is as much again. Hot syrup foams up: a tall pan.',
      ],
    };
  },
});

export const steamVolume = defineCalculator({
  id: 'steam-volume',
  title: 'How much steam a gram of water makes',
  keywords: 'steam puff choux popover leavening vapour expansion',
  example: { waterG: 10, temperatureC: 100, altitudeM: 1200 },
  inputs: {
    waterG: { kind: 'number', unit: 'g', low: 0, high: 100_000, about: 'water that turns into steam' },
    temperatureC: { kind: 'number', unit: '°C', low: 60, high: 300, about: 'of the steam' },
    altitudeM: altitudeInput,
  },
  compute({ waterG, temperatureC, altitudeM }) {
    const pressureKPa = pressureAtAltitude(altitudeM);
    const volumeL = steamVolumeL(waterG, temperatureC, pressureKPa);
    return {
      result: { volumeL },
      working: [
        { text: 'air pressure', value: pressureKPa, unit: 'kPa' },
        { text: 'V = m R T / (M p), M = 18.015 g/mol', value: volumeL, unit: 'L' },
      ],
      sources: [stoichiometrySource, standardAtmosphereSource],
      warnings: ['An upper bound: most of it leaves.'],
    };
  },
});
