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
import type { Factor, Level, Medium, Plan } from './plan';
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

/** Whether the temperature a step ends at is meant for sea level and moves with the local boiling point. */
export const followsBoiling = (
  plan: Pick<Plan, 'thermometers'>,
  step: Pick<Step, 'ends' | 'thermometerId'>,
): boolean => temperatureEnd(step)?.basis === 'sea-level' && mediumOf(plan, step) === 'syrup';

/** What the same syrup would show at sea level, °C. */
export const syrupAtSeaLevelC = ({ shifted, seaLevelC, localC }: Target, place: Place | null): number =>
  shifted ? seaLevelC : localC + (seaLevelBoilingC - boilingIn(place).boilingC);

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
  return localTarget(end.celsius, followsBoiling(plan, step), place);
}

/**
 * Whether a factor’s level is where a step ends: the step it names, and one whose own temperature is left open and that no
 * other factor names.
 */
export function endsAtLevel(
  step: Pick<Step, 'id' | 'ends'>,
  { acts }: Pick<Factor, 'acts'>,
  { factors }: Pick<Plan, 'factors'>,
): boolean {
  if (acts.on !== 'end-temperature') return false;
  if (acts.stepId === step.id) return true;
  const named = factors.some((one) => one.acts.on === 'end-temperature' && one.acts.stepId === step.id);
  return !named && temperatureEnd(step)?.celsius === null;
}

/** The same step, ending at another temperature, °C as its basis has it. */
export const endingAt = <S extends Pick<Step, 'ends'>>(step: S, celsius: number): S => ({
  ...step,
  ends: step.ends.map((end) => (end.kind === 'temperature' ? { ...end, celsius } : end)),
});

/**
 * The temperature a level of a factor ends its step at, in a place: what the stations that have it are told. Null where the
 * factor ends no step, or the level has no number. As long as no step is chosen, one that is read in the first thermometer.
 */
export function targetOfLevel(
  plan: Pick<Plan, 'steps' | 'factors' | 'thermometers'>,
  factor: Pick<Factor, 'acts'>,
  { value }: Pick<Level, 'value'>,
  place: Place | null,
): Target | null {
  if (factor.acts.on !== 'end-temperature' || value === null) return null;
  const step = plan.steps.find((one) => endsAtLevel(one, factor, plan)) ?? {
    ends: [{ kind: 'temperature' as const, celsius: null, basis: 'sea-level' as const }],
    thermometerId: plan.thermometers[0]?.id ?? null,
  };
  return targetOf(plan, endingAt(step, value), place);
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
