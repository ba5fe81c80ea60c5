import { requireWithin } from '../bounds';
import { capitalised, formatNumber, listed } from '../format';
import { requireReadings, type TimedReading } from '../heat';
import { fahrenheitFromCelsius } from '../units';
import type { AuthorityId } from './authorities';
import {
  coreRequirement,
  lineC,
  meetsLine,
  strictestRequirement,
  type CoreRequirement,
  type HoldLine,
} from './core-limits';
import { foodKinds, readFood, type FoodKind } from './food-kinds';
import { printedHoldS, treatmentOf } from './printed-equivalents';
import type { Verdict } from './verdict';

/** What is known of the core: readings in time, or one temperature and how long it was held, where that is known. */
export type CoreEvidence =
  | { readings: readonly TimedReading[] }
  | { celsius: number; heldSeconds: number | undefined };

export interface CoreCheck {
  verdict: Verdict;
  /** True only with “yes”. */
  safe: boolean;
  required: string;
  achieved: string;
  /** What would have to be known; only with “cannot-tell”. */
  missing?: string;
  requirement: CoreRequirement;
  /** What the food was taken for; null where no word of it is known. */
  food: FoodKind | null;
}

/** Between readings farther apart than this nobody knows what the core did, min. */
export const longestCoreGapMinutes = 10;

const everyKind = foodKinds.map(({ id }) => id);

/**
 * Checks a core against an authority. The food is read as strictly as its words allow; what is not known, too few
 * readings, gaps between them and a hold nobody timed give “cannot-tell”. Never a permission: the probe, the school and
 * the law decide.
 */
export function checkCore(authority: AuthorityId, words: string, evidence: CoreEvidence): CoreCheck {
  checkEvidence(evidence);
  const { kinds, unknown } = readFood(words);
  const strictest = strictestRequirement(authority, everyKind);
  if (kinds.length === 0) {
    return {
      verdict: 'cannot-tell',
      safe: false,
      required: `${requiredWords(strictest)}: the strictest line, because “${words.trim()}” is not known here`,
      achieved: achievedWords(strictest, evidence),
      missing: 'what kind of food it is: meat, minced, poultry, fish, eggs, reheated …',
      requirement: strictest,
      food: null,
    };
  }
  const requirement = strictestRequirement(authority, kinds);
  const met = judge(requirement, evidence);
  const answer = {
    required: requiredWords(requirement),
    achieved: achievedWords(requirement, evidence),
    requirement,
    food: requirement.food,
  };
  if (met.verdict === 'yes' && unknown.length > 0 && judge(strictest, evidence).verdict !== 'yes') {
    const said = listed(unknown.map((word) => `“${word}”`));
    return {
      ...answer,
      verdict: 'cannot-tell',
      safe: false,
      missing: `what ${said} means for it; short of the strictest line, ${requiredWords(strictest)}, an unknown word is no yes`,
    };
  }
  return {
    ...answer,
    verdict: met.verdict,
    safe: met.verdict === 'yes',
    ...(met.missing && { missing: met.missing }),
  };
}

/** The same for a kind of food that is known for certain. */
export function requirementFor(authority: AuthorityId, food: FoodKind): string {
  return requiredWords(coreRequirement(authority, food));
}

function checkEvidence(evidence: CoreEvidence) {
  if ('readings' in evidence) return requireReadings(evidence.readings, 1);
  requireWithin('celsius', evidence.celsius, -90, 130, '°C');
  if (evidence.heldSeconds !== undefined) requireWithin('heldSeconds', evidence.heldSeconds, 0, 86_400, 's');
}

interface Judged {
  verdict: Verdict;
  missing?: string;
}

function judge(requirement: CoreRequirement, evidence: CoreEvidence): Judged {
  if ('readings' in evidence) return judgeReadings(requirement, evidence.readings);
  return judgeHold(requirement, evidence.celsius, evidence.heldSeconds);
}

const linesOf = ({ main, alternatives }: CoreRequirement): HoldLine[] => [main, ...alternatives];

function judgeHold(requirement: CoreRequirement, celsius: number, heldS: number | undefined): Judged {
  const seconds = heldS ?? 0;
  const met = requirement.addsUp
    ? seconds * (1 + 1e-9) >= printedHoldS(celsius)
    : linesOf(requirement).some((line) => meetsLine(line, celsius) && seconds >= line.holdS);
  if (met) return { verdict: 'yes' };
  const hotEnough = requirement.addsUp
    ? Number.isFinite(printedHoldS(celsius))
    : linesOf(requirement).some((line) => meetsLine(line, celsius));
  if (hotEnough && heldS === undefined) return { verdict: 'cannot-tell', missing: 'how long it was held' };
  return { verdict: 'no' };
}

