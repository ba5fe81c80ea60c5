import { describe, expect, it } from 'vitest';
import { forecastScenarios } from '.';
import { tries } from '../random/testing/sampled';
import type { ForecastLesson } from './forecast-lessons';

const scenario = (id: string) => forecastScenarios.find((one) => one.id === id)!;
/** Lessons of a scenario, each played once for all that look at it. */
const played = new Map<string, ForecastLesson[]>();
const lessons = (id: string, count = tries(40, 24)): ForecastLesson[] => {
  const all = played.get(id) ?? [];
  while (all.length < count) all.push(scenario(id).lesson(100 + all.length));
  played.set(id, all);
  return all.slice(0, count);
};
const mean = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;
const sd = (list: readonly number[]) => {
  const middle = mean(list);
  return Math.sqrt(list.reduce((sum, one) => sum + (one - middle) ** 2, 0) / (list.length - 1));
};
/** What the thermometer shows, its own error in it, at each second from 1 on. */
const shown = ({ truth, reachedS }: ForecastLesson, values = truth.values) => {
  const step = truth.play(values);
  return Array.from({ length: reachedS }, (_, i) => step(i + 1));
};
const gaps = (lesson: ForecastLesson) => lesson.seconds.slice(1).map((one, i) => one - lesson.seconds[i]!);

