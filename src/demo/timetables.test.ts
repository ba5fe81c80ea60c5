import { describe, expect, it } from 'vitest';
import type { SchoolWays } from '../core/days';
import { placeOf, type Plan } from '../core/practical';
import { breaches } from '../core/schedule';
import { certainlyOver, layOut, lessonOf, remediesInPairs, remediesOf, toMinutes } from '../core/timetable';
import { demoSchool } from '.';

const school = demoSchool(Date.UTC(2026, 10, 24, 10, 7));
const { ways } = JSON.parse(school.settings.ways!) as { ways: SchoolWays };
const rooms = school.rooms.map((room) => ({ id: room.id, place: placeOf(room) }));

/** When the last station has cleared up, in the room of the plan; each plan is laid out once. */
const known = new Map<Plan, number>();
const endsOf = (plan: Plan): number => {
  const ends = known.get(plan) ?? laidEndsOf(plan);
  known.set(plan, ends);
  return ends;
};

function laidEndsOf(plan: Plan): number {
  const place = rooms.find(({ id }) => id === plan.roomId)!.place;
  const laid = layOut(lessonOf(plan, ways), place);
  if ('impossible' in laid) throw new Error(JSON.stringify(laid.impossible));
  expect(breaches(laid.made.problem, laid.solved.schedule)).toEqual([]);
  return toMinutes(laid.solved.ends);
}

describe('the eight practicals in the rooms of the invented school, with its lists', () => {
  it.each(school.practicals.map(({ plan }) => [plan.title, plan] as const))(
    '%s fits its period, or one or two of the ways that are offered make it fit',
    (_, plan) => {
      expect(ways.bells.every(({ fromMin, toMin }) => toMin - fromMin === plan.periodMinutes)).toBe(true);
      if (endsOf(plan) <= plan.periodMinutes) return;
      const offered = remediesOf(plan, rooms);
      const fits = [...offered, ...remediesInPairs(offered)].some(
        ({ apply }) => endsOf(apply(plan)) <= plan.periodMinutes,
      );
      expect(fits).toBe(true);
      // What makes it fit is one undo away: the plan it was made from is as it was.
      expect(laidEndsOf(plan)).toBeGreaterThan(plan.periodMinutes);
    },
  );

  it('one that is said to be over for certain never has a timetable that fits, and a far too long one is said to be', () => {
    for (const { plan } of school.practicals) {
      const ends = endsOf(plan);
      const over = [0.2, 0.5, 0.8, 0.9, 1, 1.2].map((share) =>
        certainlyOver({ ...plan, periodMinutes: Math.ceil(ends * share) }),
      );
      expect(over.slice(4), plan.title).toEqual([false, false]);
      expect(over[0], plan.title).toBe(true);
    }
  });

  it('only the lesson with twelve pans and six thermometers does not fit as it is', () => {
    const over = school.practicals.filter(({ plan }) => endsOf(plan) > plan.periodMinutes);
    expect(over.map(({ id }) => id)).toEqual(['practical-honeycomb']);
  });
});
