import { examplePlan, type Place, type Plan } from '../../core/practical';
import {
  impossibleWords,
  layOut,
  lessonOdds,
  lessonProblem,
  lessonOf,
  remediesInPairs,
  remediesOf,
  searchOf,
  timetableOfLesson,
  toMinutes,
  type Lesson,
  type LessonTimetable,
  type Odds,
  type OtherRoom,
  type Remedy,
} from '../../core/timetable';

/** What every lesson of the school begins and ends with. */
export type SchoolLists = Pick<Lesson, 'opening' | 'closing'>;

export interface Question {
  plan: Plan;
  place: Place | null;
  lists: SchoolLists;
  /** The rooms of the school. */
  rooms: readonly OtherRoom[];
  /** Timetables tried where it was told to stop looking; null: as many as are worth it. */
  most: number | null;
}

/** What a remedy would do: when all have cleared up then. */
export interface Tried {
  id: string;
  endsMin: number;
}

export type Answer =
  | { kind: 'timetable'; timetable: LessonTimetable; looking: boolean }
  | { kind: 'progress'; tried: number; of: number }
  | { kind: 'impossible'; words: string }
  | { kind: 'odds'; odds: Odds }
  | { kind: 'remedies'; tried: Tried[]; oneMoreOven: number | null };

/** Timetables tried for the first drawing; how often it is said how far the search is. */
const firstTried = (tasks: number) => Math.max(3, Math.min(12, Math.round(2000 / tasks)));
const tellEvery = 50;
const oddsMs = 2000;
const remedyTried = 120;
/** Where nothing fits by itself: so many of the best are tried two by two, and so many that fit are told. */
const [pairedMost, toldMost] = [6, 3];

/** While it waits for its first question: what has run before runs at once. */
layOut(lessonOf(examplePlan), null, { most: 40 });

const say = (answer: Answer) => self.postMessage(answer);

/** Makes the timetable of a plan beside the page: a first one at once, then a shorter one, how sure it is, what would help. */
self.onmessage = ({ data }: MessageEvent<Question>) => {
  const { plan, place, lists } = data;
  const lesson = lessonOf(plan, lists);
  const { tasks } = lessonProblem(lesson, place);
  const first = layOut(lesson, place, { most: firstTried(tasks.length) });
  if ('impossible' in first) {
    say({ kind: 'impossible', words: impossibleWords(plan, first.made, first.impossible) });
    return;
  }
  const { made } = first;
  say({
    kind: 'timetable',
    timetable: timetableOfLesson(made, first.solved),
    looking: !first.solved.proved,
  });
  let { solved } = first;
  if (!solved.proved) {
    const of = data.most ?? searchOf(made.tasks.length);
    const again = layOut(lesson, place, {
      most: of,
      enough: ({ tried }) => {
        if (tried % tellEvery === 0) say({ kind: 'progress', tried, of });
        return false;
      },
    });
    if ('solved' in again) ({ solved } = again);
    say({ kind: 'timetable', timetable: timetableOfLesson(made, solved), looking: false });
  }
  const until = performance.now() + oddsMs;
  const odds = lessonOdds(made, solved.schedule, plan.periodMinutes, {
    enough: () => performance.now() > until,
  });
  say({ kind: 'odds', odds });
  say({ kind: 'remedies', tried: triedRemedies(data), oneMoreOven: withOneMoreOven(data) });
};

/** When all would have cleared up, had the room an oven more like its first; null: it has none, or it is of no use. */
function withOneMoreOven({ plan, place, lists }: Question): number | null {
  const oven = place?.equipment.find(({ kind }) => kind === 'oven');
  if (!place || !oven) return null;
  const more = { ...place, equipment: [...place.equipment, { ...oven, id: 'one-more', name: 'one more' }] };
  const laid = layOut(lessonOf(plan, lists), more, { most: remedyTried });
  return 'impossible' in laid ? null : toMinutes(laid.solved.ends);
}

/** What each remedy would do; where none makes it fit, which two do. */
function triedRemedies({ plan, place, lists, rooms }: Question): Tried[] {
  const tryOut = (remedies: readonly Remedy[]) =>
    remedies.flatMap(({ id, apply }): Tried[] => {
      const changed = apply(plan);
      const where = rooms.find((room) => room.id === changed.roomId)?.place ?? place;
      const better = layOut(lessonOf(changed, lists), where, { most: remedyTried });
      if ('impossible' in better) return [];
      return [{ id, endsMin: toMinutes(better.solved.ends) }];
    });
  const remedies = remediesOf(plan, rooms);
  const singles = tryOut(remedies).sort((a, b) => a.endsMin - b.endsMin);
  const fits = ({ endsMin }: Tried) => endsMin <= plan.periodMinutes;
  if (singles.some(fits)) return singles;
  const best = new Set(singles.slice(0, pairedMost).map(({ id }) => id));
  const pairs = tryOut(remediesInPairs(remedies.filter(({ id }) => best.has(id)))).filter(fits);
  return [...pairs.sort((a, b) => a.endsMin - b.endsMin).slice(0, toldMost), ...singles];
}
