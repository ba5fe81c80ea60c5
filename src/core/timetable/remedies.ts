import { newStep, treatmentsOf, type Place, type Plan, type Step } from '../practical';
import { heatsOven, isInOven } from './demand';
import { halfBatch } from './half-batch';
import { sizeRemedies } from './remedies-of-size';
import type { Remedy } from './remedy';

const measures = /\b(?:measure|compare|taste|count|photograph|weigh|snap|hold (?:it|each|a spoonful))\b/i;
const withStep = (plan: Plan, id: string, patch: Partial<Step>): Plan => ({
  ...plan,
  steps: plan.steps.map((step) => (step.id === id ? { ...step, ...patch } : step)),
});
/** Shortest briefing that still says what matters (common practice). */
const leastBriefingMin = 3;

/** A room the lesson could be in. */
export interface OtherRoom {
  id: string;
  place: Place;
}

/** A batch for all takes longer than one for a station (common practice, from memory). */
const classBatchTimes = 2;
const makes = /^\s*(?:make|mix|prepare|whisk|beat|cook|boil|melt|dissolve|infuse|blend|steep)\b/i;

/** Ways to make a lesson shorter, what costs least first; what each does is for the timetable to find out. */
export function remediesOf(plan: Plan, rooms: readonly OtherRoom[] = []): Remedy[] {
  return [
    ...ofTheLesson(plan),
    ...sizeRemedies(plan),
    ...halfBatch(plan),
    ...ofOtherDays(plan),
    ...ofTheRoom(plan, rooms),
  ];
}

/** Two ways at once, where neither does by itself: those that change different things. */
export function remediesInPairs(remedies: readonly Remedy[]): Remedy[] {
  const kind = ({ id }: Remedy) => id.split(':')[0]!;
  return remedies.flatMap((one, i) =>
    remedies.slice(i + 1).flatMap((other): Remedy[] => {
      if (kind(one) === kind(other)) return [];
      return [
        {
          id: `${one.id}+${other.id}`,
          label: `${one.label}, and ${other.label}`,
          cost: `${one.cost}; ${other.cost}`,
          apply: (was) => other.apply(one.apply(was)),
        },
      ];
    }),
  );
}

function ofTheLesson(plan: Plan): Remedy[] {
  const lesson = plan.steps.filter(({ when }) => when === 'lesson');
  const number = (step: Step) => plan.steps.indexOf(step) + 1;
  const found: Remedy[] = [];
  const heatedBefore = plan.steps.some((step) => step.when === 'before' && heatsOven(step));
  if (!heatedBefore && lesson.some(isInOven)) {
    found.push({
      id: 'heat-before',
      label: 'heat the ovens before the bell',
      cost: 'somebody has to be there before the lesson',
      apply: (was) => ({
        ...was,
        steps: [
          newStep({
            ...{ id: 'heat-before', text: 'Heat the ovens.', when: 'before', minutes: 15 },
            ...{ hands: 'waiting', adult: true },
          }),
          ...was.steps,
        ],
      }),
    });
  }
  const [first] = lesson;
  if (first && /^\s*weigh\b/i.test(first.text) && first.hands === 'hands-on') {
    found.push({
      id: `weigh-before:${first.id}`,
      label: `weigh out before the lesson (step ${number(first)})`,
      cost: 'staff weigh, students do not',
      apply: (was) => withStep(was, first.id, { when: 'before' }),
    });
  }
  const shorter = Math.max(leastBriefingMin, Math.floor(plan.briefingMinutes / 2));
  if (shorter < plan.briefingMinutes) {
    found.push({
      id: 'shorter-briefing',
      label: `brief for ${shorter} min instead of ${plan.briefingMinutes}`,
      cost: 'the rest is read beforehand',
      apply: (was) => ({ ...was, briefingMinutes: shorter }),
    });
  }
  const shared = lesson.find((step) => canBeShared(step, plan));
  if (shared) {
    const minutes = Math.ceil(classBatchTimes * shared.minutes!);
    found.push({
      id: `shared-batch:${shared.id}`,
      label: `one batch for all (step ${number(shared)}, ${minutes} min)`,
      cost: 'the teacher makes it; the stations are no repeats of it any more',
      apply: (was) =>
        withStep(was, shared.id, {
          ...{ lane: 'class', minutes, minutesTo: null },
        }),
    });
  }
  const last = lesson[lesson.length - 1];
  if (last && lesson.length > 1 && measures.test(last.text)) {
    found.push({
      id: `measure-after:${last.id}`,
      label: `measure after the lesson (step ${number(last)})`,
      cost: 'what stands changes; put down how long it stood',
      apply: (was) => withStep(was, last.id, { when: 'after' }),
    });
  }
  const treatments = Math.max(1, treatmentsOf(plan).length);
  const fewer = new Set([plan.stations - treatments, Math.floor(plan.stations / 2)]);
  for (const stations of [...fewer].sort((a, b) => b - a)) {
    if (stations < Math.max(1, treatments) || stations >= plan.stations) continue;
    found.push({
      id: `fewer-stations:${stations}`,
      label: `${stations} stations instead of ${plan.stations}`,
      cost:
        Math.floor(stations / treatments) < Math.floor(plan.stations / treatments)
          ? 'larger groups, fewer repeats'
          : 'larger groups',
      apply: (was) => ({ ...was, stations }),
    });
  }
  return found;
}

