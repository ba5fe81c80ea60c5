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
import type { Endpoint, Level, Place, Plan } from './plan';

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

/**
 * The target a step ends at for a station, or null when it does not end by temperature. Only a thermometer in
 * boiling syrup follows the local boiling point: meat, custard and water baths are what they are anywhere.
 */
export function targetOf(
  plan: Plan,
  endpoint: Endpoint,
  level: Level | undefined,
  place: Place | null,
): Target | null {
  if (endpoint.kind === 'temperature') {
    const follows = endpoint.basis === 'sea-level' && plan.thermometer.in === 'syrup';
    return shiftedTarget(endpoint.celsius, follows, place);
  }
  if (endpoint.kind !== 'level' || plan.factor.kind !== 'target') return null;
  const value = level?.value ?? null;
  return value === null ? null : shiftedTarget(value, plan.thermometer.in === 'syrup', place);
}

function shiftedTarget(seaLevelC: number, follows: boolean, place: Place | null): Target {
  if (!follows) return { seaLevelC, localC: seaLevelC, shifted: false };
  const { boilingC } = boilingIn(place);
  return { seaLevelC, localC: stageTarget(seaLevelC, boilingC).localC, shifted: true };
}

/** The step that ends at a temperature and so decides what the vessels show: the last one that does. */
export function temperatureStep(plan: Plan) {
  return plan.steps.findLast(
    (step) =>
      step.endpoint.kind === 'temperature' ||
      (step.endpoint.kind === 'level' && plan.factor.kind === 'target'),
  );
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
