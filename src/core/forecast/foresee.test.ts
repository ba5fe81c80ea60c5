import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import { foresee, type Pan } from '.';

const water: Pan = { batch: null, boilingC: 100, steams: true, core: false, surroundings: null };

/** A trace of a temperature at second s, read every 4 s with the noise of a probe. */
function readings(celsiusAt: (second: number) => number, untilS: number, seed = 1) {
  const random = seededRandom(seed);
  const seconds = Array.from({ length: Math.floor(untilS / 4) }, (_, i) => 4 * (i + 1));
  return { seconds, celsius: seconds.map((second) => celsiusAt(second) + 0.15 * random.normal()) };
}

describe('what is done to a pan on the way', () => {
  it('a line that goes on as it began has not changed, and the moment is the line’s', () => {
    const misses: number[] = [];
    for (let seed = 1; seed <= 20; seed += 1) {
      const trace = readings((s) => 20 + 0.1 * s, 300, seed);
      const { forecast, changedS, away, wild } = foresee(water, trace, 80, 300);
      expect([changedS, away, wild]).toEqual([null, false, []]);
      if (forecast.kind !== 'reaching') throw new Error(forecast.kind);
      // 30 °C to go at 0.1 °C a second, without steam: 300 s.
      expect(forecast.low).toBeLessThan(300);
      expect(forecast.high!).toBeGreaterThan(300);
      misses.push(forecast.seconds - 300);
    }
    expect(Math.abs(misses.reduce((sum, one) => sum + one, 0) / misses.length)).toBeLessThan(10);
  });

  it('a burner turned up: at first nothing is said, then what it does now; when it was turned is told', () => {
    const turned = (s: number) => 20 + 0.1 * s + (s > 200 ? 0.1 * (s - 200) : 0);
    const at = (now: number) => foresee(water, readings(turned, now), 90, now);
    expect(at(200).changedS).toBeNull();
    const after = at(260);
    expect(Math.abs(after.changedS! - 200)).toBeLessThanOrEqual(12);
    if (after.forecast.kind !== 'reaching') throw new Error(after.forecast.kind);
    // 52 °C at 260 s, 38 °C to go at 0.2 °C a second: 190 s.
    expect(after.forecast.low).toBeLessThan(190);
    expect(after.forecast.high!).toBeGreaterThan(190);
  });

  it('a thermometer out for half a minute: nothing meanwhile, and its readings never count', () => {
    // In air a bare probe goes two thirds of the way in six seconds, and back as fast.
    const inPan = (s: number) => 20 + 0.1 * s;
    const lowest = 22 + (inPan(230) - 22) * Math.exp(-30 / 6);
    const shown = (s: number) =>
      s <= 200
        ? inPan(s)
        : s <= 230
          ? 22 + (inPan(s) - 22) * Math.exp(-(s - 200) / 6)
          : inPan(s) + (lowest - inPan(230)) * Math.exp(-(s - 230) / 6);
    const out = foresee(water, readings(shown, 216), 80, 216);
    expect([out.forecast.kind, out.away]).toEqual(['not-yet', true]);
    const back = foresee(water, readings(shown, 300), 80, 300);
    expect([back.away, back.changedS]).toEqual([false, null]);
    expect(back.wild.length).toBeGreaterThan(6);
    expect(back.wild.every((second) => second > 200 && second < 260)).toBe(true);
    if (back.forecast.kind !== 'reaching') throw new Error(back.forecast.kind);
    expect(Math.abs(back.forecast.seconds - 300)).toBeLessThan(20);
  });

  it('a pan that runs away upwards is never taken for a thermometer in the air, and one that is nearly there is called', () => {
    // From 0.1 to 1.5 °C a second: sugar over a flame that was turned full on.
    const fast = (s: number) => 20 + 0.1 * s + (s > 200 ? 1.4 * (s - 200) : 0);
    for (const now of [212, 216, 220, 232]) {
      const seen = foresee(water, readings(fast, now), fast(now) + 20, now);
      expect(seen.away, String(now)).toBe(false);
      expect(seen.wild).toEqual([]);
    }
    const near = foresee(water, readings(fast, 212), fast(212) + 8, 212).forecast;
    if (near.kind !== 'reaching') throw new Error(near.kind);
    // Really 8 / 1.5 = 5 s.
    expect(near.low).toBeLessThan(5.4);
    expect(near.high!).toBeGreaterThan(5.3);
  });

  it('is the same asked reading by reading and asked once, and of an earlier moment knows nothing of the later', () => {
    const whole = readings((s) => 20 + 0.1 * s + (s > 200 ? 0.1 * (s - 200) : 0), 320);
    const growing = { seconds: [] as number[], celsius: [] as number[] };
    let last = null;
    for (let i = 0; i < whole.seconds.length; i += 1) {
      growing.seconds.push(whole.seconds[i]!);
      growing.celsius.push(whole.celsius[i]!);
      last = foresee(water, growing, 90, whole.seconds[i]!);
    }
    expect(last).toEqual(foresee(water, whole, 90, 320));
    expect(foresee(water, whole, 90, 180).changedS).toBeNull();
  });

  it('what cools where its plan says is told from farther off, and no more once it was touched', () => {
    const room = { celsius: 21, sdC: 3 };
    const cup = { ...water, steams: false };
    // Newton: 80 °C in 21 °C with a time constant of 1800 s is 40 °C after 1800 ln(59/19) = 2040 s.
    const newton = (s: number) => 21 + 59 * Math.exp(-s / 1800);
    const at = (surroundings: Pan['surroundings'], celsiusAt = newton) =>
      foresee({ ...cup, surroundings }, readings(celsiusAt, 950), 40, 950);
    expect(at(null).forecast.kind).toBe('not-yet');
    const { forecast } = at(room);
    if (forecast.kind !== 'reaching') throw new Error(forecast.kind);
    expect(forecast.low).toBeLessThan(1090);
    expect(forecast.high!).toBeGreaterThan(1090);
    expect(Math.abs(forecast.seconds - 1090)).toBeLessThan(90);
    // 8 °C colder at once: cold water went in.
    const poured = (s: number) => newton(s) - (s > 600 ? 8 : 0);
    const [told, untold] = [at(room, poured), at(null, poured)];
    expect(told.changedS).not.toBeNull();
    expect(told.forecast).toEqual(untold.forecast);
  });
});
