import {
  boilingElevation,
  boilingTableSource,
  duhringSource,
  fallBelowSeaLevel,
  ruleOfThumbSource,
  stageTarget,
  sugarStageAt,
  sugarStages,
  sugarStagesSource,
  syrupBoilingC,
  syrupConcentration,
} from '../sugar';
import { readingRangeC } from '../trace';
import { boilingAtAltitude, localBoiling, saturationSource, standardAtmosphereSource } from '../water';
import { defineCalculator } from './definition';
import { altitudeInput, placeInputs } from './inputs';

const aboveEighty =
  'Above 80 % the table rests on confectioners’ practice; water-activity models run high there.';

function boilingHere(altitudeM: number | undefined, localBoilingC: number | undefined) {
  const { boilingC, basis } = localBoiling({ altitudeM, measuredBoilingC: localBoilingC });
  const both = altitudeM !== undefined && localBoilingC !== undefined;
  return {
    boilingC,
    line: {
      text: `water boils here at (${basis === 'measured' ? 'measured' : basis === 'altitude' ? 'from the altitude' : 'sea level'})`,
      value: boilingC,
      unit: '°C',
    },
    warnings: both ? ['Both were given: the measured boiling point was used.'] : [],
  };
}

export const syrupBoilingPoint = defineCalculator({
  id: 'syrup-boiling-point',
  title: 'Boiling point of a sucrose syrup',
  inputs: {
    sucrosePercent: {
      kind: 'number',
      unit: '%',
      low: 0,
      high: 99.5,
      about: 'sucrose by mass of the solution',
    },
    altitudeM: altitudeInput,
  },
  compute({ sucrosePercent, altitudeM }) {
    const water = boilingAtAltitude(altitudeM);
    const elevationC = boilingElevation(sucrosePercent);
    const boilingC = syrupBoilingC(sucrosePercent, water);
    return {
      result: { boilingC, elevationC },
      working: [
        { text: 'elevation above water, from the table', value: elevationC, unit: '°C' },
        { text: 'water boils here at', value: water, unit: '°C' },
        {
          text: 'fall of the boiling point of water below sea level',
          value: fallBelowSeaLevel(water),
          unit: '°C',
        },
        { text: 'boiling point = 100 + elevation − fall', value: boilingC, unit: '°C' },
      ],
      sources: [boilingTableSource, duhringSource, saturationSource, standardAtmosphereSource],
      warnings: sucrosePercent > 80 ? [aboveEighty] : [],
    };
  },
});

export const syrupConcentrationCalculator = defineCalculator({
  id: 'syrup-concentration',
  title: 'Strength of a boiling syrup',
  inputs: {
    boilingC: { kind: 'number', unit: '°C', low: 60, high: 170, about: 'temperature of the boiling syrup' },
    altitudeM: altitudeInput,
  },
  compute({ boilingC, altitudeM }) {
    const water = boilingAtAltitude(altitudeM);
    const sucrosePercent = syrupConcentration(boilingC, water);
    return {
      result: { sucrosePercent },
      working: [
        { text: 'water boils here at', value: water, unit: '°C' },
        { text: 'the same syrup at sea level', value: boilingC + fallBelowSeaLevel(water), unit: '°C' },
        { text: 'sucrose, the table read backwards', value: sucrosePercent, unit: '%' },
      ],
      sources: [boilingTableSource, duhringSource],
      warnings: sucrosePercent > 80 ? [aboveEighty] : [],
    };
  },
});

export const sugarStageCalculator = defineCalculator({
  id: 'sugar-stage',
  title: 'Stage of a boiling syrup',
  inputs: {
    readingC: { kind: 'number', unit: '°C', ...readingRangeC, about: 'the thermometer' },
    ...placeInputs,
  },
  compute({ readingC, altitudeM, localBoilingC }) {
    const here = boilingHere(altitudeM, localBoilingC);
    const stage = sugarStageAt(readingC, here.boilingC);
    const named = sugarStages.find((one) => one.id === stage.stageId);
    return {
      result: {
        stageId: stage.stageId,
        seaLevelC: stage.seaLevelC,
        localLowC: stage.localLowC,
        localHighC: stage.localHighC,
      },
      working: [
        here.line,
        { text: 'fall below sea level', value: fallBelowSeaLevel(here.boilingC), unit: '°C' },
        { text: 'the same syrup at sea level = reading + fall', value: stage.seaLevelC, unit: '°C' },
        { text: `stage: ${stage.words}` },
        ...(named ? [{ text: `in cold water: ${named.inColdWater}` }] : []),
      ],
      sources: [sugarStagesSource, duhringSource],
      warnings: here.warnings,
    };
  },
});

export const stageTargetCalculator = defineCalculator({
  id: 'stage-target',
  title: 'Where to stop here, for a sea-level target',
  inputs: {
    seaLevelC: { kind: 'number', unit: '°C', low: 0, high: 300, about: 'target at sea level' },
    ...placeInputs,
  },
  compute({ seaLevelC, altitudeM, localBoilingC }) {
    const here = boilingHere(altitudeM, localBoilingC);
    const target = stageTarget(seaLevelC, here.boilingC, altitudeM);
    return {
      result: { localC: target.localC, localF: target.localF, ruleOfThumbC: target.ruleOfThumbC },
      working: [
        here.line,
        { text: 'fall below sea level', value: fallBelowSeaLevel(here.boilingC), unit: '°C' },
        { text: 'target here = target at sea level − fall', value: target.localC, unit: '°C' },
        { text: 'altitude for the rule of thumb', value: target.altitudeM, unit: 'm' },
        { text: 'rule of thumb: 1 °F less for each 500 ft', value: target.ruleOfThumbC, unit: '°C' },
      ],
      sources: [duhringSource, saturationSource, standardAtmosphereSource, ruleOfThumbSource],
      warnings: [
        ...here.warnings,
        ...(seaLevelC < 100
          ? ['Only boiling syrups follow the boiling point; below 100 °C nothing needs correcting.']
          : []),
      ],
    };
  },
});
