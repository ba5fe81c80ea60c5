import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import { runCalculator } from '.';
import { refusalOf, warningsOf } from './testing/answers';

interface Step {
  id: string;
  minutes: number;
  hands: 'hands-on' | 'waiting';
  after?: { id: string; least?: number; most?: number }[];
  needs?: { resource: string; count?: number; celsius?: number }[];
  together?: string;
}
interface Asked {
  stations: number;
  periodMinutes: number;
  briefingMinutes?: number;
  clearUpMinutes?: number;
  steps: Step[];
  resources: {
    id: string;
    count: number;
    kind: 'oven' | 'other';
    preheatMinutes?: number;
    changeMinutes?: number;
  }[];
}
interface Told {
  feasible: boolean;
  endsMinute: number | null;
  lowerBoundMinute: number | null;
  starts: { station: number; step: string; minute: number; resource?: string }[];
  binding: string | null;
}
const ask = (asked: Asked) => runCalculator('timetable', asked).result as unknown as Told;
const step = (id: string, minutes: number, more: Partial<Step> = {}): Step => ({
  ...{ id, minutes, hands: 'hands-on' },
  ...more,
});
const at = ({ starts }: Told, id: string, station = 1) =>
  starts.find((one) => one.step === id && one.station === station)!.minute;

/** What a timetable does not keep, by the words of the contract and minute by minute. */
function faults({ stations, steps, resources, ...asked }: Asked, told: Told): string[] {
  const found: string[] = [];
  const bars = told.starts.map((start) => {
    const of = steps.find(({ id }) => id === start.step)!;
    return { ...start, of, end: start.minute + Math.ceil(of.minutes) };
  });
  const bar = (station: number, id: string) =>
    bars.find((one) => one.station === station && one.step === id)!;
  if (bars.length !== stations * steps.length) found.push('every station does every step once');
  for (const one of bars) {
    if (!Number.isInteger(one.minute) || one.minute < (asked.briefingMinutes ?? 0))
      found.push(`start of ${one.step}`);
    for (const { id, least = 0, most = Infinity } of one.of.after ?? []) {
      const gap = one.minute - bar(one.station, id).end;
      if (gap < least || gap > most) found.push(`${one.step} after ${id}`);
    }
    for (const other of bars) {
      if (other.station !== one.station || other === one) continue;
      if (one.of.together && one.of.together === other.of.together && one.end !== other.end)
        found.push(`${one.step} together with ${other.step}`);
    }
  }
  const last = Math.max(0, ...bars.map(({ end }) => end));
  if (last !== told.endsMinute) found.push('the end');
  for (let minute = 0; minute < last; minute += 1) {
    const now = bars.filter((one) => one.minute <= minute && minute < one.end);
    for (let s = 1; s <= stations; s += 1) {
      if (now.filter(({ station, of }) => station === s && of.hands === 'hands-on').length > 1)
        found.push(`hands of ${s} at ${minute}`);
    }
    for (const { id, kind, count, preheatMinutes = 0 } of resources) {
      const users = now.filter(({ of, resource }) =>
        (of.needs ?? []).some((need) => (kind === 'oven' ? resource === id : need.resource === id)),
      );
      const taken = users.reduce((sum, { of }) => sum + (of.needs![0]!.count ?? 1), 0);
      if (taken > count) found.push(`${id} at ${minute}`);
      if (kind !== 'oven') continue;
      if (new Set(users.map(({ of }) => of.needs![0]!.celsius)).size > 1) found.push(`${id} of two heats`);
      if (users.length > 0 && minute < preheatMinutes) found.push(`${id} is cold`);
    }
  }
  for (const { id, kind, changeMinutes = 0 } of resources) {
    if (kind !== 'oven') continue;
    const inside = bars.filter(({ resource }) => resource === id);
    for (const one of inside)
      for (const other of inside) {
        const changes = one.of.needs![0]!.celsius !== other.of.needs![0]!.celsius;
        if (changes && other.minute >= one.end && other.minute - one.end < changeMinutes)
          found.push(`${id} is not changed over`);
      }
  }
  return found;
}

/** A lesson by lot, as somebody might ask for one. */
function lessonByLot(seed: number): Asked {
  const random = seededRandom(seed);
  const upTo = (n: number) => Math.floor(random.uniform() * n);
  const count = 2 + upTo(5);
  return {
    ...{ stations: 1 + upTo(5), periodMinutes: 60, briefingMinutes: upTo(8), clearUpMinutes: upTo(8) },
    steps: Array.from({ length: count }, (_, i): Step => {
      const bakes = random.uniform() < 0.3;
      const fries = !bakes && random.uniform() < 0.4;
      const before = i > 0 && random.uniform() < 0.7 ? upTo(i) : -1;
      return {
        ...{
          id: `s${i}`,
          minutes: 1 + upTo(12),
          hands: bakes || random.uniform() < 0.3 ? 'waiting' : 'hands-on',
        },
        ...(before >= 0 && {
          after: [
            { id: `s${before}`, least: upTo(3), ...(random.uniform() < 0.3 && { most: 6 + upTo(20) }) },
          ],
        }),
        ...(bakes && {
          needs: [{ resource: upTo(2) === 0 ? 'oven' : 'top', celsius: [160, 200][upTo(2)]! }],
        }),
        ...(fries && { needs: [{ resource: 'hob', count: 1 + upTo(2) }] }),
      };
    }),
    resources: [
      { id: 'hob', count: 2 + upTo(3), kind: 'other' },
      { id: 'oven', count: 1 + upTo(3), kind: 'oven', preheatMinutes: upTo(10), changeMinutes: upTo(6) },
      { id: 'top', count: 1 + upTo(3), kind: 'oven' },
    ],
  };
}

