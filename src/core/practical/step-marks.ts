import { counted, formatNumber, formatTemperature } from '../format';
import { minutesWords } from './minutes-words';
import { earlyLook } from './step-minutes';
import { settingsWords } from './station-words';
import { laneWords, type Step } from './step';

/** What a mark has to know of where it is read. */
interface Reading {
  unit: 'C' | 'F';
  /** A step’s number in the method that is read, from 1; null where it is not in it. */
  numberOf(stepId: string): number | null;
}

type Teller = (step: Step, reading: Reading) => string | readonly string[];

const minute = (value: number) => `${formatNumber(value)} min`;

/** “not before 10 min after step 2”, “within 5 min of step 2”. */
function afterWords({ after }: Step, { numberOf }: Reading): string[] {
  return after.flatMap(({ stepId, least, most }) => {
    const number = numberOf(stepId);
    if (number === null) return [];
    return [
      least > 0 ? `not before ${minute(least)} after step ${number}` : '',
      most === null ? '' : `within ${minute(most)} of step ${number}`,
    ];
  });
}

const stirWords = { always: 'stir all the time', 'now-and-then': 'stir now and then', never: 'do not stir' };

/**
 * Everything a step can say besides its sentence, in the order it is read, one for each of its fields: page, sheet, wall,
 * card and tablet all read this list, and a field that is added to a step has to be decided on here.
 */
const tellers = {
  when: ({ when, day }) => {
    const days = day === 0 ? '' : ` (${counted(Math.abs(day), 'day')} ${day < 0 ? 'before' : 'after'})`;
    return when === 'lesson' ? '' : `${when} the lesson${days}`;
  },
  lane: ({ lane }) => laneWords[lane],
  minutes: minutesWords,
  lookAt: (step) => {
    const look = earlyLook(step);
    return look === null ? '' : `look at ${minute(look)}`;
  },
  warnAt: ({ warnAt }) => (warnAt === null ? '' : `get ready ${minute(warnAt)} before the end`),
  settings: ({ settings }, { unit }) => settingsWords(settings, unit),
  stayBelowC: ({ stayBelowC }, { unit }) =>
    stayBelowC === null ? '' : `stay below ${formatTemperature(stayBelowC, unit, 0)}`,
  stir: ({ stir }) => (stir === null ? '' : stirWords[stir]),
  door: ({ door }) => ({ open: '', glass: 'look through the glass only', shut: 'door stays shut' })[door],
  windows: ({ windows }) =>
    windows.map(({ words, from, until }) =>
      [
        words,
        from === null ? '' : `from ${minute(from)}`,
        until === null ? '' : `no later than ${minute(until)}`,
      ]
        .filter(Boolean)
        .join(' '),
    ),
  people: ({ people }) => (people > 1 ? `${people} people` : ''),
  adult: ({ adult }) => (adult ? 'an adult does this' : ''),
  optional: ({ optional }) => (optional ? 'only if wanted' : ''),
  tryOne: ({ tryOne }) => (tryOne ? 'try one piece first' : ''),
  repeatUntil: ({ repeatUntil }) => (repeatUntil ? `again until ${repeatUntil}` : ''),
  ready: ({ ready }) => (ready.length > 0 ? `ready before: ${ready.join(', ')}` : ''),
  after: afterWords,
  endsWith: ({ endsWith }, { numberOf }) => {
    const number = endsWith === null ? null : numberOf(endsWith);
    return number === null ? '' : `ready together with step ${number}`;
  },
  safeStop: ({ safeStop }) => (safeStop ? 'a safe place to stop' : ''),
  // Said elsewhere: the sentence and what ends it, whose it is, what it teaches, its cautions, what it takes and stands on.
  id: null,
  text: null,
  hands: null,
  day: null,
  minutesTo: null,
  per: null,
  need: null,
  ends: null,
  needs: null,
  uses: null,
  takes: null,
  thermometerId: null,
  only: null,
  change: null,
  why: null,
  wrong: null,
  hazards: null,
  event: null,
} satisfies Record<keyof Step, Teller | null>;

export type StepMark = {
  [Name in keyof Step]: (typeof tellers)[Name] extends null ? never : Name;
}[keyof Step];

/**
 * What a step says besides its sentence and what ends it, each in a few words: “stay below 32 °C”, “door stays shut”.
 *
 * @param order ids of the steps of the method it is read in
 * @param apart marks that stand somewhere else
 */
export function stepMarks(
  step: Step,
  order: readonly string[],
  unit: 'C' | 'F',
  apart: readonly StepMark[] = [],
): string[] {
  const numberOf = (id: string) => {
    const at = order.indexOf(id);
    return at < 0 ? null : at + 1;
  };
  return Object.entries<Teller | null>(tellers).flatMap(([name, teller]) => {
    if (teller === null || apart.some((one) => one === name)) return [];
    return [teller(step, { unit, numberOf })].flat().filter(Boolean);
  });
}
