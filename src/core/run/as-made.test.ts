import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import { sodaScones } from '../practical/testing/plans';
import { asMadeAt, benchSetting, classTable, madeOtherwise, Notebook, weighedCalls, type EntryBody } from '.';
import { entry, place, zero } from './testing/entries';

const plan = sodaScones(0, 1, 2);
const treatments = new Map([
  [1, 'l1'],
  [2, 'l2'],
  [3, 'l0'],
]);
const setting = benchSetting(plan, place, treatments, batchTables);
const weighed = (ingredientId: string, grams: number, wantedG: number): EntryBody => ({
  ...{ kind: 'weighed', ingredientId, grams, wantedG, by: 'students' },
  name: ingredientId,
});
const notebookWith = (...bodies: [station: number, body: EntryBody][]) => {
  const notebook = new Notebook(zero, [1, 2, 3]);
  notebook.add(bodies.map(([station, body], i) => entry(station, i, body)));
  return notebook;
};

describe('a batch as it was made', () => {
  it('is what was weighed last of each, with shares once all of it is; nothing is guessed', () => {
    const half = notebookWith([1, weighed('flour', 210, 200)], [1, weighed('flour', 198, 200)]);
    expect(asMadeAt(setting, half, 1)).toMatchObject({
      totalG: null,
      lines: [
        { grams: 198, wantedG: 200, share: null, verdict: { rank: 'fine' } },
        { grams: null, wantedG: 2, verdict: null, entryId: null },
      ],
    });
    half.add([entry(1, 9, weighed('soda', 2, 2))]);
    const { lines, totalG } = asMadeAt(setting, half, 1);
    expect(totalG).toBe(200);
    expect(lines.map(({ share }) => share)).toEqual([99, 1]);
  });

  it('one gram more of two is a check at the board and ringed in the results; one gram of flour is neither', () => {
    const notebook = notebookWith([1, weighed('soda', 3, 2)], [2, weighed('flour', 201, 200)]);
    const calls = weighedCalls(setting, notebook);
    expect(calls).toMatchObject([
      { rank: 'check', stations: [1], what: 'Station 1: 3 g bicarbonate of soda, 2 g wanted' },
    ]);
    expect(calls[0]!.why).toContain('half of the way to the next level');
    expect(classTable(setting, notebook).map(({ station, deviations }) => [station, deviations])).toEqual([
      [3, []],
      [1, ['3 g bicarbonate of soda, 2 g wanted']],
      [2, []],
    ]);
  });

  it('soda where none belongs is said, although the batch does not ask for any', () => {
    const notebook = notebookWith([3, weighed('soda', 2, 0)]);
    expect(madeOtherwise(asMadeAt(setting, notebook, 3))).toMatchObject([{ verdict: { rank: 'check' } }]);
    expect(asMadeAt(setting, notebookWith(), 3).lines.map(({ name }) => name)).toEqual(['Plain flour']);
  });

  it('what was weighed out before the bell breaks no silence; what is put right stands', () => {
    const notebook = new Notebook(zero, [1]);
    const early = entry(1, -86_400, weighed('soda', 3, 2));
    notebook.add([early]);
    expect(notebook.station(1).lastAt).toBeNull();
    notebook.add([
      entry(1, 5, { kind: 'correction', corrects: early.id, to: weighed('soda', 2, 2) as never }),
    ]);
    expect(madeOtherwise(asMadeAt(setting, notebook, 1))).toEqual([]);
  });
});
