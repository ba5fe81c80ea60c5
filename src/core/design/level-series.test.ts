import { describe, expect, it } from 'vitest';
import { allocateTreatments, levelSeries } from '.';

describe('levels typed at once', () => {
  it.each<[string, number[]]>([
    ['140 to 155 by 5', [140, 145, 150, 155]],
    ['140–155 step 5', [140, 145, 150, 155]],
    ['from 0 to 1 in steps of 0.2', [0, 0.2, 0.4, 0.6, 0.8, 1]],
    ['0,1 to 0,3 by 0,1', [0.1, 0.2, 0.3]],
    ['60 to 20 by 20', [60, 40, 20]],
    ['−18 to 4 by 11', [-18, -7, 4]],
    ['10 to 25 by 10', [10, 20]],
    ['4 levels from 140 to 155', [140, 145, 150, 155]],
    ['5 from 0 to 4', [0, 1, 2, 3, 4]],
    ['20 to 60 in 3 levels', [20, 40, 60]],
    ['0, 1, 2, 4', [0, 1, 2, 4]],
    ['0,1,2,4', [0, 1, 2, 4]],
    ['0; 0,5; 1', [0, 0.5, 1]],
    ['10 / 20 / 30', [10, 20, 30]],
    ['1 and 3', [1, 3]],
  ])('%s', (typed, levels) => {
    expect(levelSeries(typed, 12)).toEqual(levels);
  });

  it.each(['5', '0,5', '−3', 'warm', 'raw or heated', '2 eggs', '', '  '])(
    '“%s” is one level or none',
    (typed) => {
      expect(levelSeries(typed, 12)).toBeNull();
    },
  );

  it.each([
    ['140 to 155', /by how much/],
    ['0 to 100 by 1', /101 levels are too many/],
    ['0 to 5 by 0', /step of 0/],
    ['1 levels from 0 to 5', /no comparison/],
    ['40 levels from 0 to 5', /too many/],
  ])('%s is refused in words', (typed, words) => {
    expect(levelSeries(typed, 12)).toMatch(words);
  });
});

describe('a layout in blocks', () => {
  const stations = Array.from({ length: 14 }, (_, i) => i + 1);
  const ids = ['a', 'b', 'c', 'd'];
  const laid = (seed: number) =>
    allocateTreatments(stations, ids, 'in-blocks', seed).map(({ treatmentId }) => treatmentId);

  it('has every treatment once in each row of neighbours, drawn by lot; what is left over repeats none', () => {
    for (let seed = 1; seed <= 40; seed += 1) {
      const all = laid(seed);
      for (const from of [0, 4, 8]) expect([...all.slice(from, from + 4)].sort()).toEqual(ids);
      expect(new Set(all.slice(12)).size).toBe(2);
    }
    expect(laid(3)).toEqual(laid(3));
    // By lot: over many seeds each treatment stands first in a row about equally often (400 rows, 100 each ± 4 s).
    const first = Array.from({ length: 400 }, (_, i) => laid(i + 1)[4]);
    for (const id of ids) {
      const times = first.filter((one) => one === id).length;
      expect(Math.abs(times - 100)).toBeLessThan(36);
    }
  });
});
