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
