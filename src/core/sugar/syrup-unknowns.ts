/*
 * What a forecast of a boiling syrup does not know beforehand: each an unknown of one fit, held by what is known of
 * such things, so that the interval is as wide as what the readings leave open.
 */

/** How far what is not known may lie from what is likely, as standard deviations (from memory; what lessons differ by). */
export interface SyrupSpreads {
  /** Thermometer's calibration and the day's weather together, °C. */
  offsetC: number;
  /** The pan is rather heavier than the smallest by about so much, J/K … */
  likelyExtraPanJPerK: number;
  /** … give or take (pans of 150 to 500 J/K). */
  panJPerK: number;
  /** Loss to the room about the small pan's, W/K. */
  lossWPerK: number;
  /** Weighing, share of the water and of the solids. */
  weighing: number;
  /** Water that went in besides, share of what was weighed: as likely as not, and give or take. */
  pouredIn: { likely: number; sd: number };
  /** Heat a plate that was cold at first is behind by, as seconds of power; it catches up as e^(−t / 90 s). */
  lagS: number;
  /** The hob's power changes by such a share a second: 20 % in ten minutes is 3.3e-4. */
  drift: number;
  /** Stirring and draughts alone shift the heat by about as much as the hob gives in this time, s … */
  leastWobbleS: number;
  /** … and a cycling hob or a turned knob by up to about this, s. */
  widestWobbleS: number;
  /** Power up to the target is not known better than this share of the way, nor the moment better than this, s. */
  rate: number;
  momentS: number;
  /** The past fades as fast as a hob is touched, s. */
  fadingS: number;
  /**
   * By how much the interval is narrowed: the spreads above are those of the worst of each, all at once. So much was
   * found to hold what it promises over the simulated lessons of forecast-lessons.ts (`npm run bench`).
   */
  narrowed: number;
}

/** What any lesson may bring. */
export const lessonSpreads: SyrupSpreads = {
  offsetC: 0.4,
  likelyExtraPanJPerK: 60,
  panJPerK: 100,
  lossWPerK: 0.5,
  weighing: 0.02,
  pouredIn: { likely: 0, sd: 0 },
  lagS: 60,
  drift: 4.6e-4,
  leastWobbleS: 1,
  widestWobbleS: 25,
  rate: 0.02,
  momentS: 1,
  fadingS: 500,
  narrowed: 0.45,
};

/** Columns of the fit: power, heat now, what is not known beforehand, and, where a hob cycles, its swing. */
export const column = {
  power: 0,
  heat: 1,
  drift: 2,
  offset: 3,
  pan: 4,
  loss: 5,
  water: 6,
  solids: 7,
  lag: 8,
  swingSine: 9,
  swingCosine: 10,
} as const;

/** Unknowns of a steady hob, and of one that cycles. */
export const [steadyUnknowns, cyclingUnknowns] = [9, 11] as const;
