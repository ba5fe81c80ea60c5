import { RefusedValue } from '../bounds';
import {
  boilingElevation,
  boilingTableSource,
  duhringSource,
  fallBelowSeaLevel,
  norrishSource,
  ruleOfThumbSource,
  soluteCalled,
  solutes,
  stageTarget,
  sugarStageAt,
  sugarStages,
  sugarStagesSource,
  syrupBoilingC,
  syrupConcentration,
  waterActivity,
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
  keywords: 'sugar sucrose concentration brix',
  example: { sucrosePercent: 85, altitudeM: 1200 },
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
  keywords: 'sugar sucrose brix solids thermometer',
  example: { boilingC: 116 },
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
  keywords: 'soft ball firm ball hard ball crack caramel thread candy toffee fudge',
  example: { readingC: 116, altitudeM: 1200 },
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
  keywords: 'altitude correct adjust sea level recipe sugar candy',
  example: { seaLevelC: 150, altitudeM: 1200 },
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

export const waterActivityCalculator = defineCalculator({
  id: 'water-activity',
  title: 'Water activity of a sugar solution',
  keywords: 'aw water activity preserve keep jam syrup solute glycerol',
  example: { solutes: [{ kind: 'sucrose', massG: 65 }], waterG: 35 },
  inputs: {
    solutes: {
      kind: 'records',
      least: 0,
      fields: {
        kind: { kind: 'text', most: 30, example: 'sucrose', about: solutes.map((one) => one.id).join(', ') },
        massG: { kind: 'number', unit: 'g', low: 0, high: 100_000, about: 'mass' },
      },
      about: 'what is dissolved',
    },
    waterG: { kind: 'number', unit: 'g', low: 0.01, high: 100_000, about: 'water' },
  },
  compute({ solutes: given, waterG }) {
    const doses = given.map(({ kind, massG }, i) => {
      const solute = soluteCalled(kind);
      if (!solute)
        throw new RefusedValue(
          `solutes[${i}].kind`,
          kind,
          `one of ${solutes.map((one) => one.id).join(', ')}`,
        );
      return { solute, massG };
    });
    const activity = waterActivity(doses, waterG);
    const massG = doses.reduce((sum, one) => sum + one.massG, 0);
    const percent = (100 * massG) / (massG + waterG);
    return {
      result: { waterActivity: activity },
      working: [
        { text: 'a_w = x_w exp(−(Σ √K x)²), x by moles' },
        ...doses.map(({ solute }) => ({ text: `K of ${solute.name}`, value: solute.k })),
        { text: 'solids', value: percent, unit: '%' },
        { text: 'a_w', value: activity },
      ],
      sources: [norrishSource],
      warnings: [
        ...(percent > 75 ? ['Above about 75 % solids Norrish runs low.'] : []),
        'Keeping food is more than water activity: use tested local procedures.',
      ],
    };
  },
});