function judgeReadings(requirement: CoreRequirement, readings: readonly TimedReading[]): Judged {
  const met = (gap: number) =>
    requirement.addsUp
      ? treatmentOf(readings, gap) >= 1 - 1e-9
      : linesOf(requirement).some((line) => {
          const heldS = longestHoldS(readings, line, gap);
          return heldS !== null && heldS >= line.holdS * (1 - 1e-9) - 1e-6;
        });
  if (met(longestCoreGapMinutes)) {
    return loneSpike(requirement, readings)
      ? { verdict: 'cannot-tell', missing: 'a second reading: one alone stands far above those beside it' }
      : { verdict: 'yes' };
  }
  if (met(Infinity)) {
    return {
      verdict: 'cannot-tell',
      missing: `readings between: more than ${longestCoreGapMinutes} min went by without one`,
    };
  }
  // One reading that is hot enough says nothing of how long; more of them say how long it was seen.
  const [only] = readings;
  const hot = requirement.addsUp
    ? Number.isFinite(printedHoldS(only!.celsius))
    : linesOf(requirement).some((line) => meetsLine(line, only!.celsius));
  if (readings.length === 1 && hot) return { verdict: 'cannot-tell', missing: 'how long it was held' };
  return { verdict: 'no' };
}

/** Longest unbroken time at or above a line, s; null where it is never met. Straight lines between readings. */
function longestHoldS(
  readings: readonly TimedReading[],
  line: HoldLine,
  longestGapMinutes: number,
): number | null {
  const limitC = lineC(line);
  let [longest, since] = [null as number | null, null as number | null];
  readings.forEach((here, i) => {
    const before = readings[i - 1];
    const unseen = before !== undefined && here.minute - before.minute > longestGapMinutes;
    if (unseen) since = null;
    if (meetsLine(line, here.celsius)) {
      since ??= before && !unseen ? crossing(before, here, Math.min(limitC, here.celsius)) : here.minute;
      longest = Math.max(longest ?? 0, here.minute - since);
    } else if (since !== null) {
      longest = Math.max(longest ?? 0, crossing(before!, here, limitC) - since);
      since = null;
    }
  });
  return longest === null ? null : longest * 60;
}

/** Whether the whole answer hangs on one reading that jumps above those beside it within minutes: a slip looks like that. */
function loneSpike({ main }: CoreRequirement, readings: readonly TimedReading[]): boolean {
  const above = readings.flatMap((one, i) => (one.celsius >= lineC(main) - 10 ? [i] : []));
  const i = above[0] ?? 0;
  if (above.length !== 1 || i === 0) return false;
  const jumps = (beside: TimedReading | undefined) =>
    beside === undefined ||
    (readings[i]!.celsius - beside.celsius > 10 && Math.abs(beside.minute - readings[i]!.minute) <= 3);
  return jumps(readings[i - 1]) && jumps(readings[i + 1]);
}

const durationWords = (seconds: number) =>
  seconds < 120 ? `${formatNumber(seconds, 0)} s` : `${formatNumber(Number((seconds / 60).toFixed(1)))} min`;

const degreeWords = ({ celsius, fahrenheit }: HoldLine) =>
  celsius === undefined
    ? `${formatNumber(fahrenheit!)} °F (${formatNumber(lineC({ fahrenheit: fahrenheit!, holdS: 0 }), 1)} °C)`
    : fahrenheit === undefined
      ? `${formatNumber(celsius)} °C`
      : `${formatNumber(celsius)} °C (${formatNumber(fahrenheit)} °F)`;

const lineWords = (line: HoldLine) =>
  `${degreeWords(line)} ${line.holdS === 0 ? 'for an instant' : `for ${durationWords(line.holdS)}`}`;

function requiredWords({ main, alternatives, addsUp, rest }: CoreRequirement): string {
  const other = alternatives.length === 0 ? '' : `, or ${alternatives.map(lineWords).join(', or ')}`;
  return `${lineWords(main)}${rest ? ' (rest counted)' : ''}${addsUp ? ' or equivalent' : ''}${addsUp ? '' : other}`;
}

function achievedWords(requirement: CoreRequirement, evidence: CoreEvidence): string {
  const degrees = (celsius: number) =>
    requirement.main.celsius === undefined
      ? `${formatNumber(fahrenheitFromCelsius(celsius), 1)} °F`
      : `${formatNumber(celsius, 1)} °C`;
  if (!('readings' in evidence)) {
    const { celsius, heldSeconds } = evidence;
    const held = heldSeconds === undefined ? 'for a time not given' : `for ${durationWords(heldSeconds)}`;
    return `${degrees(celsius)} ${held}`;
  }
  const top = Math.max(...evidence.readings.map((one) => one.celsius));
  if (requirement.addsUp) {
    const percent = Math.floor(treatmentOf(evidence.readings, longestCoreGapMinutes) * 100 + 1e-7);
    return `${degrees(top)} at the most; ${formatNumber(percent, 0)} % of the treatment`;
  }
  const heldS = longestHoldS(evidence.readings, requirement.main, longestCoreGapMinutes) ?? 0;
  return capitalised(
    `${degrees(top)} at the most; at or above ${degreeWords(requirement.main)} for ${durationWords(heldS)}`,
  );
}

/** Minute at which a straight line between two readings passes a temperature. */
export function crossing(from: TimedReading, to: TimedReading, celsius: number): number {
  if (from.celsius === to.celsius) return to.minute;
  return from.minute + ((to.minute - from.minute) * (celsius - from.celsius)) / (to.celsius - from.celsius);
}
