import { RefusedValue } from '../bounds';
import { fahrenheitFromCelsius } from '../units';
import {
  altitudeRangeM,
  boilingAtAltitude,
  boilingAtPressure,
  evaporationMinutes,
  latentHeat,
  latentHeatSource,
  pressureAtAltitude,
  reduce,
  saturationSource,
  standardAtmosphereSource,
} from '../water';
import { defineCalculator } from './definition';
import { altitudeInput } from './inputs';

const weather = 'Weather moves the boiling point by up to about 1 °C; a measured one is better.';

export const airPressure = defineCalculator({
  id: 'air-pressure',
  title: 'Air pressure at an altitude',
  keywords: 'altitude height barometer atmosphere',
  example: { altitudeM: 1200 },
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
  keywords: 'altitude boil height pressure local',
  example: { altitudeM: 1200 },
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
  keywords: 'evaporation steam vaporisation',
  example: { temperatureC: 100 },
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
  keywords: 'boil away reduce power hob',
  example: { waterG: 200, powerW: 500, altitudeM: 1200 },
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

export const reduction = defineCalculator({
  id: 'reduction',
  title: 'How far to boil something down',
  keywords: 'reduce reduction boil down concentrate solids jam stock syrup',
  example: { startG: 800, solidsPercent: 12, finishSolidsPercent: 30 },
  oneOf: ['finishG', 'finishSolidsPercent'],
  inputs: {
    startG: { kind: 'number', unit: 'g', low: 0.1, high: 100_000, about: 'mass at the start' },
    solidsPercent: { kind: 'number', unit: '%', low: 0, high: 100, about: 'solids at the start' },
    finishG: {
      kind: 'number',
      unit: 'g',
      low: 0.01,
      high: 100_000,
      optional: true,
      about: 'mass at the end',
    },
    finishSolidsPercent: {
      kind: 'number',
      unit: '%',
      low: 0.01,
      high: 100,
      optional: true,
      about: 'solids at the end',
    },
  },
  compute({ startG, solidsPercent, finishG, finishSolidsPercent }) {
    if (finishG !== undefined && finishSolidsPercent !== undefined) {
      throw new RefusedValue(
        'finishSolidsPercent',
        finishSolidsPercent,
        'finishG or finishSolidsPercent, not both',
      );
    }
    const answer = reduce(
      startG,
      solidsPercent,
      finishG === undefined ? { finishSolidsPercent: finishSolidsPercent! } : { finishG },
    );
    return {
      result: { ...answer },
      working: [
        { text: 'solids stay: start × share', value: (startG * solidsPercent) / 100, unit: 'g' },
        { text: 'mass at the end', value: answer.finishG, unit: 'g' },
        { text: 'solids at the end = solids / mass', value: answer.finishSolidsPercent, unit: '%' },
        { text: 'water boiled away', value: answer.waterLostG, unit: 'g' },
        { text: 'heat for it, at 100 °C', value: (answer.waterLostG * latentHeat(100)) / 1000, unit: 'kJ' },
      ],
      sources: [{ kind: 'handbook', text: 'Balance of solids and water' }],
      warnings: answer.finishSolidsPercent > 80 ? ['So strong that it scorches: stir, low heat.'] : [],
    };
  },
});
