import type { Plan } from '../practical';
import type { LessonTimetable } from '../timetable';
import type { Pull, Use } from './pull-list';
import { asksFor } from './tools';

/** When a tool is in use at each station, by the timetable: over the steps that ask for it. None where no step does. */
export function usesIn({ id, stations }: Pull, plan: Plan, { bars }: LessonTimetable): Use[] {
  const asking = new Set<string | null>(
    plan.steps.filter(({ text, ready }) => asksFor(id, [text, ...ready].join('. '))).map((step) => step.id),
  );
  return stations.flatMap((station): Use[] => {
    const own = bars.filter(
      ({ lane, stepId }) => lane.kind === 'station' && lane.number === station && asking.has(stepId),
    );
    if (own.length === 0) return [];
    return [
      {
        station,
        fromMin: Math.min(...own.map(({ startMin }) => startMin)),
        untilMin: Math.max(...own.map(({ endMin }) => endMin)),
      },
    ];
  });
}
