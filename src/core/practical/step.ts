import { hazardIds } from '../safety';
import {
  about,
  flag,
  id,
  later,
  list,
  number,
  oneOf,
  orNull,
  record,
  text,
  union,
  whole,
  type Of,
} from '../shape';
import { temperatureRangeC } from './factor-kind';

/** Longest a step can take, min: a week. */
const longestMin = 10_080;
const celsius = () => number(temperatureRangeC.low, temperatureRangeC.high, '°C');
const minutes = () => number(0, longestMin, 'min');

export const settingKinds = ['oven', 'hob', 'pan', 'tool', 'shelf'] as const;

/** One sign that a step is over. Its minutes, a sign to look or feel for, or a temperature. */
const endShape = union('End', 'kind', {
  time: {},
  sign: { sense: oneOf(['look', 'feel', 'smell', 'sound', 'test']), words: text(200) },
  temperature: {
    celsius: about('null: the station’s own level', orNull(celsius())),
    basis: oneOf(['sea-level', 'as-read']),
  },
});

export const resourceKinds = [
  'hob',
  'oven',
  'microwave',
  'mixer',
  'refrigerator',
  'freezer',
  'sink',
  'balance',
  'thermometer',
  'kettle',
] as const;

export const settingShape = record('Setting', {
  what: oneOf(settingKinds),
  celsius: orNull(celsius()),
  words: text(60),
  from: minutes(),
});

export const windowShape = record('Window', {
  words: text(120, 1),
  from: orNull(minutes()),
  until: orNull(minutes()),
});

export const afterShape = record('After', { stepId: id(), least: minutes(), most: orNull(minutes()) });

export const needShape = record('Need', {
  resource: oneOf(resourceKinds),
  count: whole(1, 20),
  celsius: orNull(celsius()),
});

/** How much of something a step takes, where it is not all there is. */
export const takeShape = record('Take', {
  ingredientId: id(),
  how: about(
    'a share of it; so much in its own unit; a little, nobody said how much; what is left',
    oneOf(['share', 'amount', 'some', 'rest']),
  ),
  value: about('the share, up to 1, or the amount', orNull(number(0, 100_000))),
});

/** One step of the method. */
export const stepShape = record('Step', {
  id: id(),
  text: about('the sentence as it was typed', text(1200, 1)),
  hands: oneOf(['hands-on', 'waiting']),
  when: oneOf(['before', 'lesson', 'after']),
  day: about('days from the lesson: −1 is the day before', whole(-14, 14)),
  minutes: about('at least, in the unit of `per`', orNull(minutes())),
  minutesTo: about('at most, where it is a range', orNull(minutes())),
  per: oneOf(['once', 'side', 'piece']),
  lookAt: about('when to look early, minutes after the step begins', orNull(minutes())),
  warnAt: about('a warning so many minutes before the end', orNull(minutes())),
  need: about('whether any one of the ends is enough', oneOf(['any', 'all'])),
  ends: list(endShape, 6, 1),
  stayBelowC: orNull(celsius()),
  windows: about('minutes after the step begins between which something is done', list(windowShape, 6)),
  stir: orNull(oneOf(['always', 'now-and-then', 'never'])),
  door: about('looking in lets the heat out, or is not allowed at all', oneOf(['open', 'glass', 'shut'])),
  settings: about('of oven, hob, pan, tool or shelf, from a minute of the step on', list(settingShape, 8)),
  ready: about('what must be there before it begins', list(text(120, 1), 12)),
  safeStop: about('the lesson may end after this step', flag()),
  people: whole(1, 6),
  adult: about('an adult does this', flag()),
  optional: flag(),
  repeatUntil: text(120),
  tryOne: about('one piece first, then the rest', flag()),
  after: about(
    'steps that come before it, with least and most minutes between; none: the one above',
    list(afterShape, 12),
  ),
  needs: list(needShape, 10),
  uses: about('ids of ingredients; none: those its words name; “nothing”: it takes nothing', list(id(), 100)),
  takes: later([], about('of what it uses, how much where it is not all', list(takeShape, 100))),
  thermometerId: orNull(id()),
  only: about('ids of levels that do this step; none: all', list(id(), 24)),
  change: orNull(oneOf(['physical', 'chemical', 'both'])),
  why: about('what it teaches', text(300)),
  wrong: later('', about('what can go wrong, and how it is put right', text(400))),
  hazards: list(oneOf(hazardIds), hazardIds.length),
  lane: later(
    'stations',
    about(
      'stations: each does it; class: once, for all; demonstration: shown, holding nobody up; everybody: all stop and look',
      oneOf(['stations', 'class', 'demonstration', 'everybody']),
    ),
  ),
  endsWith: later(null, about('the step it is to be ready together with', orNull(id()))),
  event: about('what is said when it is done, for the log; empty: “step 3 done”', text(60)),
});

export type Step = Of<typeof stepShape>;

export const idsOf = (steps: readonly Pick<Step, 'id'>[]): string[] => steps.map(({ id }) => id);
/** In place of ids: whatever its words name, it takes nothing. */
export const usesNothing = 'nothing';

export type Take = Of<typeof takeShape>;
export type StepWhen = Step['when'];
export type StepLane = Step['lane'];
export type End = Of<typeof endShape>;

/** Who does a step that is not each station’s own, as a station reads it. */
export const laneWords: Readonly<Record<StepLane, string>> = {
  stations: '',
  class: 'made once for all by the teacher',
  demonstration: 'the teacher shows this',
  everybody: 'everybody stops for this',
};
