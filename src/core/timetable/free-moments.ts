import { newStep, type Plan } from '../practical';
import { withPin } from './pinned';
import type { LessonTimetable } from './timetable';

/** Shortest moment in which everybody can look at something, min (common practice). */
const leastMin = 2;

/**
 * Moments in which every station’s hands are free and no pan comes to its end: everybody can stop and look. Of those
 * between the first step and the first clearing up.
 */
export function freeMoments({ bars }: LessonTimetable): { fromMin: number; toMin: number }[] {
  const steps = bars.filter(({ kind }) => kind === 'step' || kind === 'wash' || kind === 'call');
  const clearing = bars.filter(({ kind }) => kind === 'clearing');
  if (steps.length === 0) return [];
  const from = Math.min(...steps.map(({ startMin }) => startMin));
  const to = Math.min(
    ...clearing.map(({ startMin }) => startMin),
    ...steps.map(({ endMin }) => endMin).slice(-1),
  );
  const busy = bars
    .filter(
      ({ kind, hands, startMin, endMin }) => (kind !== 'step' || hands === 'hands-on') && endMin > startMin,
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
