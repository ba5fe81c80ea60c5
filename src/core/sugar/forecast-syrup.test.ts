import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import { forecastSyrup, heatSyrup, type SyrupBatch } from '.';
import { fitHeat, heatScalesOf } from './heat-fit';
import { lessonSpreads } from './syrup-unknowns';

const batch: SyrupBatch = { solidsG: 150, waterG: 90, localBoilingC: 98, panJPerK: 200 };
const loss = { lossWPerK: 0.85, roomC: 21 };

/** A pan as the model has it, read every few seconds until it shows `untilC` or `untilS` is over. */
function boiled(
  until: { celsius?: number; seconds?: number },
  power: (second: number) => number = () => 350,
  { everyS = 4, noiseC = 0 } = {},
): { seconds: number[]; celsius: number[]; reached: (celsius: number) => number } {
  const random = seededRandom(11);
  const seconds: number[] = [];
  const celsius: number[] = [];
  const all: number[] = [];
  let state = { seconds: 0, celsius: 21, waterG: batch.waterG };
  for (let s = 1; s < 4000; s += 1) {
    state = heatSyrup(state, batch, { ...loss, powerW: power(s) }, 1);
    all.push(state.celsius);
    const stopped = state.celsius >= (until.celsius ?? Infinity) || s > (until.seconds ?? Infinity);
    if (!stopped && s % everyS === 0 && seconds.length === Math.floor(s / everyS) - 1) {
      seconds.push(s);
      celsius.push(state.celsius + noiseC * random.normal());
    }
  }
  return { seconds, celsius, reached: (target) => all.findIndex((one) => one >= target) + 1 };
}

const reaching = (forecast: ReturnType<typeof forecastSyrup>) => {
  if (forecast.kind !== 'reaching') throw new Error(`${forecast.kind} is not reaching`);
  return forecast;
};

