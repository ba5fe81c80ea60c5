import { newStep, treatmentsOf, type Plan, type Step } from '../practical';
import { heatsOven, isInOven } from './demand';

/** A change of the plan that may make its lesson fit. */
export interface Remedy {
  id: string;
  /** What it does, on a button. */
  label: string;
  /** What it costs the lesson or the fair test. */
  cost: string;
  apply(plan: Plan): Plan;
}

const measures = /\b(?:measure|compare|taste|count|photograph|weigh|snap|hold (?:it|each|a spoonful))\b/i;
const withStep = (plan: Plan, id: string, patch: Partial<Step>): Plan => ({
  ...plan,
  steps: plan.steps.map((step) => (step.id === id ? { ...step, ...patch } : step)),
});
/** Shortest briefing that still says what matters (common practice). */
const leastBriefingMin = 3;

/** Ways to make a lesson shorter, what costs least first; what each does is for the timetable to find out. */
export function remediesOf(plan: Plan): Remedy[] {
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
  }
  return found;
}
