import { requireWithin } from '../bounds';
import { readingRangeC } from '../trace';
import type { Source } from '../working';
import { fallBelowSeaLevel } from './boiling-table';

export type SugarStageId =
  | 'thread'
  | 'soft-ball'
  | 'firm-ball'
  | 'hard-ball'
  | 'soft-crack'
  | 'hard-crack'
  | 'light-caramel'
  | 'dark-caramel'
  | 'burnt';

export interface SugarStage {
  id: SugarStageId;
  name: string;
  /** At sea level, °C. */
  lowC: number;
  /** At sea level, °C; null for the last, which has no end. */
  highC: number | null;
  /** What a drop does in cold water. */
  inColdWater: string;
  usedFor: string;
}

/** Stages of boiling sugar at sea level (common practice; the gaps between them are real). */
export const sugarStages: readonly SugarStage[] = [
  {
    id: 'thread',
    name: 'thread',
    lowC: 106,
    highC: 112,
    inColdWater: 'pulls into threads, no ball',
    usedFor: 'syrups, glazes',
  },
  {
    id: 'soft-ball',
    name: 'soft ball',
    lowC: 112,
    highC: 116,
    inColdWater: 'a ball that flattens when lifted out',
    usedFor: 'fudge, fondant',
  },
  {
    id: 'firm-ball',
    name: 'firm ball',
    lowC: 118,
    highC: 120,
    inColdWater: 'a ball that keeps its shape until pressed',
    usedFor: 'soft caramels',
  },
  {
    id: 'hard-ball',
    name: 'hard ball',
    lowC: 121,
    highC: 130,
    inColdWater: 'a hard ball that gives a little',
    usedFor: 'nougat, marshmallow',
  },
  {
    id: 'soft-crack',
    name: 'soft crack',
    lowC: 132,
    highC: 143,
    inColdWater: 'threads that bend before they break',
    usedFor: 'toffee, butterscotch',
  },
  {
    id: 'hard-crack',
    name: 'hard crack',
    lowC: 146,
    highC: 154,
    inColdWater: 'brittle threads that snap',
    usedFor: 'brittle, honeycomb, boiled sweets',
  },
  {
    id: 'light-caramel',
    name: 'light caramel',
    lowC: 160,
    highC: 170,
    inColdWater: 'snaps; pale amber',
    usedFor: 'pralines, caramel cages',
  },
  {
    id: 'dark-caramel',
    name: 'dark caramel',
    lowC: 170,
    highC: 180,
    inColdWater: 'snaps; deep amber, bitter edge',
    usedFor: 'caramel sauces',
  },
  {
    id: 'burnt',
    name: 'burnt',
    lowC: 190,
    highC: null,
    inColdWater: 'black, smoking, bitter',
    usedFor: 'nothing: take it off and let it cool',
  },
];

export const sugarStagesSource: Source = {
  kind: 'common-practice',
  text: 'Sugar stages at sea level, as confectioners and cookery schools use them',
};

export interface StageReading {
  /** A stage, `below-thread`, or `between:A:B` for the gap after stage A. */
  stageId: SugarStageId | 'below-thread' | `between:${SugarStageId}:${SugarStageId}`;
  /** In words, as it is said at the stove: “soft ball”, “between firm and hard ball”. */
  words: string;
  seaLevelC: number;
  /** Ends of that stage or gap on the local thermometer, °C; null where it has no end. */
  localLowC: number | null;
  localHighC: number | null;
}

/**
 * Names the stage of a boiling syrup from its temperature.
 *
 * @param readingC the thermometer, °C
 * @param localBoilingC where water boils there, °C
 * @throws RefusedValue for a reading outside −90 to 400 °C
 */
export function sugarStageAt(readingC: number, localBoilingC: number): StageReading {
  requireWithin('readingC', readingC, readingRangeC.low, readingRangeC.high, '°C');
  const fall = fallBelowSeaLevel(localBoilingC);
  // Rounded to a billionth so that “exactly 112” stays 112 after the shift.
  const seaLevelC = Math.round((readingC + fall) * 1e9) / 1e9;
  const local = (celsius: number | null) => (celsius === null ? null : celsius - fall);
  const reached = sugarStages.findLastIndex((stage) => seaLevelC >= stage.lowC);
  const stage = sugarStages[reached];
  const next = sugarStages[reached + 1];
  if (!stage) {
    const first = sugarStages[0]!;
    return {
      stageId: 'below-thread',
      words: 'below thread',
      seaLevelC,
      localLowC: null,
      localHighC: local(first.lowC),
    };
  }
  if (stage.highC !== null && next && seaLevelC > stage.highC) {
    return {
      stageId: `between:${stage.id}:${next.id}`,
      words: betweenWords(stage.name, next.name),
      seaLevelC,
      localLowC: local(stage.highC),
      localHighC: local(next.lowC),
    };
  }
  return {
    stageId: stage.id,
    words: stage.name,
    seaLevelC,
    localLowC: local(stage.lowC),
    localHighC: local(stage.highC),
  };
}

/** “between firm and hard ball”, but “between hard ball and soft crack”. */
function betweenWords(lower: string, upper: string): string {
  const [lowerFirst, lowerLast] = lower.split(' ');
  const upperLast = upper.split(' ').at(-1);
  return `between ${lowerLast === upperLast ? lowerFirst : lower} and ${upper}`;
}
