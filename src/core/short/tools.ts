import type { Source } from '../working';

export const toolSwapSource: Source = {
  kind: 'common-practice',
  text: 'What kitchens take where a tool is missing, and what that changes',
};

/** What does in place of a tool, and what it changes. */
export interface ToolSwap {
  instead: string;
  changes: string;
}

const tins = /\btins?\b|\bdish(es)?\b|\bmoulds?\b/i;

/** Whether something is what a batch stands in while it bakes or sets. */
export const isTin = (tool: string): boolean => tins.test(tool);

const swaps: readonly (readonly [
  said: RegExp,
  ...ways: readonly (readonly [instead: string, changes: string])[],
])[] = [
  [
    /thermometer|probe/i,
    [
      'one thermometer for two stations, read in turn',
      'half as many readings; they begin a few minutes apart',
    ],
    ['the cold-water drop, for sugar only', 'a stage, not a number; for meat nothing replaces the probe'],
  ],
  [
    /balance|\bscales?\b/i,
    ['weigh on a shared balance before the lesson', 'nothing, if each dish is labelled'],
    ['level spoons and cups', 'a spoon of powder may be 10 % off: not for soda, gelling agents or acid'],
  ],
  [
    /mixer|electric whisk/i,
    [
      'a hand whisk, two people in turn',
      'about three times as long, less air and a larger spread between stations',
    ],
  ],
  [/whisk/i, ['two forks held together', 'longer, less air']],
  [/rolling pin/i, ['a straight bottle, washed and floured', 'nothing, if the strips set the thickness']],
  [
    /cutter/i,
    [
      'a glass with the same rim, measured',
      'a blunt rim presses the edge: it rises less; the same at every station',
    ],
    ['squares with a knife, of the same area', 'side = 0.89 × the diameter for the same area'],
  ],
  [/scoop/i, ['two spoons, each piece weighed', 'slower; pieces within 1 g are as alike as scooped ones']],
  [/sieve/i, ['a whisk through the dry mix', 'lumps of soda may stay: crush them first']],
  [
    /measuring cylinder/i,
    ['a straight glass and a ruler', 'height in place of volume: divide by the height at the start'],
  ],
  [/beaker|jug/i, ['a glass weighed empty, and the mass', '1 ml of water is 1 g; nothing changes']],
  [/timer|stopwatch/i, ['the clock on the board', 'read to the minute, not to the second']],
  [/rack/i, ['a clean oven shelf over a tray', 'nothing']],
  [/gloves/i, ['dry folded tea towels, only with an adult', 'wet cloth lets the heat through at once']],
  [/colou?r card/i, ['photos with white paper in each, put in order afterwards', 'a ranking, not a score']],
  [/piping bag/i, ['a strong bag with a corner cut off, measured', 'pieces less alike']],
  [/ruler/i, ['squared paper of 5 mm', 'to 2 mm, not to 1']],
  [tins, ['another one: see what depth and time become', 'a shallower batch bakes and sets sooner']],
];

/** What can be taken in place of a tool; empty where nothing is known. */
export function toolSwapsFor(tool: string): ToolSwap[] {
  const found = swaps.find(([said]) => said.test(tool));
  return (
    (found?.slice(1) as [string, string][] | undefined)?.map(([instead, changes]) => ({
      instead,
      changes,
    })) ?? []
  );
}

/** The same batch in another tin. */
export interface OtherTin {
  /** Depth with the one over depth with the other. */
  depthTimes: number;
  /** Time to the same centre, for a flat batch: between depth and depth squared. */
  minutesTimes: { low: number; high: number };
}

/** What a batch does in a tin of another floor area, cm². */
export function inOtherTin(plannedCm2: number, hereCm2: number): OtherTin {
  const depthTimes = plannedCm2 / hereCm2;
  const square = depthTimes * depthTimes;
  return {
    depthTimes,
    minutesTimes: { low: Math.min(depthTimes, square), high: Math.max(depthTimes, square) },
  };
}
