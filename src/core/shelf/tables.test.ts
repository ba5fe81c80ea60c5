import { describe, expect, it } from 'vitest';
import type { Place } from '../practical';
import { searchShelf, tables } from '.';

const kitchen: Place = {
  name: 'Kitchen',
  kind: 'food-room',
  altitudeM: null,
  measuredBoilingC: 96,
  stations: 12,
  balanceG: 1,
  equipment: [],
  tools: [],
};
const cells = (table: string, row: string, place: Place | null = null) =>
  tables
    .find((one) => one.id === table)!
    .rows(place)
    .find((one) => one.id === row)!
    .cells.map(({ text, value, high, unit }) =>
      [value, high === undefined ? undefined : `to ${high}`, unit, text]
        .filter((one) => one !== undefined)
        .join(' '),
    );

// Published values; those without a source are common practice or from memory, as the tables say themselves.
describe('what stands in the tables', () => {
  it.each<[string, string, (string | RegExp)[]]>([
    // Gas 4 is 180 °C, 350 °F, 160 °C fan; gas ¼ 110 °C, 225 °F.
    ['oven-settings', 'gas-4', ['180 °C', '350 °F', '160 °C', 'moderate']],
    ['oven-settings', 'gas-0.25', ['110 °C', '225 °F', '90 °C', /./]],
    // A US cup of water is 237 g, a metric one 250 g.
    ['densities', 'water', [/^23[67] g$/, /^2(49|50) g$/, /^23\d to 23\d g a US cup$/, /^(0\.998|1) g\/ml$/]],
    // By moles: 84.007 to 188.18, 45 to the hundred; 500/45 = 11.1.
    ['leavening-acids', 'cream-of-tartar', ['45 g bicarbonate', '11.1 g', /./]],
    // Three moles of soda to one of citric acid: 252 to 192.1, 131 (citric acid without water of crystals).
    ['leavening-acids', 'citric', [/^1(20|31)(\.\d)? g bicarbonate$/, /^(3\.8|4\.2) g$/, /./]],
    ['gels', 'agar', [/^0\.\d+ to [\d.]+ %$/, /^3\d to 4\d °C$/, /^8\d to 9\d °C$/, /./]],
    ['gelatine-fruits', 'pineapple', ['bromelain', /^heat it first/]],
    ['starches', 'maize', ['62 °C', '72 °C', /./]],
    ['allergens', 'celery', ['yes', '—']],
    ['allergens', 'wheat', ['—', 'yes']],
    ['allergens', 'milk', ['yes', 'yes']],
    // Handbooks: fructose browns from 105 to 110 °C, sucrose from 160 to 170.
    ['caramelisation', 'fructose', [/^1(05|10) °C$/]],
    ['caramelisation', 'sucrose', [/^1(60|70) °C$/]],
    // FDA 3-501.14; UK: 63 to 8 °C in 90 min.
    ['cooling-limits', 'fda-21', ['57 °C', '21 °C', '120 min']],
    ['cooling-limits', 'uk-fsa-8', ['63 °C', '8 °C', '90 min']],
  ])('%s, %s', (table, row, wanted) => {
    expect(cells(table, row)).toEqual(
      wanted.map((one) => (typeof one === 'string' ? one : (expect.stringMatching(one) as string))),
    );
  });

  it('core temperatures of poultry by authority: UK 70 °C for 2 min, FDA 74 °C, USDA 165 °F', () => {
    const table = tables.find((one) => one.id === 'core-temperatures')!;
    const by = Object.fromEntries(table.columns.map((name, i) => [name, cells(table.id, 'poultry')[i]]));
    const of = (part: RegExp) => Object.entries(by).find(([name]) => part.test(name))?.[1];
    expect(of(/Food Standards Agency/)).toBe('70 °C for 2 min or equivalent');
    expect(of(/Food Code|FDA/)).toMatch(/^(74 °C|165 °F) at once$/);
    expect(of(/USDA/)).toBe('165 °F at once');
    expect(table.note).toMatch(/policy/);
    const whole = Object.fromEntries(table.columns.map((name, i) => [name, cells(table.id, 'whole-cut')[i]]));
    // USDA: 145 °F, and a rest of three minutes.
    expect(Object.entries(whole).find(([name]) => /USDA/.test(name))?.[1]).toBe(
      '145 °F for 3 min, rest counted',
    );
  });

  it('sugar stages as they are here and at sea level: 3.97 °C lower where water boils at 96', () => {
    expect(cells('sugar-stages', 'soft-ball', kitchen).slice(0, 2)).toEqual([
      '108 to 112 °C',
      '112 to 116 °C',
    ]);
    expect(cells('sugar-stages', 'soft-ball').slice(0, 2)).toEqual(['112 to 116 °C', '112 to 116 °C']);
    const last = tables
      .find((one) => one.id === 'sugar-stages')!
      .rows(null)
      .at(-1)!;
    expect(cells('sugar-stages', last.id)[1]).toMatch(/^190 °C and above$/);
  });

  it('what takes the place of what, and what goes with it', () => {
    const rows = tables.find((one) => one.id === 'substitutions')!.rows(null);
    for (const row of rows) {
      const [, grams, also] = row.cells;
      expect(grams!.value, row.id).toBeGreaterThan(0);
      expect(also!.text, row.id).toMatch(/^—$|^(leave out )?[\d.]+ g /);
    }
    const text = (id: string) =>
      rows.find((row) => row.id === id)?.cells.map((cell) => cell.text ?? `${cell.value} ${cell.unit}`);
    // Self-raising flour: 100 g plain flour and 5 g baking powder, or thereabouts.
    const raising = rows.find((row) => /^self-raising/.test(row.id));
    expect(text(raising!.id)!.join(' ')).toMatch(/plain flour.*[3-6](\.\d+)? g baking powder/i);
  });
});