describe('forecast of a boiling syrup', () => {
  it('in the model’s own pan it is right through plateau and climb, and the interval holds', () => {
    for (const share of [0.5, 0.65, 0.8, 0.93]) {
      const target = 140;
      const end = boiled({}).reached(target);
      const trace = boiled({ seconds: share * end });
      const now = trace.seconds.at(-1)!;
      const { seconds, low, high } = reaching(forecastSyrup(trace, batch, target, now));
      const left = end - now;
      expect(Math.abs(seconds - left) / left).toBeLessThan(0.12);
      expect(low).toBeLessThan(left);
      expect(high).toBeGreaterThan(left);
    }
  });

  it('asks only how long ago: the clock may start anywhere, and a target farther off takes longer', () => {
    const trace = boiled({ seconds: 700 });
    const at = (shift: number, target: number) => {
      const seconds = trace.seconds.map((one) => one + shift);
      return reaching(forecastSyrup({ ...trace, seconds }, batch, target, seconds.at(-1)!)).seconds;
    };
    expect(at(5000, 140)).toBeCloseTo(at(0, 140), 6);
    expect(at(0, 146)).toBeGreaterThan(at(0, 140));
    expect(at(0, 140)).toBeGreaterThan(at(0, 125));
  });

  it('lays a wide interval out in ratios and a narrow one in seconds, never below now', () => {
    const trace = boiled({});
    const end = trace.reached(140);
    let [ratios, seconds] = [0, 0];
    for (let now = 60; now < end; now += 20) {
      const seen = trace.seconds.filter((one) => one <= now).length;
      const cut = { seconds: trace.seconds.slice(0, seen), celsius: trace.celsius.slice(0, seen) };
      const forecast = forecastSyrup(cut, batch, 140, now);
      if (forecast.kind !== 'reaching' || forecast.high === null) continue;
      expect(forecast.low).toBeGreaterThanOrEqual(0);
      const inRatios =
        Math.abs(forecast.low * forecast.high - forecast.seconds ** 2) < 1e-6 * forecast.seconds ** 2;
      const inSeconds =
        Math.abs(forecast.low + forecast.high - 2 * forecast.seconds) < 1e-6 * forecast.seconds;
      expect(inRatios || inSeconds).toBe(true);
      // The share from which ratios are taken: e^(1.96 × 0.15).
      if (inRatios && !inSeconds) {
        ratios += 1;
        expect(forecast.high / forecast.seconds).toBeGreaterThanOrEqual(Math.exp(1.96 * 0.15) - 1e-9);
      } else {
        seconds += 1;
        expect(forecast.high / forecast.seconds).toBeLessThanOrEqual(1 + 1.96 * 0.15 + 1e-9);
      }
    }
    expect(ratios).toBeGreaterThan(5);
    expect(seconds).toBeGreaterThan(5);
  });

  it('less that is known makes it wider, each thing by itself', () => {
    const trace = boiled({ seconds: 700 });
    const width = (more: Partial<typeof lessonSpreads>) => {
      const { low, high } = reaching(forecastSyrup(trace, batch, 146, 700, { ...lessonSpreads, ...more }));
      return high! - low;
    };
    const usual = width({});
    for (const more of [
      { drift: 8e-4 },
      { offsetC: 1.5 },
      { weighing: 0.08 },
      { panJPerK: 400 },
      { rate: 0.1 },
      { momentS: 20 },
      { leastWobbleS: 10 },
      { narrowed: 0.9 },
    ]) {
      expect(width(more), JSON.stringify(more)).toBeGreaterThan(1.02 * usual);
    }
    // What a lesson does not leave open is not in the interval.
    expect(
      width({ drift: 1e-6, offsetC: 0.01, weighing: 1e-4, panJPerK: 1, lossWPerK: 0.01, rate: 0 }),
    ).toBeLessThan(0.6 * usual);
  });

  it('readings that scatter more make it wider', () => {
    const at = (everyS: number, noiseC: number) => {
      const trace = boiled({ seconds: 700 }, undefined, { everyS, noiseC });
      const { low, high } = reaching(forecastSyrup(trace, batch, 146, 700));
      return high! - low;
    };
    expect(at(30, 1.5)).toBeGreaterThan(1.15 * at(30, 0.2));
  });

  it('knows a power that falls when it sees one: later than one that stays', () => {
    const falling = (second: number) => 420 * (1 - (0.3 * second) / 900);
    const end = boiled({}, falling).reached(135);
    const trace = boiled({ seconds: end - 150 }, falling);
    const now = trace.seconds.at(-1)!;
    const { seconds, low, high } = reaching(forecastSyrup(trace, batch, 135, now));
    expect(Math.abs(seconds - (end - now))).toBeLessThan(20);
    expect(low < end - now && end - now < high!).toBe(true);
    const stiff = reaching(forecastSyrup(trace, batch, 135, now, { ...lessonSpreads, drift: 1e-7 }));
    expect(stiff.seconds).toBeLessThan(seconds);
  });

  it('a pan taken off for half a minute is not back where it was on the way up', () => {
    const off = (second: number) => (second > 700 && second < 745 ? -250 : 350);
    const end = boiled({}, off).reached(140);
    const trace = boiled({ seconds: 765 }, off);
    const now = trace.seconds.at(-1)!;
    expect(Math.max(...trace.celsius) - Math.min(...trace.celsius.slice(170))).toBeGreaterThan(1.5);
    const { low, high } = reaching(forecastSyrup(trace, batch, 140, now));
    expect(low).toBeLessThan(end - now);
    expect(high).toBeGreaterThan(end - now);
  });

  it('says reached, not approaching, too few, and nothing where it would be empty', () => {
    const trace = boiled({ celsius: 120 });
    const now = trace.seconds.at(-1)!;
    // The middle one of the last three decides, to a twentieth of a degree.
    const [a, b, c] = trace.celsius.slice(-3) as [number, number, number];
    expect(forecastSyrup(trace, batch, b, now)).toEqual({ kind: 'reached', byC: 0 });
    expect(forecastSyrup(trace, batch, b + 0.04, now).kind).toBe('reached');
    expect(forecastSyrup(trace, batch, b + 0.2, now).kind).toBe('reaching');
    expect(a < b && b < c).toBe(true);
    const two = { seconds: [1, 2], celsius: [21, 22] };
    expect(forecastSyrup(two, batch, 120, 2).kind).toBe('too-few-readings');
    const faint = boiled({ seconds: 1500 }, () => 40);
    expect(forecastSyrup(faint, batch, 140, 1500).kind).not.toBe('reaching');
    const start = boiled({ seconds: 16 }, undefined, { noiseC: 0.5 });
    expect(forecastSyrup(start, batch, 150, 16).kind).not.toBe('too-few-readings');
  });

  it('finds the length of a hob’s cycle, and none where there is none', () => {
    const cycling = (second: number) => (second % 90 < 60 ? 1.5 * 320 : 0);
    const fitOf = (trace: { seconds: number[]; celsius: number[] }) =>
      fitHeat(trace, heatScalesOf(batch), trace.seconds.at(-1)!, trace.seconds[0]!, lessonSpreads)!;
    const swung = fitOf(boiled({ seconds: 800 }, cycling, { everyS: 12, noiseC: 0.1 }));
    expect(Math.abs(swung.cycleS! - 90)).toBeLessThanOrEqual(6);
    expect(swung.fit.estimates).toHaveLength(11);
    expect(fitOf(boiled({ seconds: 800 }, undefined, { everyS: 12, noiseC: 0.1 })).cycleS).toBeNull();
    // Two cycles bend like anything else.
    expect(fitOf(boiled({ seconds: 190 }, cycling, { everyS: 5 })).cycleS).toBeNull();
  });

  it('the swing of a cycling hob brings the moment nearer than a steady line does', () => {
    let [swung, steady] = [0, 0];
    for (const phase of [0, 20, 40, 60, 80]) {
      const cycling = (second: number) => ((second + phase) % 90 < 60 ? 1.5 * 320 : 0);
      const end = boiled({}, cycling).reached(128);
      const trace = boiled({ seconds: end - 120 }, cycling, { everyS: 10, noiseC: 0.1 });
      const now = trace.seconds.at(-1)!;
      const error = (spreads = lessonSpreads) =>
        Math.abs(reaching(forecastSyrup(trace, batch, 128, now, spreads)).seconds - (end - now));
      swung += error();
      // With no room for a swing nothing is looked for.
      steady += error({ ...lessonSpreads, widestWobbleS: 1, leastWobbleS: 1 });
    }
    expect(swung).toBeLessThan(0.8 * steady);
  });
});
