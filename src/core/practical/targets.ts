import { duhringSource, ruleOfThumbSource, stageTarget } from '../sugar';
import { formatNumber } from '../format';
import {
  localBoiling,
  saturationSource,
  seaLevelBoilingC,
  standardAtmosphereSource,
  type LocalBoiling,
} from '../water';
import type { Source, Working } from '../working';
import type { Place } from './place';
import type { Medium, Plan } from './plan';
import type { Step } from './step';

/** The temperature at which to stop here, with what it was at sea level. */
export interface Target {
  seaLevelC: number;
  localC: number;
  /** Whether the local boiling point moved it. */
  shifted: boolean;
}

/** How water boils in a place; sea level where no place is known. */
export function boilingIn(place: Place | null): LocalBoiling {
  return localBoiling(place ?? {});
}

/** Where a thermometer goes. */
export function mediumOf(plan: Pick<Plan, 'thermometers'>, step: Pick<Step, 'thermometerId'>): Medium | null {
  return plan.thermometers.find((one) => one.id === step.thermometerId)?.in ?? null;
}

/** The temperature a step ends at, as it is written; null where it does not end by temperature. */
export function temperatureEnd(step: Pick<Step, 'ends'>) {
  return step.ends.find((end) => end.kind === 'temperature') ?? null;
}

/**
 * The target a step ends at in a place, or null when it does not end by temperature or its level is not known. Only a
 * thermometer in boiling syrup follows the local boiling point: meat, custard and water baths are what they are anywhere.
 */
export function targetOf(
  plan: Pick<Plan, 'thermometers'>,
  step: Pick<Step, 'ends' | 'thermometerId'>,
  place: Place | null,
): Target | null {
  const end = temperatureEnd(step);
  if (!end || end.celsius === null) return null;
  return localTarget(end.celsius, end.basis === 'sea-level' && mediumOf(plan, step) === 'syrup', place);
}

/** Temperatures that follow the local boiling point, °C at sea level. */
const syrupRangeC = { low: 0, high: 300 } as const;

/** A target as it stands in a place, moved with the boiling point where it follows. */
export function localTarget(seaLevelC: number, follows: boolean, place: Place | null): Target {
  // Nothing boils as a syrup beyond: what cannot be done is said elsewhere, and nothing falls over it.
  if (!follows || seaLevelC < syrupRangeC.low || seaLevelC > syrupRangeC.high)
    return { seaLevelC, localC: seaLevelC, shifted: false };
  const { boilingC } = boilingIn(place);
  return { seaLevelC, localC: stageTarget(seaLevelC, boilingC).localC, shifted: true };
}

/** The working behind a local target, line by line. */
export function workingOfTarget(target: Target, place: Place | null): Working {
  const boiling = boilingIn(place);
  const shift = seaLevelBoilingC - boiling.boilingC;
  const rule = stageTarget(
    target.seaLevelC,
    boiling.boilingC,
    boiling.basis === 'altitude' ? place?.altitudeM : null,
  );
  const sources: Source[] = [saturationSource, standardAtmosphereSource, duhringSource, ruleOfThumbSource];
  const basis = {
    measured: 'measured here',
    altitude: `at ${formatNumber(place?.altitudeM ?? 0)} m, by the standard atmosphere`,
    'sea-level': 'at sea level: no place is chosen',
  }[boiling.basis];
  return {
    lines: [
      { text: 'Water boils at sea level at', value: seaLevelBoilingC, unit: '°C' },
      { text: `Water boils here (${basis}) at`, value: boiling.boilingC, unit: '°C' },
      { text: 'Syrup boils lower by as much', value: shift, unit: '°C' },
      {
        text: `target here = ${formatNumber(target.seaLevelC)} − ${formatNumber(shift, 2)}`,
        value: target.localC,
        unit: '°C',
      },
      { text: 'in Fahrenheit: 9/5 × °C + 32', value: rule.localF, unit: '°F' },
      { text: 'The rule of thumb (1 °F for each 500 ft) would say', value: rule.ruleOfThumbC, unit: '°C' },
      {
        text:
          boiling.basis === 'measured'
            ? 'A boiling point read here holds to about'
            : 'Weather moves boiling points by up to about',
        value: boiling.uncertaintyC,
        unit: '°C',
      },
    ],
    sources,
  };
}
