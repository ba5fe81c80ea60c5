import { altitudeRangeM, measuredBoilingRangeC } from '../water';

/** Height above sea level; left out, sea level. */
export const altitudeInput = {
  kind: 'number',
  unit: 'm',
  ...altitudeRangeM,
  optional: true,
  fallback: 0,
  about: 'height above sea level',
} as const;

/** The two ways to say where one is: a measured boiling point beats an altitude. */
export const placeInputs = {
  altitudeM: {
    kind: 'number',
    unit: 'm',
    ...altitudeRangeM,
    optional: true,
    about: 'height above sea level',
  },
  localBoilingC: {
    kind: 'number',
    unit: '°C',
    ...measuredBoilingRangeC,
    optional: true,
    about: 'boiling point of water, measured here',
  },
} as const;

/** Readings of one food in time. */
export function readingsInput<const N extends number>(least: N) {
  return {
    kind: 'records',
    least,
    fields: {
      minute: { kind: 'number', unit: 'min', low: -1e5, high: 1e5, about: 'when' },
      celsius: { kind: 'number', unit: '°C', low: -90, high: 400, about: 'what it showed' },
    },
    about: 'readings in order of time',
  } as const;
}
