import { describe, expect, it } from 'vitest';
import { phenomenonIds } from '../phenomena';
import { newPlan, readFormula, type Response } from '../practical';
import { reviewPlan } from '../review';
import { measures, measuresFor, responsesOf, sketchIds } from '.';

let last = 0;
const newId = () => `n${(last += 1)}`;
const valueOf = (responses: readonly Response[], values: Record<string, number>): number => {
  const [computed] = responses.filter(({ formula }) => formula !== '');
  const read = readFormula(
    computed!.formula,
    responses.filter((one) => one !== computed),
  );
  if ('wrong' in read) throw new Error(read.wrong);
  return read.value((id) => values[responses.find((one) => one.id === id)!.name]!)!;
};

describe('the measures of the trade', () => {
  it('are each known by one id, say how they are taken, and answer to phenomena there are', () => {
    expect(new Set(measures.map(({ id }) => id)).size).toBe(measures.length);
    expect(measures.length).toBeGreaterThanOrEqual(25);
    for (const measure of measures) {
      expect(measure.how.length, measure.id).toBeGreaterThan(20);
      expect(sketchIds).toContain(measure.sketch);
      for (const id of measure.phenomena) expect(phenomenonIds).toContain(id);
    }
    // No phenomenon without a way to measure it.
    for (const id of phenomenonIds) expect(measuresFor([id])[0]!.fits, id).toBe(true);
  });

  it('written into a plan, leave nothing for the margin to ask of units, instruments and formulas', () => {
    for (const measure of measures) {
      const plan = { ...newPlan('x', null), responses: responsesOf(measure, [], newId) };
      const asked = reviewPlan({ plan, place: null, rooms: [] }).open.filter(({ id }) =>
        /^(?:response|formula|words)-/.test(id),
      );
      expect(
        asked.map(({ what }) => what),
        measure.id,
      ).toEqual([]);
    }
  });

  it('compute what the trade computes', () => {
    const of = (id: string) =>
      responsesOf(
        measures.find((one) => one.id === id)!,
        [],
        newId,
      );
    // A gel of 40 mm that stands 34 mm high sags 15 %.
    expect(valueOf(of('sag'), { 'height in the mould': 40, 'height on the plate': 34 })).toBeCloseTo(15);
    // A cup of 250 g of cream that weighs 125 g whipped: twice the volume, 100 % overrun.
    expect(valueOf(of('overrun'), { 'mass of a cup before': 250, 'mass of a cup after': 125 })).toBeCloseTo(
      100,
    );
    expect(valueOf(of('mass-loss'), { 'mass before': 80, 'mass after': 60 })).toBeCloseTo(25);
    expect(valueOf(of('specific-volume'), { volume: 900, mass: 300 })).toBeCloseTo(3);
    expect(valueOf(of('dough-volume'), { 'volume at the start': 60, 'volume at the end': 120 })).toBeCloseTo(
      100,
    );
  });

  it('taken a second time get names of their own, and the formula follows them', () => {
    const sag = measures.find(({ id }) => id === 'mass-loss')!;
    const first = responsesOf(sag, [], newId);
    const second = responsesOf(sag, first, newId);
    expect(second.map(({ name }) => name)).toEqual(['mass before 2', 'mass after 2', 'loss in mass 2']);
    expect(second.at(-1)!.formula).toBe('(mass before 2 − mass after 2) / mass before 2 × 100');
    const values = { 'mass before 2': 50, 'mass after 2': 45 };
    expect(valueOf(second, values)).toBeCloseTo(10);
    expect(second.at(-1)!.repeatSd).toBe(sag.repeat!.sd);
    const third = responsesOf(sag, [...first, ...second], newId);
    expect(third.map(({ name }) => name)).toEqual(['mass before 3', 'mass after 3', 'loss in mass 3']);
    // How it is taken is said once, at the first line.
    expect(third.map(({ how }) => how)).toEqual([sag.how, '', '']);
  });

  it('with a name that begins another keep the two apart', () => {
    const lines = [
      { ...measures[0]!.lines[0]!, name: 'mass', formula: '' },
      { ...measures[0]!.lines[0]!, name: 'mass before', formula: '' },
      { ...measures[0]!.lines[0]!, name: 'loss', formula: 'mass before − mass' },
    ];
    const named = responsesOf({ ...measures[0]!, lines }, [{ name: 'Mass' }], newId);
    expect(named.map(({ name }) => name)).toEqual(['mass 2', 'mass before', 'loss']);
    expect(named[2]!.formula).toBe('mass before − mass 2');
  });

  it('of what a practical is about stand first', () => {
    expect(measuresFor(['starch'])[0]!.measure.id).toBe('line-spread');
    expect(measuresFor([]).every(({ fits }) => !fits)).toBe(true);
  });
});
