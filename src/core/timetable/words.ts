import { capitalised as capital, counted, excerpt, formatNumber } from '../format';
import type { Plan } from '../practical';
import { equipmentWords } from '../room';
import type { Impossible } from '../schedule';
import { toMinutes, type Assumption, type LessonProblem, type SharedKind } from './lesson';
import type { Binding } from './timetable';

const minutes = (value: number) => `${formatNumber(Math.round(value * 2) / 2)} min`;

/** So many of something shared: “6 thermometers”, “the teacher”. */
function sharedWords(kind: SharedKind, units: number): string {
  if (kind === 'teacher') return units === 1 ? 'the teacher' : counted(units, 'teacher');
  if (kind === 'hands') return counted(units, 'pair of hands', 'pairs of hands');
  const { one, many } = equipmentWords[kind];
  return counted(units, one, many);
}

/** What keeps the lesson from ending sooner, with its working. */
export function bindingWords(by: Binding, endsMin: number): string {
  switch (by.kind) {
    case 'steps':
      return `The steps one after the other, with briefing and clearing up, take ${minutes(endsMin)}.`;
    case 'shared':
      return `${capital(sharedWords(by.shared, by.units))} ${by.units === 1 ? 'is' : 'are'} wanted for ${minutes(by.minutes)} in all, ${minutes(by.minutes / by.units)} ${by.units === 1 ? '' : 'each '}if none stands idle: with what comes before and after, no lesson ends before ${minutes(endsMin)}.`;
    case 'ovens':
      return `${capital(counted(by.ovens, 'oven'))} with ${counted(by.places, 'place')} ${by.ovens === 1 ? 'is' : 'are'} wanted for ${minutes(by.minutes)} of trays: with what comes before and after, no lesson ends before ${minutes(endsMin)}.`;
  }
}

/** A step by its number in the plan and the beginning of its words. */
function stepWords(plan: Plan, id: string | null): string {
  const at = plan.steps.findIndex((step) => step.id === id);
  if (at < 0) return 'a step';
  return `step ${at + 1} (“${excerpt(plan.steps[at]!.text)}”)`;
}

/** Why there is no timetable, and what would have to give. */
export function impossibleWords(
  plan: Plan,
  { problem, tasks, shared }: LessonProblem,
  why: Impossible,
): string {
  const step = (task: number) => stepWords(plan, tasks[task]?.step?.id ?? null);
  switch (why.kind) {
    case 'circle': {
      const ids = [...new Set(why.arcs.map((arc) => tasks[problem.arcs[arc]!.after]!.step?.id ?? null))];
      const named = ids.filter((id) => id !== null).map((id) => stepWords(plan, id));
      const most = why.arcs.some((arc) => problem.arcs[arc]!.gap < 0);
      return most
        ? `${capital(named.join(' and '))} cannot keep the most minutes between them: what lies between takes ${minutes(toMinutes(why.excess))} longer. Allow more, or move a step.`
        : `${capital(named.join(' and '))} wait for each other. Take one “after” away.`;
    }
    case 'late':
      return `${capital(step(why.task))} is held at ${minutes(toMinutes(why.latest))} and cannot begin before ${minutes(toMinutes(why.earliest))}. Let it go, or hold it later.`;
    case 'too-few': {
      const { units } = problem.resources[why.resource]!;
      return `${capital(step(why.task))} needs more than ${sharedWords(shared[why.resource]!, units)}. Change the step or the room.`;
    }
    case 'no-oven':
      return problem.ovens.length === 0
        ? `${capital(step(why.task))} is in an oven, and the room has none. Give the room an oven, or choose another room.`
        : `${capital(step(why.task))} needs more places than any oven of the room has. Use smaller tins, or fewer at once.`;
    case 'no-room': {
      const ids = [...new Set(why.tasks.map((task) => tasks[task]?.step?.id ?? null))];
      const named = ids.filter((id) => id !== null).map((id) => stepWords(plan, id));
      return `${capital(named.join(', '))} cannot keep the minutes between them with what the room has. Allow more minutes between, or share less.`;
    }
  }
}

/** What was taken for granted, as sentences. */
export function assumptionWords(plan: Plan, assumptions: readonly Assumption[]): string[] {
  const steps = (kind: 'no-minutes' | 'oven-temperature') =>
    assumptions.flatMap((one) =>
      one.kind === kind ? [plan.steps.findIndex(({ id }) => id === one.stepId) + 1] : [],
    );
  const told = (numbers: number[]) => `${numbers.length === 1 ? 'Step' : 'Steps'} ${numbers.join(', ')}`;
  const untimed = steps('no-minutes');
  const unheated = steps('oven-temperature');
  const uncounted = assumptions.flatMap((one) =>
    one.kind === 'not-counted' ? [equipmentWords[one.resource].many] : [],
  );
  return [
    ...(untimed.length > 0 ? [`${told(untimed)}: no minutes yet, counted as none.`] : []),
    ...(unheated.length > 0 ? [`${told(unheated)}: no oven temperature yet, taken as 180 °C.`] : []),
    ...(uncounted.length > 0
      ? [`The room says nothing of ${uncounted.join(', ')}: each station is taken to have its own.`]
      : []),
  ];
}
