import { fahrenheitFromCelsius } from '../units';
import {
  altitudeRangeM,
  boilingAtAltitude,
  boilingAtPressure,
  evaporationMinutes,
  latentHeat,
  latentHeatSource,
  pressureAtAltitude,
  saturationSource,
  standardAtmosphereSource,
} from '../water';
import { defineCalculator } from './definition';
import { altitudeInput } from './inputs';

const weather = 'Weather moves the boiling point by up to about 1 °C; a measured one is better.';

export const airPressure = defineCalculator({
  id: 'air-pressure',
  title: 'Air pressure at an altitude',
  inputs: { altitudeM: { ...altitudeInput, optional: false } },
  compute({ altitudeM }) {
    const pressureKPa = pressureAtAltitude(altitudeM);
    return {
      result: { pressureKPa },
      working: [
        { text: 'p = 101.325 (1 − 0.0065 h / 288.15)^(g / (R × 0.0065)), g = 9.80665, R = 287.05287' },
        { text: 'h', value: altitudeM, unit: 'm' },
        { text: 'p', value: pressureKPa, unit: 'kPa' },
      ],
      sources: [standardAtmosphereSource],
      warnings: altitudeM > 6000 ? ['Higher than any school: the standard holds, the use is doubtful.'] : [],
    };
  },
});

export const waterBoilingPoint = defineCalculator({
  id: 'water-boiling-point',
  title: 'Boiling point of water',
  inputs: {
    altitudeM: {
      kind: 'number',
      unit: 'm',
      ...altitudeRangeM,
      optional: true,
      about: 'height above sea level',
    },
    pressureKPa: {
      kind: 'number',
      unit: 'kPa',
      low: 0.7,
      high: 22064,
      optional: true,
      about: 'air pressure, measured',
    },
  },
  oneOf: ['altitudeM', 'pressureKPa'],
  compute({ altitudeM, pressureKPa }) {
    const pressure = pressureKPa ?? pressureAtAltitude(altitudeM!);
    const boilingC =
      pressureKPa === undefined ? boilingAtAltitude(altitudeM!) : boilingAtPressure(pressureKPa);
    return {
      result: { boilingC },
      working: [
        ...(pressureKPa === undefined ? [{ text: 'altitude', value: altitudeM, unit: 'm' }] : []),
        { text: 'pressure', value: pressure, unit: 'kPa' },
        { text: 'saturation temperature of water at that pressure', value: boilingC, unit: '°C' },
        { text: 'in Fahrenheit', value: fahrenheitFromCelsius(boilingC), unit: '°F' },
      ],
      sources: pressureKPa === undefined ? [standardAtmosphereSource, saturationSource] : [saturationSource],
      warnings: [
        ...(pressureKPa === undefined ? [weather] : []),
        ...(pressureKPa !== undefined && altitudeM !== undefined
          ? ['Both were given: the measured pressure was used.']
          : []),
      ],
    };
  },
});

export const latentHeatCalculator = defineCalculator({
  id: 'latent-heat',
  title: 'Latent heat of evaporation of water',
  inputs: {
    temperatureC: {
      kind: 'number',
      unit: '°C',
      low: 0,
      high: 370,
      about: 'temperature at which it evaporates',
    },
  },
  compute({ temperatureC }) {
    const kJPerKg = latentHeat(temperatureC);
    return {
      result: { kJPerKg },
      working: [
        { text: 'L = T · dp/dT · (1/ρ″ − 1/ρ′), on the saturation line' },
        { text: 'T', value: temperatureC, unit: '°C' },
        { text: 'L', value: kJPerKg, unit: 'kJ/kg' },
      ],
      sources: [latentHeatSource],
    };
  },
});

export const evaporationTime = defineCalculator({
  id: 'evaporation-time',
  title: 'Time to boil water away',
  inputs: {
    waterG: { kind: 'number', unit: 'g', low: 0, high: 100_000, about: 'water to boil away' },
    powerW: { kind: 'number', unit: 'W', low: 1, high: 100_000, about: 'power of hob or element' },
    efficiency: {
      kind: 'number',
      unit: '',
      low: 0.01,
      high: 1,
      optional: true,
      fallback: 1,
      about: 'share that ends up as steam',
    },
    altitudeM: altitudeInput,
  },
  compute({ waterG, powerW, efficiency, altitudeM }) {
    const boilingC = boilingAtAltitude(altitudeM);
    const minutes = evaporationMinutes({ waterG, powerW, efficiency, boilingC });
    return {
      result: { minutes },
      working: [
        { text: 't = m L / (η P), with the water already boiling' },
        { text: 'boiling point here', value: boilingC, unit: '°C' },
        { text: 'L', value: latentHeat(boilingC), unit: 'kJ/kg' },
        { text: 'η P', value: efficiency * powerW, unit: 'W' },
        { text: 't', value: minutes, unit: 'min' },
      ],
      sources: [latentHeatSource, saturationSource],
      warnings:
        efficiency === 1
          ? ['No losses counted: a pan on a hob loses a third or more of its heat to the room.']
          : [],
    };
  },
});
