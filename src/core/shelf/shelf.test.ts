import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calculators, runCalculator } from '../calculators';
import type { Place } from '../practical';
import { otherWorld, searchShelf, tables } from '.';

const place: Place = {
  name: 'Food room',
  kind: 'food-room',
  altitudeM: 1200,
  measuredBoilingC: null,
  stations: 12,
  balanceG: 1,
  equipment: [],
  tools: [],
};
const first = (question: string) => searchShelf(question, place)[0]!;

describe('the shelf finds on the first try', () => {
  it('“soft ball”: the stage, as it is in this room', () => {
    const hit = first('soft ball');
    expect(hit.id).toBe('sugar-stages:soft-ball');
    // 112 °C at sea level; 4.0 °C less at 1200 m.
    expect(hit.kind === 'row' && hit.row.cells[0]!.value).toBeCloseTo(108, 1);
    const low = searchShelf('soft ball', { ...place, measuredBoilingC: 100 })[0]!;
    expect(low.kind === 'row' && low.row.cells[0]!.value).toBeCloseTo(112, 1);
  });

  it('“gas 5”: the oven setting, filled in', () => {
    const hit = first('gas 5');
    expect(hit).toMatchObject({ kind: 'calculator', id: 'oven-setting', inputs: { value: 5, from: 'gas' } });
    expect(hit.kind === 'calculator' && runCalculator(hit.id, hit.inputs).result.conventionalC).toBe(190);
  });

  it('“cup of flour”: grams, filled in', () => {
    const hit = first('cup of flour');
    expect(hit).toMatchObject({
      id: 'kitchen-measure',
      inputs: { amount: 1, from: 'cup', to: 'g', ingredient: 'flour' },
    });
    expect(hit.kind === 'calculator' && runCalculator(hit.id, hit.inputs).result.amount).toBeCloseTo(125, 0);
    expect(first('2 1/2 cups sugar').id).toBe('kitchen-measure');
    expect(first('250 g flour in cups')).toMatchObject({ inputs: { amount: 250, from: 'g', to: 'cup' } });
  });

  it('“chicken”: what the core must reach, by authority', () => {
    expect(first('chicken').id).toBe('core-temperatures:poultry');
  });

  it('“how much cream of tartar”: the acid for soda', () => {
    expect(first('how much cream of tartar')).toMatchObject({
      id: 'neutralising-acid',
      inputs: { kind: 'cream-of-tartar' },
    });
    expect(first('citric acid for 8 g soda')).toMatchObject({ inputs: { bicarbonateG: 8, kind: 'citric' } });
  });

  it.each([
    ['hard crack', 'sugar-stages:hard-crack'],
    ['350 f', 'temperature'],
    ['350f fan oven', 'oven-setting'],
    ['boiling point', 'water-boiling-point'],
    ['tukey', 'tukey-hsd'],
    ['agar', 'gels:agar'],
    ['boil an egg', 'egg-time'],
    ['sesame', 'allergens:sesame'],
    ['danger zone', 'danger-zone'],
    ['honey', 'densities:honey'],
    ['salmon', 'core-temperatures:fish'],
  ])('“%s”: %s', (question, id) => {
    expect(
      searchShelf(question, place)
        .slice(0, 3)
        .map((hit) => hit.id),
    ).toContain(id);
  });

  it('whatever stands on it is found by its own name, as it is printed', () => {
    const ids = (question: string) => searchShelf(question, place).map((hit) => hit.id);
    for (const { id, title } of calculators) expect(ids(title).slice(0, 3), title).toContain(id);
    for (const table of tables) {
      expect(ids(table.title), table.title).toContain(table.id);
      for (const row of table.rows(place)) {
        expect(ids(`${row.name}, ${table.title}`), row.name).toContain(`${table.id}:${row.id}`);
      }
    }
  });

  it('knows where it is: altitude or the measured boiling point goes into what asks for it', () => {
    expect(first('boiling point of water')).toMatchObject({ inputs: { altitudeM: 1200 } });
    const measured = searchShelf('stage of a boiling syrup', { ...place, measuredBoilingC: 95.8 });
    expect(measured.find((hit) => hit.id === 'sugar-stage')).toMatchObject({
      inputs: { localBoilingC: 95.8 },
    });
  });

  it('finds what has an apostrophe in its name, written either way or left out', () => {
    for (const words of [
      'dangers in a step’s words',
      "dangers in a step's words",
      'dangers step words',
      "baker's percentages",
      'bakers percentages',
    ]) {
      expect(searchShelf(words, null)[0], words).toMatchObject({ kind: 'calculator' });
    }
  });

  it('takes any words without breaking, and nothing for nonsense', () => {
    fc.assert(
      fc.property(fc.string(), (question) => {
        if (question.trim() !== '') expect(searchShelf(question, null).length).toBeLessThanOrEqual(24);
      }),
    );
    expect(searchShelf('xyzzy', place)).toEqual([]);
    expect(searchShelf('', place).length).toBeGreaterThan(50);
  });
});

describe('tables', () => {
  it('have a cell under every heading, sources, and rows told apart', () => {
    for (const table of tables) {
      const rows = table.rows(place);
      expect(table.sources.length, table.id).toBeGreaterThan(0);
      expect(new Set(rows.map((row) => row.id)).size, table.id).toBe(rows.length);
      for (const row of rows) expect(row.cells.length, `${table.id} ${row.id}`).toBe(table.columns.length);
    }
  });

  it('read in the other unit world', () => {
    expect([
      otherWorld(180, '°C'),
      otherWorld(350, '°F'),
      otherWorld(125, 'g'),
      otherWorld(25.4, 'mm'),
      otherWorld(3, '%'),
    ]).toEqual(['356 °F', '177 °C', '4.4 oz', '1.00 in', null]);
  });
});

describe('the other unit world', () => {
  // NIST Handbook 44: an ounce is 28.3495 g, a US cup 236.588 ml, a US gallon 3.78541 L, an inch 25.4 mm, a foot 0.3048 m.
  it.each<[number, string, string | null]>([
    [27.9, 'g', '0.98 oz'],
    [28, 'g', '1.0 oz'],
    [999, 'g', '35.2 oz'],
    [1000, 'g', '2.20 lb'],
    [250, 'ml', '1.06 US cups'],
    [10, 'L', '2.64 US gal'],
    [30, 'mm', '1.18 in'],
    [1200, 'm', '3937 ft'],
    [74, '°C', '165 °F'],
    [350, '°F', '177 °C'],
    [5, 'min', null],
  ])('%f %s is %s', (value, unit, words) => {
    expect(otherWorld(value, unit)).toBe(words);
  });
});
