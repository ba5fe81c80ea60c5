import { describe, expect, it } from 'vitest';
import type { StationState } from '../../core/run';
import { countdownClock, countdownWords, targetWords } from './station-words';

const state = (patch: Partial<StationState>) =>
  ({
    target: { seaLevelC: 150, localC: 146, shifted: true },
    reading: { celsius: 140, ageS: 1 },
    forecast: null,
    changedAt: null,
    away: false,
    phase: 'working',
    ...patch,
  }) as StationState;

describe('what a card says about its target', () => {
  it.each<[Partial<StationState>, string, string]>([
    [{ forecast: { kind: 'reaching', seconds: 41, low: 33, high: 48 } }, 'in 41 s', '33 to 48 s'],
    [{ forecast: { kind: 'reaching', seconds: 200, low: 160, high: 250 } }, 'in 3 min 20 s', '2.5 to 4 min'],
    [{ forecast: { kind: 'reaching', seconds: 900, low: 700, high: null } }, 'in 15 min', '12 min or more'],
    [{ forecast: { kind: 'not-approaching' } }, 'not nearing its target', ''],
    [{ forecast: { kind: 'not-yet' } }, 'too early to say when', ''],
    [
      {
        forecast: { kind: 'reaching', seconds: 41, low: 33, high: 48 },
        changedAt: Date.UTC(2026, 0, 12, 12, 40),
      },
      'in 41 s',
      '33 to 48 s; goes otherwise since 12:40',
    ],
    [
      { forecast: { kind: 'not-yet' }, changedAt: Date.UTC(2026, 0, 12, 12, 40) },
      'too early to say when',
      'goes otherwise since 12:40',
    ],
    [{ forecast: { kind: 'not-yet' }, away: true }, 'out of the pan?', 'too early to say when'],
    [{ phase: 'at-target' }, 'at target now', ''],
    [{ phase: 'past-target', reading: { celsius: 149.2, ageS: 1 } }, 'over by 3.2', ''],
    [{ forecast: { kind: 'too-few-readings' } }, '', ''],
  ])('%j', (patch, strong, soft) => {
    expect(targetWords(state(patch), 'C')).toEqual({ strong, soft });
  });

  it('gives the excess in the unit of the class: 3.2 °C is 5.8 °F', () => {
    const over = state({ phase: 'past-target', reading: { celsius: 149.2, ageS: 1 } });
    expect(targetWords(over, 'F').strong).toBe('over by 5.8');
  });
});

describe('what a countdown says', () => {
  const at = (elapsedS: number, lookAtS: number | null = 900) => ({
    label: 'bake',
    elapsedS,
    lengthS: 1200,
    lookInS: lookAtS === null ? null : lookAtS - elapsedS,
    warnInS: null,
  });

  it.each([
    [at(300), 'look in 10 min', '15:00'],
    [at(930), 'look now', '4:30'],
    [at(1100), '1 min 40 s left', '1:40'],
    [at(300, null), '15 min left', '15:00'],
    [at(1260), 'time is up, 1 min ago', '1:00'],
  ])('%j', (countdown, words, clock) => {
    expect(countdownWords(countdown)).toBe(words);
    expect(countdownClock(countdown)).toBe(clock);
  });
});
