import { describe, expect, it } from 'vitest';
import { newPlan, newResponse, stationPlan, type Plan } from '../practical';
import { benchSetting, classTable, Notebook, readQuickLine } from '.';

const before = newResponse({ id: 'b', name: 'mass before', unit: 'g', pieces: 3 });
const after = newResponse({ id: 'a', name: 'mass after', unit: 'g', pieces: 3 });
const loss = newResponse({
  id: 'l',
  name: 'loss',
  unit: '%',
  formula: '(mass before − mass after) / mass before × 100',
});
const planOf = (patch: Partial<Plan> = {}): Plan => ({
  ...newPlan('Koftas', null),
  responses: [before, after, loss, newResponse({ id: 'h', name: 'height', unit: 'mm' })],
  ...patch,
});

/** Station 1 as the class table has it, from lines typed at it. */
function table(plan: Plan, ...lines: string[]) {
  const setting = benchSetting(plan, null, new Map([[1, '']]));
  const notebook = new Notebook(0, [1]);
  lines.forEach((line, i) => {
    const read = understood(plan, line);
    if (read.kind !== 'entries') throw new Error(`${line}: ${JSON.stringify(read)}`);
    notebook.add(
      read.entries.map(({ station, body }) => ({
        id: `e${i}`,
        station,
        at: i * 1000,
        offset: 0,
        body,
      })),
    );
  });
  return classTable(setting, notebook)[0]!.cells;
}
const understood = (plan: Plan, line: string) =>
  readQuickLine(line, {
    plan,
    stations: [1],
    unit: 'C',
    own: () => stationPlan(plan, null, null),
    currentStep: () => undefined,
    probe: () => 1,
    lastReading: () => null,
    lastWritten: () => null,
    lastMeasurement: () => null,
  });
const means = (cells: ReturnType<typeof table>) =>
  cells.map(({ mean }) => (mean === null ? null : Number(mean.toFixed(4))));

describe('pieces of a station', () => {
  it('are read from the quick line, before or after the name, and refused where there are none', () => {
    const body = (line: string) => {
      const read = understood(planOf(), line);
      return read.kind === 'entries' ? read.entries[0]!.body : read;
    };
    expect(body('1 mass before p2 31')).toMatchObject({
      kind: 'measurement',
      responseId: 'b',
      piece: 2,
      value: 31,
      unit: 'g',
    });
    expect(body('1 p3 mass after 28.5 g')).toMatchObject({ responseId: 'a', piece: 3, value: 28.5 });
    expect(body('1 mass before piece 1 30')).toMatchObject({ responseId: 'b', piece: 1 });
    expect(body('1 mass before 30')).not.toHaveProperty('piece');
    expect(body('1 mass before p4 30')).toEqual({
      kind: 'refused',
      field: 'piece',
      value: 'p4',
      allowed: 'p1 to p3',
    });
    expect(body('1 mass before p0 30')).toMatchObject({ kind: 'refused', value: 'p0' });
    expect(body('1 height p2 3')).toMatchObject({
      kind: 'refused',
      allowed: 'no piece: height is of the station as a whole',
    });
    // What is worked out is not written down.
    expect(body('1 loss 3')).toMatchObject({
      kind: 'refused',
      value: 'loss 3',
      allowed: 'what it is worked out from: loss is (mass before − mass after) / mass before × 100',
    });
  });

  it('count once each, however often a piece was measured', () => {
    // Piece 1 twice (10, 12 → 11), piece 2 once (20): the station is (11 + 20) / 2, not (10 + 12 + 20) / 3.
    const [cell] = table(planOf(), '1 mass before p1 10', '1 mass before p1 12', '1 mass before p2 20');
    expect(cell).toMatchObject({ mean: 15.5, pieces: 2 });
    expect(cell!.values.map(({ piece }) => piece)).toEqual([1, 1, 2]);
  });

  it('are worked out piece by piece: the mean of the losses, not the loss of the means', () => {
    const cells = table(
      planOf(),
      '1 mass before p1 100',
      '1 mass before p2 50',
      '1 mass after p1 80',
      '1 mass after p2 45',
    );
    // 20 % and 10 %: 15 %. Of the means it would be 16.7 %.
    expect(means(cells)).toEqual([75, 62.5, 15, null]);
    expect(cells[2]!.values.map(({ piece, value }) => [piece, value])).toEqual([
      [1, 20],
      [2, 10],
    ]);
    // A piece that has only one of the two is not there.
    expect(
      means(table(planOf(), '1 mass before p1 100', '1 mass before p2 50', '1 mass after p1 80'))[2],
    ).toBe(20);
    // One of them of the whole station serves every piece: 60 of 100 and of 75.
    expect(means(table(planOf(), '1 mass before p1 100', '1 mass before p2 75', '1 mass after 60'))[2]).toBe(
      30,
    );
    expect(means(table(planOf(), '1 mass before 80', '1 mass after 60'))[2]).toBe(25);
    expect(means(table(planOf(), '1 mass before 80'))[2]).toBeNull();
  });

  it('a warm-up piece is written down and does not count, nor does what is worked out from it', () => {
    const warm = planOf({ responses: [{ ...before, warmUp: true }, { ...after, warmUp: true }, loss] });
    const cells = table(
      warm,
      '1 mass before p1 100',
      '1 mass before p2 50',
      '1 mass after p1 10',
      '1 mass after p2 45',
    );
    expect(means(cells)).toEqual([50, 45, 10]);
    expect(cells[0]!.values).toHaveLength(2);
    expect(cells[2]!.pieces).toBe(1);
  });

  it('a formula that is none, or goes round in a circle, has no value', () => {
    const round = planOf({
      responses: [
        before,
        { ...loss, id: 'x', name: 'x', formula: 'y + 1' },
        { ...loss, id: 'y', name: 'y', formula: 'x + 1' },
      ],
    });
    expect(means(table(round, '1 mass before 3'))).toEqual([3, null, null]);
    const wrong = planOf({ responses: [before, { ...loss, formula: 'mass befor / 2' }] });
    expect(means(table(wrong, '1 mass before 3'))).toEqual([3, null]);
    // One of another that is itself worked out.
    const twice = planOf({
      responses: [
        before,
        { ...loss, id: 'x', name: 'half', formula: 'mass before / 2' },
        { ...loss, id: 'y', name: 'quarter', formula: 'half / 2' },
      ],
    });
    expect(means(table(twice, '1 mass before p1 8', '1 mass before p2 16'))).toEqual([12, 6, 3]);
  });
});
