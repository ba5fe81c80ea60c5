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
import { foodKinds, type FoodKind } from './food-kinds';
import { printedHoldS, treatmentOf } from './printed-equivalents';
import { readFood } from './read-food';
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
  const { kinds, unread, open } = readFood(words);
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
  const doubts = [
    ...(unread.length > 0 ? [`what ${listed(unread.map((word) => `“${word}”`))} means for it`] : []),
    ...open,
  ];
  const answer = { requirement, food: requirement.food };
  if (doubts.length > 0 && requiredWords(strictest) !== requiredWords(requirement)) {
    const both = {
      ...answer,
      required: `${requiredWords(requirement)} as far as it was understood; ${requiredWords(strictest)} for what it may be`,
      achieved: achievedWords(strictest, evidence),
    };
    if (met.verdict !== 'no' && judge(strictest, evidence).verdict !== 'yes')
      return {
        ...both,
        verdict: 'cannot-tell',
        safe: false,
        missing: `${doubts.join('; ')}; short of the strictest line, that is no yes`,
      };
    return { ...both, verdict: met.verdict, safe: met.verdict === 'yes' };
  }
  return {
    ...answer,
    required: requiredWords(requirement),
    achieved: achievedWords(requirement, evidence),
    verdict: met.verdict,
    safe: met.verdict === 'yes',
    ...(met.missing && { missing: met.missing }),
  };
}

/** The line that a food is held against by what it is called: the strictest of all where it is not understood whole. */
export function lineApplied(authority: AuthorityId, words: string): string {
  const { kinds, unread, open } = readFood(words);
  const whole = kinds.length > 0 && unread.length + open.length === 0;
  return requiredWords(strictestRequirement(authority, whole ? kinds : everyKind));
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
  const [seen, possible] = requirement.addsUp ? treated(readings) : held(requirement, readings);
  if (seen) {
    return alone(requirement, readings)
      ? { verdict: 'cannot-tell', missing: 'a second reading: one alone stands far from those beside it' }
      : { verdict: 'yes' };
  }
  if (!possible) return { verdict: 'no' };
  return {
    verdict: 'cannot-tell',
    missing: `how long it was held: two readings at or above the line, at most ${longestCoreGapMinutes} min apart, show it`,
  };
}

/** Whether what was seen does, and whether what nobody saw may. */
function treated(readings: readonly TimedReading[]): [seen: boolean, possible: boolean] {
  const { least, most } = treatmentOf(readings, longestCoreGapMinutes);
  const hot = readings.some((one) => Number.isFinite(printedHoldS(one.celsius)));
  return [least >= 1 - 1e-9, most >= 1 - 1e-9 || (readings.length === 1 && hot)];
}

function held(requirement: CoreRequirement, readings: readonly TimedReading[]): [boolean, boolean] {
  const lines = linesOf(requirement).map((line) => ({ line, ...holdOf(readings, line) }));
  const does = (seconds: number | null, { holdS }: HoldLine) =>
    seconds !== null && seconds >= holdS * (1 - 1e-9) - 1e-6;
  return [
    lines.some(({ least, line }) => does(least, line)),
    lines.some(({ most, line }) => does(most, line)),
  ];
}

/**
 * How long a core was at or above a line, s; null where no reading is. At the least: between two readings that both are, no
 * further apart than the stated gap. At the most: from the reading before to the reading after that are below it.
 */
function holdOf(
  readings: readonly TimedReading[],
  line: HoldLine,
): { least: number | null; most: number | null } {
  let [least, most] = [null as number | null, null as number | null];
  let [since, below] = [null as number | null, null as number | null];
  readings.forEach(({ minute, celsius }, i) => {
    const before = readings[i - 1];
    if (!meetsLine(line, celsius)) {
      if (before && meetsLine(line, before.celsius))
        most = Math.max(most ?? 0, minute - (below ?? readings[0]!.minute));
      [since, below] = [null, minute];
      return;
    }
    if (before && minute - before.minute > longestCoreGapMinutes) since = null;
    since ??= minute;
    least = Math.max(least ?? 0, minute - since);
    most = Math.max(most ?? 0, readings.length === 1 ? Infinity : minute - (below ?? readings[0]!.minute));
  });
  return { least: least === null ? null : least * 60, most: most === null ? null : most * 60 };
}

/** Within so many degrees a reading supports the one beside it. */
const nearC = 10;

/** Whether the answer hangs on one reading that none beside it supports: a slip of the probe looks like that. */
function alone(requirement: CoreRequirement, readings: readonly TimedReading[]): boolean {
  if (readings.length === 1) return false;
  const limitC = Math.min(...linesOf(requirement).map(lineC));
  const supported = (i: number, beside: number) => {
    const [one, other] = [readings[i]!, readings[beside]];
    return (
      other !== undefined &&
      Math.abs(one.minute - other.minute) <= longestCoreGapMinutes &&
      one.celsius - other.celsius <= nearC
    );
  };
  return !readings.some(
    ({ celsius }, i) => celsius >= limitC - 1e-6 && (supported(i, i - 1) || supported(i, i + 1)),
  );
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
    const { least } = treatmentOf(evidence.readings, longestCoreGapMinutes);
    const percent = Math.floor(least * 100 + 1e-7);
    return `${degrees(top)} at the most; ${formatNumber(percent, 0)} % of the treatment`;
  }
  const heldS = holdOf(evidence.readings, requirement.main).least ?? 0;
  return capitalised(
    `${degrees(top)} at the most; at or above ${degreeWords(requirement.main)} for ${durationWords(heldS)}`,
  );
}

/** Minute at which a straight line between two readings passes a temperature. */
export function crossing(from: TimedReading, to: TimedReading, celsius: number): number {
  if (from.celsius === to.celsius) return to.minute;
  return from.minute + ((to.minute - from.minute) * (celsius - from.celsius)) / (to.celsius - from.celsius);
}