describe('a timetable that is asked for by itself', () => {
  it('keeps every condition of a lesson by lot, and ends no sooner than its bound', () => {
    let laid = 0;
    for (let seed = 1; seed <= 120; seed += 1) {
      const asked = lessonByLot(seed);
      const told = ask(asked);
      if (told.endsMinute === null) {
        expect(told.binding, `seed ${seed}`).toMatch(/s\d/);
        continue;
      }
      laid += 1;
      expect(faults(asked, told), `seed ${seed}`).toEqual([]);
      expect(told.lowerBoundMinute).toBeLessThanOrEqual(told.endsMinute);
      expect(told.feasible).toBe(told.endsMinute + asked.clearUpMinutes! <= 60);
      expect(told.binding === null).toBe(told.feasible);
    }
    expect(laid).toBeGreaterThan(90);
  });

  it('two trays, 24 and 9 min, served together: the second goes in 15 min later', () => {
    const bake = (id: string, minutes: number) =>
      step(id, minutes, {
        ...{ hands: 'waiting', together: 'served' },
        needs: [{ resource: 'oven', celsius: 180 }],
      });
    const told = ask({
      ...{ stations: 1, periodMinutes: 60, steps: [bake('big', 24), bake('small', 9)] },
      resources: [{ id: 'oven', count: 2, kind: 'oven' }],
    });
    expect(at(told, 'small') - at(told, 'big')).toBe(15);
    expect(told.endsMinute).toBe(24);
  });

  it('an oven of two heats: the change-over stands between them, whatever goes first', () => {
    const steps = [160, 200].map((celsius) =>
      step(`at ${celsius}`, 10, { hands: 'waiting', needs: [{ resource: 'oven', celsius }] }),
    );
    const asked: Asked = {
      ...{ stations: 2, periodMinutes: 60, steps },
      resources: [{ id: 'oven', count: 4, kind: 'oven', preheatMinutes: 7, changeMinutes: 6 }],
    };
    const told = ask(asked);
    expect(told.endsMinute).toBe(7 + 10 + 6 + 10);
    expect(faults(asked, told)).toEqual([]);
    const unsaid = ask({ ...asked, resources: [{ id: 'oven', count: 4, kind: 'oven' }] });
    expect(unsaid.endsMinute).toBe(20);
  });

  it('“oven” means any oven where none is called so', () => {
    const told = ask({
      ...{ stations: 4, periodMinutes: 60 },
      steps: [step('bake', 20, { hands: 'waiting', needs: [{ resource: 'oven', celsius: 180 }] })],
      resources: ['left', 'right'].map((id) => ({ id, count: 2, kind: 'oven' })),
    });
    expect(told.endsMinute).toBe(20);
    expect(told.starts.map(({ resource }) => resource).sort()).toEqual(['left', 'left', 'right', 'right']);
  });

  it.each([
    [
      'a step without its oven',
      [step('bake', 9, { needs: [{ resource: 'oven', celsius: 180 }] })],
      'bake needs oven, and there is none',
    ],
    [
      'a step longer than the period',
      [step('stew', 90)],
      'stew one after the other: no timetable ends before 90 min, and all must be over at 60 min',
    ],
    [
      'a circle',
      [step('a', 2, { after: [{ id: 'b' }] }), step('b', 2, { after: [{ id: 'a' }] })],
      'wait for each other',
    ],
    [
      'a most that is shorter than what lies between',
      [
        step('mix', 5),
        step('rest', 20, { hands: 'waiting', after: [{ id: 'mix' }] }),
        step('bake', 5, { after: [{ id: 'rest' }, { id: 'mix', most: 10 }] }),
      ],
      'the most minutes between them are too few by 10',
    ],
    [
      'too much at once',
      [step('fry', 5, { needs: [{ resource: 'hob', count: 9 }] })],
      'fry needs more of hob than 3',
    ],
    [
      'a queue',
      [step('fry', 30, { needs: [{ resource: 'hob' }] })],
      'hob (3) is wanted for 360 min in all: no timetable ends before 120 min',
    ],
  ] as const)('says why it cannot be: %s', (_, steps, words) => {
    const told = ask({
      ...{ stations: 12, periodMinutes: 60, steps: [...steps] },
      resources: [{ id: 'hob', count: 3, kind: 'other' }],
    });
    expect(told.feasible).toBe(false);
    expect(told.binding).toContain(words);
  });

  it('refuses what names nothing, by its field, and says what it took for granted', () => {
    const lesson = (steps: Step[]): Asked => ({ stations: 40, periodMinutes: 5, steps, resources: [] });
    expect(refusalOf('timetable', lesson([step('a', 1, { after: [{ id: 'x' }] })]))).toContain(
      'steps[0].after[0].id',
    );
    expect(refusalOf('timetable', lesson([step('a', 1), step('a', 1)]))).toContain('steps[1].id');
    const short = step('b', 1, { after: [{ id: 'a', least: 9, most: 3 }] });
    expect(refusalOf('timetable', lesson([step('a', 1), short]))).toContain('9 min or more');
    expect(refusalOf('timetable', lesson(Array.from({ length: 31 }, (_, i) => step(`s${i}`, 1))))).toContain(
      'up to 30 steps',
    );
    expect(ask(lesson([step('a', 2), step('b', 3)]))).toMatchObject({ feasible: true, endsMinute: 5 });
    const halves = lesson([step('a', 1.5, { needs: [{ resource: 'oven' }] })]);
    expect(
      warningsOf('timetable', { ...halves, resources: [{ id: 'oven', count: 40, kind: 'oven' }] }),
    ).toEqual([
      'Steps are laid out in whole minutes: parts of a minute count as one.',
      'No temperature is said for a: taken as 180 °C.',
    ]);
  });
});