describe('simulated lessons are what their names say', () => {
  // As the issue of the bench words them: how often, how coarse, how far the thermometer is off.
  it.each<[id: string, everyS: number, divisionC: number, readingC: number, offsetSdC: number]>([
    ['own-pan', 2, 0.1, 0.153, 0.2],
    ['hand', 30, 1, 0.416, 0.3],
    ['half-degree', 30, 0.5, 0.247, 0.5],
    ['caramel', 35, 25 / 9, 0.896, 0.5],
    ['water', 5, 0.1, 0.153, 0.2],
    ['newton', 60, 0.5, 0.247, 0.2],
    ['deep-tray', 120, 0.1, 0.202, 0.3],
    ['roast', 60, 0.1, 0.153, 0.3],
    ['egg', 10, 0.1, 0.153, 0.2],
  ])('%s: read every %d s to %d °C', (id, everyS, divisionC, readingC, offsetSdC) => {
    const all = lessons(id);
    expect(mean(all.flatMap(gaps)) / everyS).toBeCloseTo(1, 1);
    const rests = all.flatMap((lesson) => {
      const at = shown(lesson);
      return lesson.seconds.map((second, i) => lesson.celsius[i]! - at[second - 1]!);
    });
    for (const one of all.flatMap((lesson) => lesson.celsius.slice(0, 20))) {
      expect(Math.abs(one / divisionC - Math.round(one / divisionC))).toBeLessThan(1e-6);
    }
    // Noise and rounding: √(noise² + division²/12).
    expect(sd(rests) / readingC).toBeCloseTo(1, 0.9);
    expect(all[0]!.truth.readingC).toBeCloseTo(readingC, 2);
    expect(all[0]!.truth.spreads.at(-1)).toBe(offsetSdC);
    expect(sd(all.map((lesson) => lesson.truth.values.at(-1)!)) / offsetSdC).toBeGreaterThan(0.6);
    expect(sd(all.map((lesson) => lesson.truth.values.at(-1)!)) / offsetSdC).toBeLessThan(1.5);
  });

  it('end in the second the thermometer first shows the target, and not before', () => {
    for (const { id, syrup } of forecastScenarios) {
      for (const lesson of lessons(id, 4)) {
        const at = shown(lesson);
        const there = (celsius: number) =>
          lesson.truth.rising ? celsius >= lesson.targetC : celsius <= lesson.targetC;
        expect(there(at.at(-1)!), id).toBe(true);
        expect(at.slice(0, -1).some(there), id).toBe(false);
        expect(lesson.seconds[0], id).toBe(5);
        expect(lesson.seconds.at(-1)!, id).toBeLessThanOrEqual(lesson.reachedS);
        expect(lesson.batch !== null, id).toBe(syrup);
      }
    }
  });

  it('Newton’s cup by his law, in a room of 21 ± 1 °C', () => {
    const rooms = lessons('newton', 200).map((lesson) => {
      const [roomC, startC, tauS, offsetC] = lesson.truth.values as [number, number, number, number];
      const at = shown(lesson);
      for (const s of [1, 600, at.length]) {
        expect(at[s - 1]).toBeCloseTo(roomC + (startC - roomC) * Math.exp(-s / tauS) + offsetC, 9);
      }
      expect(startC).toBeGreaterThanOrEqual(70);
      expect(startC).toBeLessThanOrEqual(95);
      expect(tauS).toBeGreaterThanOrEqual(900);
      expect(tauS).toBeLessThanOrEqual(3600);
      expect(lesson.pan).toEqual({ steams: false, core: false, surroundings: { celsius: 21, sdC: 3 } });
      return roomC;
    });
    expect(mean(rooms)).toBeCloseTo(21, 0.5);
    expect(sd(rooms)).toBeCloseTo(1, 0.5);
  });

  it('water warms by its power less its losses, and is 1 °C short of the boil when it is called', () => {
    for (const lesson of lessons('water', 8)) {
      const [powerW, lossWPerK, panJPerK, massG] = lesson.truth.values as [number, number, number, number];
      const at = shown(lesson, [...lesson.truth.values.slice(0, -1), 0]);
      // In the first second from 15 °C in a room of 21: P + 6 × loss over (m c + pan).
      const first = (powerW + 6 * lossWPerK) / (massG * 4.19 + panJPerK);
      expect((at[0]! - 15) / first).toBeCloseTo(1, 1);
      expect(lesson.targetC).toBeGreaterThanOrEqual(95);
      expect(lesson.targetC).toBeLessThanOrEqual(99);
    }
  });

  it('syrups: weighing, weather and pans vary where that is their name, and nowhere else', () => {
    const column = { hobW: 0, solids: 1, water: 2, weatherC: 3, panJPerK: 4, lossWPerK: 5 } as const;
    const seen = (id: string, name: keyof typeof column) =>
      lessons(id, 200).map((lesson) => lesson.truth.values[column[name]]!);
    const range = (list: number[]) => [Math.min(...list), Math.max(...list)] as const;
    const [lightest, heaviest] = range(seen('weighing', 'solids'));
    expect(lightest).toBeGreaterThanOrEqual(0.97);
    expect(heaviest).toBeLessThanOrEqual(1.03);
    expect(heaviest - lightest).toBeGreaterThan(0.05);
    expect(sd(seen('weather', 'weatherC'))).toBeCloseTo(0.4, 1);
    const [smallest, largest] = range(seen('pans', 'panJPerK'));
    expect(smallest).toBeGreaterThanOrEqual(150);
    expect(smallest).toBeLessThan(180);
    expect(largest).toBeLessThanOrEqual(500);
    expect(largest).toBeGreaterThan(470);
    const [weakest, strongest] = range(seen('own-pan', 'hobW'));
    expect([weakest >= 260, weakest < 275, strongest <= 480, strongest > 465]).toEqual([
      true,
      true,
      true,
      true,
    ]);
    for (const name of ['solids', 'weatherC', 'panJPerK'] as const) {
      expect(sd(seen('own-pan', name)), name).toBeLessThan(1e-3);
    }
  });

  it('hobs: falling by a fifth in ten minutes, lagging, going on and off', () => {
    // While the syrup is cold its climb is its power over its warmth; the losses are a few watts.
    const climb = (id: string, from: number, to: number) => {
      const lesson = scenario(id).lesson(7);
      const known = [...lesson.truth.values];
      known[5] = 0;
      known[known.length - 1] = 0;
      const at = lesson.truth.play(known);
      const all = Array.from({ length: to }, (_, i) => at(i + 1));
      return all[to - 1]! - (from === 0 ? 21 : all[from - 1]!);
    };
    // ∫ of 1 − e^(−t/60) over a minute is 22.1 s of its 60; of 1 − e^(−t/120) it is 12.8 s.
    expect(climb('lag-60', 0, 60) / climb('own-pan', 0, 60)).toBeCloseTo(22.07 / 60, 1.5);
    expect(climb('lag-120', 0, 60) / climb('own-pan', 0, 60)).toBeCloseTo(12.78 / 60, 1.5);
    expect(climb('falling-power', 0, 60) / climb('own-pan', 0, 60)).toBeCloseTo(1 - 0.2 * (30 / 600), 2);
    // 60 s on at one and a half, 30 off: the same in the mean, nothing in the pause.
    expect(climb('cycling', 0, 90) / climb('own-pan', 0, 90)).toBeCloseTo(1, 1.5);
    expect(climb('cycling', 60, 89)).toBeCloseTo(0, 6);
  });
});
