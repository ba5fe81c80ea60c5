import { formatTemperature } from '../format';
import type { ReadThere } from './prep-lines';

/** What a reading before the bell comes to. */
export interface ReadingJudged {
  fine: boolean;
  words: string;
}

/** Coldest and warmest a refrigerator ought to be; above the last, food in it is no longer held to be cold, °C. */
const refrigeratorC = { least: 0, most: 5, limit: 8 };
/** An oven this much off bakes otherwise, °C (common practice). */
const ovenOffC = 10;

/**
 * Judges what a thermometer shows in an oven or a refrigerator. 5 °C or below is what the Food Standards Agency recommends
 * for a refrigerator, 8 °C the limit for chilled food in English law (Food Safety and Hygiene (England) Regulations 2013,
 * schedule 4); whoever is responsible at the school decides.
 */
export function judgeReading(reads: ReadThere, celsius: number): ReadingJudged {
  const shown = formatTemperature(celsius);
  if (reads.in === 'oven') {
    const wanted = formatTemperature(reads.wantedC, 'C', 0);
    const off = Math.round(celsius - reads.wantedC);
    if (Math.abs(off) <= ovenOffC) return { fine: true, words: `${shown}, right for ${wanted}` };
    const way = off > 0 ? 'too hot' : 'too cold';
    return {
      fine: false,
      words: `${shown} where ${wanted} is wanted: ${Math.abs(off)} °C ${way}; wait, or set it ${off > 0 ? 'lower' : 'higher'} and read again`,
    };
  }
  if (celsius > refrigeratorC.limit) {
    return {
      fine: false,
      words: `${shown}: too warm to keep food cold. Nothing goes in; tell whoever is responsible, who decides about what is in it`,
    };
  }
  if (celsius > refrigeratorC.most) {
    return { fine: false, words: `${shown}: above 5 °C. Set it colder and read again before food goes in` };
  }
  if (celsius < refrigeratorC.least) return { fine: false, words: `${shown}: what is in it freezes` };
  return { fine: true, words: `${shown}, cold enough` };
}
