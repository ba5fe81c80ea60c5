import { newStep, type Plan, type Step } from '../practical';
import { withPin } from './pinned';
import type { LessonTimetable } from './timetable';

/** Shortest moment in which everybody can look at something, min (common practice). */
const leastMin = 2;

/** A pan that nobody turns away from, though it needs no hands: hot sugar, hot oil, a flame, what is stirred all the time. */
const needsMinding = ({ hazards, stir }: Step): boolean =>
  stir === 'always' ||
  (['hot-sugar', 'hot-oil', 'flame', 'pressure'] as const).some((id) => hazards.includes(id));

/**
 * Moments in which every station’s hands are free and no pan has to be minded: everybody can stop and look. Of those
 * between the first step and the first clearing up.
 */
export function freeMoments(plan: Plan, { bars }: LessonTimetable): { fromMin: number; toMin: number }[] {
  const minded = new Set(plan.steps.filter(needsMinding).map(({ id }) => id));
  const steps = bars.filter(({ kind }) => kind === 'step' || kind === 'wash' || kind === 'call');
  const clearing = bars.filter(({ kind }) => kind === 'clearing');
  if (steps.length === 0) return [];
  const from = Math.min(...steps.map(({ startMin }) => startMin));
  const to =
    clearing.length > 0
      ? Math.min(...clearing.map(({ startMin }) => startMin))
      : Math.max(...steps.map(({ endMin }) => endMin));
  const busy = bars
    .filter(
      ({ kind, hands, stepId, startMin, endMin }) =>
        endMin > startMin && (kind !== 'step' || hands === 'hands-on' || minded.has(stepId ?? '')),
    )
    .sort((a, b) => a.startMin - b.startMin);
  const free: { fromMin: number; toMin: number }[] = [];
  let at = from;
  for (const { startMin, endMin } of [...busy, { startMin: Math.max(from, to), endMin: Infinity }]) {
    if (startMin - at >= leastMin && startMin <= to) free.push({ fromMin: at, toMin: startMin });
    at = Math.max(at, endMin);
  }
  return free;
}

/**
 * A plan with a moment at which everybody stops and looks, held where all hands are free: it stands before the step that
 * goes on by itself meanwhile, and what comes after that does not wait for it.
 */
export function withLook(
  plan: Plan,
  { bars }: LessonTimetable,
  { fromMin, toMin }: { fromMin: number; toMin: number },
  id: string,
): Plan {
  const under = bars.find(
    ({ kind, startMin, endMin }) => kind === 'step' && startMin <= fromMin && endMin >= toMin,
  );
  const at = plan.steps.findIndex((step) => step.id === under?.stepId);
  const above = plan.steps[at - 1];
  if (at < 1 || above?.when !== 'lesson') return plan;
  const look = newStep({ id, text: 'Everybody stops and looks.', lane: 'everybody', minutes: leastMin });
  const own = plan.steps[at]!;
  const after = own.after.length > 0 ? own.after : [{ stepId: above.id, least: 0, most: null }];
  const steps = [...plan.steps.slice(0, at), look, { ...own, after }, ...plan.steps.slice(at + 1)];
  return withPin({ ...plan, steps }, id, [null], fromMin);
}
