import { describe, expect, it } from 'vitest';
import {
  newPlan,
  newResponse,
  readPoints,
  shownValue,
  stationPlan,
  treatmentsOf,
  type Plan,
} from '../practical';
import { wordLevels } from '../practical/testing/plans';
import { readQuickLine } from './quick-line';
import { completionsOf } from './completions';
import type { QuickLineContext } from './quick-line';
import { recordedInWords, type RecordedBody } from './entry';
import { cellsOfStation } from './station-cells';
import { isMissing } from './result-cell';
import { Notebook } from './notebook';
import { measuredClass } from './testing/measured-class';

const tremble = newResponse({
  id: 'tremble',
  name: 'tremble',
  kind: 'ordered-words',
  points: ['runs', 'slumps', 'stands still'],
  pieces: 2,
});
const face = newResponse({ id: 'face', name: 'photo of the side', kind: 'photo' });
const plan: Plan = {
  ...newPlan('Set', null),
  factors: [
    {
      id: 'f',
      name: 'leaf',
      acts: { on: 'words', scale: 'words' },
      unit: '',
      levels: wordLevels(['one', 'two']),
    },
  ],
  responses: [tremble, face, newResponse({ id: 'h', name: 'height', unit: 'mm' })],
};
const own = stationPlan(plan, null, null);
const context: QuickLineContext = {
  ...{ plan, stations: [1], unit: 'C', own: () => own, currentStep: () => undefined, probe: () => 1 },
  ...{ lastReading: () => null, lastWritten: () => null, lastMeasurement: () => null },
};
const first = (line: string) => {
  const answer = readQuickLine(line, context);
  return answer.kind === 'entries' ? answer.entries[0]!.body : answer;
};

describe('a scale whose points have names', () => {
  it.each<[string, object]>([
    ['1 tremble slumps', { kind: 'measurement', responseId: 'tremble', value: 2, word: 'slumps' }],
    ['1 Tremble p2 Stands Still', { value: 3, word: 'stands still', piece: 2 }],
    // A number is a point too, and one beyond the scale is refused with the scale.
    ['1 tremble 1', { value: 1, word: 'runs' }],
    ['1 tremble 4', { kind: 'refused', field: 'tremble', allowed: '1 runs, 2 slumps, 3 stands still' }],
    ['1 tremble 2.5', { kind: 'refused', field: 'tremble' }],
    ['1 tremble p3 runs', { kind: 'refused', field: 'piece', allowed: 'p1 to p2' }],
    // Without the name of what it is of it is what was seen.
    ['1 slumps', { kind: 'observation', text: 'slumps' }],
    ['1 it slumps', { kind: 'observation', text: 'it slumps' }],
    ['1 height 31', { value: 31, unit: 'mm' }],
  ])('%s', (line, said) => {
    expect(first(line)).toMatchObject(said);
  });

  it('names only what has names', () => expect(first('1 height 31')).not.toHaveProperty('word'));

  it('is offered by its points, and written in words', () => {
    expect(completionsOf('1 tre', context)).toEqual([
      '1 tremble runs',
      '1 tremble slumps',
      '1 tremble stands still',
    ]);
    expect(recordedInWords(first('1 tremble p2 runs') as RecordedBody)).toBe('tremble of piece 2 runs');
    expect([1, 3, 4, 0, 1.5].map((value) => shownValue(tremble, value))).toEqual([
      ...['runs', 'stands still', '4.00', '0.00', '1.50'],
    ]);
    expect(shownValue({ points: ['', 'b'] }, 1)).toBe('1.00');
    expect(shownValue({ points: [] }, 3, 1)).toBe('3.0');
  });

  it.each([
    ['runs, slumps; stands still', ['runs', 'slumps', 'stands still']],
    ['1 pale\n2) golden\n3. brown', ['pale', 'golden', 'brown']],
    ['thin / coats / mounds · Thin', ['thin', 'coats', 'mounds']],
    [' , ', []],
    ['half/half, 2 lines', ['half/half', '2 lines']],
    ['1 line, 2 lines', ['line', 'lines']],
  ])('reads %j', (typed, points) => expect(readPoints(typed)).toEqual(points));

  it('its medians are told by name', () => {
    const ids = treatmentsOf(plan).map(({ id }) => id);
    const low = [1, 1, 1, 1, 1, 1];
    const findings = measuredClass(
      { [ids[0]!]: low, [ids[1]!]: low.map(() => 3) },
      { ...plan, responses: [{ ...tremble, pieces: 1 }] },
    ).findings();
    expect(findings[0]!.what).toBe('Two: tremble higher than one');
    expect(findings[0]!.why).toContain('Median stands still against runs');
  });
});

describe('a photo', () => {
  const hash = 'ab'.repeat(32);
  const entry = (id: string, body: RecordedBody) => ({ id, station: 1, at: 1000, offset: 0, body });
  const photo: RecordedBody = { kind: 'photo', responseId: 'face', name: face.name, picture: hash };

  it('is there or missing, and has no number', () => {
    const notebook = new Notebook(0, [1]);
    const cell = () => cellsOfStation(plan.responses, notebook.station(1))[1]!;
    expect(isMissing(cell())).toBe(true);
    notebook.add([entry('a', photo)]);
    expect(cell()).toEqual({
      ...{ values: [], mean: null, pieces: 0 },
      photos: [{ id: 'a', picture: hash, piece: null }],
    });
    expect(isMissing(cell())).toBe(false);
    expect(notebook.lastWritten(1)?.id).toBe('a');
    notebook.add([{ ...entry('b', photo), body: { kind: 'correction', corrects: 'a', to: null } }]);
    expect(isMissing(cell())).toBe(true);
    expect(recordedInWords({ ...photo, piece: 2 })).toBe('photo of the side, piece 2');
  });

  it('is not typed, nor computed with', () => {
    expect(first('1 photo of the side 3')).toMatchObject({ kind: 'refused', field: 'measurement' });
    expect(completionsOf('1 pho', context)).toEqual([]);
  });
});
