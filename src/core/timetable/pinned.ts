import { longestLessonMin, type Plan } from '../practical';

/** A plan with a step held at a minute, at some stations or at all. */
export function withPin(
  plan: Plan,
  stepId: string,
  stations: readonly (number | null)[],
  startMin: number,
): Plan {
  const others = plan.pins.filter((pin) => pin.stepId !== stepId || !stations.includes(pin.station));
  const rounded = Math.min(longestLessonMin, Math.max(0, Math.round(startMin * 2) / 2));
  const pins = [...others, ...stations.map((station) => ({ stepId, station, startMin: rounded }))];
  return { ...plan, pins };
}

/** A plan with a step let go. */
export const withoutPin = (plan: Plan, stepId: string, station: number | null): Plan => ({
  ...plan,
  pins: plan.pins.filter((pin) => pin.stepId !== stepId || pin.station !== station),
});