describe('the whole shelf', () => {
  it('stands there for an empty question, tables before calculators, each ready to be opened', () => {
    const whole = searchShelf('  ', kitchen);
    expect(whole.slice(0, tables.length).map((hit) => [hit.kind, hit.id])).toEqual(
      tables.map((table) => ['table', table.id]),
    );
    const rest = whole.slice(tables.length);
    expect(rest.every((hit) => hit.kind === 'calculator')).toBe(true);
    const stage = rest.find((hit) => hit.id === 'sugar-stage');
    expect(stage).toMatchObject({ inputs: { localBoilingC: 96 } });
    expect(searchShelf('', null).find((hit) => hit.id === 'sugar-stage')).toMatchObject({ inputs: {} });
  });

  it('meets a word in singular and plural, and asks for every word', () => {
    const ids = (question: string) => searchShelf(question, null).map((hit) => hit.id);
    for (const [one, other] of [
      ['potato starch', 'potatoes starches'],
      ['egg yolk', 'eggs yolks'],
      ['sugar stage', 'sugars stages'],
    ] as const) {
      expect(ids(other).length, other).toBeGreaterThan(0);
      expect(ids(one)[0]).toBe(ids(other)[0]);
    }
    expect(ids('agar')).toContain('gels:agar');
    expect(ids('gelat').some((id) => id.startsWith('gels:gelatine'))).toBe(true);
    expect(ids('elatine')).toEqual([]);
    expect(ids('strawberries')).toContain(ids('strawberry')[0]);
    expect(ids('strawberries').length).toBeGreaterThan(0);
    expect(ids('g')).toEqual([]);
    // A whole word counts more than a beginning: “rice” is rice before it is rice flour’s neighbour.
    const names = searchShelf('rice', null).map((hit) => (hit.kind === 'row' ? hit.row.name : ''));
    const rice = names.findIndex((name) => /^rice$/i.test(name));
    expect([0, 1, 2]).toContain(rice);
    expect(ids('agar bicycle')).toEqual([]);
    expect(ids('the of and')).toEqual([]);
    // A measure of something that has no density is not filled in.
    const filled = searchShelf('cup of sunshine', null).find((hit) => hit.id === 'kitchen-measure');
    expect(filled?.kind === 'calculator' && 'ingredient' in filled.inputs).toBeFalsy();
  });
});