/** The same for every station, by hand, and nothing that is changed comes into it. */
function canBeShared(step: Step, plan: Plan): boolean {
  if (step.lane !== 'stations' || step.hands !== 'hands-on' || step.only.length > 0) return false;
  if ((step.minutes ?? 0) < 4 || !makes.test(step.text)) return false;
  return plan.factors.every(({ acts }) => {
    if (acts.on === 'amount' || acts.on === 'swap' || acts.on === 'start-temperature') {
      const name = plan.formula.find(({ id }) => id === acts.ingredientId)?.name.toLowerCase();
      return (
        name !== undefined &&
        !step.uses.includes(acts.ingredientId!) &&
        !step.text.toLowerCase().includes(name)
      );
    }
    return 'stepId' in acts ? acts.stepId !== step.id : acts.on !== 'method' && acts.on !== 'words';
  });
}

/** Some of it on another day: after a step at which one may stop. */
function ofOtherDays(plan: Plan): Remedy[] {
  const lesson = plan.steps.filter(({ when }) => when === 'lesson');
  const number = (step: Step) => plan.steps.indexOf(step) + 1;
  const found: Remedy[] = [];
  for (const step of lesson.slice(0, -1).filter(({ safeStop }) => safeStop)) {
    const rest = new Set(lesson.slice(lesson.indexOf(step) + 1).map(({ id }) => id));
    found.push({
      id: `two-lessons:${step.id}`,
      label: `stop after step ${number(step)}, the rest another day`,
      cost: 'a second lesson',
      apply: (was) => ({
        ...was,
        steps: was.steps.map((one) =>
          rest.has(one.id) ? { ...one, when: 'after', day: Math.max(1, one.day) } : one,
        ),
      }),
    });
    const first = new Set(lesson.slice(0, lesson.indexOf(step) + 1).map(({ id }) => id));
    found.push({
      id: `ahead:${step.id}`,
      label: `the day before, up to step ${number(step)}`,
      cost: 'somebody makes it for every station the day before',
      apply: (was) => ({
        ...was,
        steps: was.steps.map((one) =>
          first.has(one.id) ? { ...one, when: 'before', day: Math.min(-1, one.day) } : one,
        ),
      }),
    });
  }
  return found;
}

/** Another room of its kind, for what it has more of. */
const ofTheRoom = ({ roomId }: Plan, rooms: readonly OtherRoom[]): Remedy[] => {
  const own = rooms.find(({ id }) => id === roomId)?.place;
  return rooms.flatMap(({ id, place }): Remedy[] => {
    if (id === roomId || place.equipment.length === 0 || (own && place.kind !== own.kind)) return [];
    return [
      {
        id: `room:${id}`,
        label: `in ${place.name}`,
        cost: 'if it is free then; water may boil at another temperature there',
        apply: (was) => ({ ...was, roomId: id }),
      },
    ];
  });
};
