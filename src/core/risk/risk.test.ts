import { describe, expect, it } from 'vitest';
import { newIngredient, newPlan, newStep, type Place, type Plan } from '../practical';
import { noDecisions, planFromRecipe, readRecipe, settled } from '../recipe';
import { hazardIds, hazards } from '../safety';
import { controls } from './controls';
import { allergensIn } from '../batch';
import { united } from '../ingredients';
import { allergenLines, riskLines } from '.';

const noPacks = () => [];

const kitchen: Place = {
  name: 'Kitchen 1',
  kind: 'food-room',
  altitudeM: 1200,
  measuredBoilingC: null,
  stations: 8,
  balanceG: 0.1,
  equipment: [],
  tools: [],
};
const laboratory: Place = { ...kitchen, name: 'Lab 3', kind: 'laboratory' };

function planOf(text: string, patch: Partial<Plan> = {}): Plan {
  const recipe = readRecipe(text);
  let id = 0;
  return {
    ...planFromRecipe(recipe, settled(recipe, noDecisions), '', newPlan('', null), () => `n${(id += 1)}`),
    ...patch,
  };
}

const koftas = planOf(
  'Koftas\n400 g minced turkey\n1 onion\n1 egg\n100 ml yoghurt\n\nChop the onion with a knife.\nMix the turkey, onion and egg by hand.\nFry in hot oil for 8 min.\nSlice one and serve with the yoghurt.',
);
const lineOf = (plan: Plan, id: string, place: Place | null = kitchen) =>
  riskLines(plan, place, noPacks).find((line) => line.id === id);

describe('the risk assessment', () => {
  it('grows from the steps: each danger once, with the steps it is in, its caution and a control', () => {
    expect(lineOf(koftas, 'hazard:knife')).toMatchObject({
      origin: 'steps 1 and 4',
      who: 'students at the station',
      caution: hazards.knife.caution,
      changed: false,
    });
    expect(lineOf(koftas, 'hazard:hot-oil')).toMatchObject({ origin: 'step 3', remains: 1 });
    expect(lineOf(koftas, 'hazard:raw-meat')).toBeDefined();
    expect(lineOf(koftas, 'hazard:mixer')).toBeUndefined();
    for (const id of hazardIds) expect(controls[id].control.length, id).toBeGreaterThan(20);
    const adult = { ...koftas, steps: [newStep({ id: 'a', text: 'Fry in hot oil.', adult: true })] };
    expect(lineOf(adult, 'hazard:hot-oil')!.who).toBe('the adult who does it');
  });

  it('… and from ingredients and the place', () => {
    expect(lineOf(koftas, 'microbes')!.origin).toBe('minced turkey, egg and yoghurt');
    expect(lineOf(koftas, 'allergens')!.control).toMatch(/^Contains eggs and milk/);
    expect(lineOf(koftas, 'venue', laboratory)!.control).toContain('No tasting');
    expect(lineOf(koftas, 'venue')).toBeUndefined();
    const tasted = { ...koftas, steps: [...koftas.steps, newStep({ id: 't', text: 'Taste a piece.' })] };
    expect(lineOf(tasted, 'venue')!.hazard).toBe('Tasting');
    expect(riskLines(planOf('Ice\n200 ml water'), kitchen, noPacks)).toEqual([]);
  });

  it('keeps what the teacher wrote in place of a line, its origin with it; own lines stand at the end', () => {
    const mine = {
      id: 'hazard:knife',
      hazard: 'Knife',
      who: 'year 7',
      control: 'Table knives only.',
      remains: 2,
      checkedBy: 'me',
      leftOut: false,
    };
    const own = { ...mine, id: 'own:1', hazard: 'Wet floor', control: 'Mop.' };
    const lines = riskLines({ ...koftas, risks: [own, mine] }, kitchen, noPacks);
    expect(lines.find((line) => line.id === 'hazard:knife')).toMatchObject({
      control: 'Table knives only.',
      origin: 'steps 1 and 4',
      changed: true,
      remains: 2,
    });
    expect(lines.at(-1)).toMatchObject({ hazard: 'Wet floor', origin: '', caution: '' });
    // A step that goes takes its line along; what was written of it is not lost, and is the teacher’s own then.
    const without = riskLines({ ...koftas, steps: [], risks: [mine] }, kitchen, noPacks);
    expect(without.find((line) => line.id === 'hazard:knife')).toMatchObject({
      control: 'Table knives only.',
      origin: '',
    });
  });

  it('tells allergens with what brings them in, what only may, and what could stand in', () => {
    const plan = planOf('Rounds\n200 g plain flour\n50 g butter\n100 ml milk\n20 g margarine\n10 g zqx');
    const lines = allergenLines(plan, noPacks);
    expect(lines.find((line) => line.id === 'gluten')).toMatchObject({ from: ['plain flour'], often: false });
    expect(lines.find((line) => line.id === 'milk')!.from).toEqual(['butter', 'milk']);
    expect(lines.find((line) => line.id === 'soya')).toMatchObject({ often: true, from: ['margarine'] });
    expect(lines.find((line) => line.id === 'gluten')!.instead.join()).toContain(
      'gluten-free flour for plain flour',
    );
    // Nothing that stands in brings the same in again.
    expect(lines.find((line) => line.id === 'milk')!.instead.join()).not.toMatch(
      /margarine|(?<!(?:soya|oat|rice|almond) )milk for/,
    );
    // What stands in says what it brings itself.
    expect(lines.find((line) => line.id === 'milk')!.instead).toContain(
      'oat milk (itself cereals with gluten) for milk',
    );
    // A name as it was typed counts beside what the table takes it for, but water is water whatever it is for.
    const dip = newIngredient({ id: 'w', item: 'water', name: 'Dip water', amount: 500, unit: 'g' });
    const dark = newIngredient({ id: 'c', item: 'dark-chocolate', name: 'Chocolate with hazelnuts' });
    const typed = { ...planOf('Water\n200 ml water'), formula: [dip, dark] };
    expect(allergenLines(typed, noPacks).find(({ id }) => id === 'nuts')).toMatchObject({ often: false });
    expect(allergenLines({ ...typed, formula: [dip] }, noPacks)).toEqual([]);
    // What a name only may hold counts where the table's own name says nothing, and the other way round.
    const mayHold = newIngredient({
      id: 's',
      item: 'caster-sugar',
      name: 'Sugar, may contain traces of nuts',
    });
    const traces = allergenLines({ ...typed, formula: [mayHold] }, noPacks);
    expect(traces.map(({ id, often }) => [id, often])).toEqual([
      ['peanuts', true],
      ['nuts', true],
    ]);
    const plainName = newIngredient({ id: 'm', item: 'margarine', name: 'Spread' });
    const spread = allergenLines({ ...typed, formula: [plainName] }, noPacks);
    expect(spread.find(({ id }) => id === 'soya')).toMatchObject({ often: true, from: ['spread'] });
    const all = united([mayHold, plainName].map((one) => allergensIn(one, () => ['gluten'])));
    expect(all.contains).toContain('gluten');
    for (const id of ['nuts', 'soya', 'wheat'] as const) expect(all.oftenContains).toContain(id);
    // What only may be in something can be stood in for as well.
    const stock = newIngredient({ id: 'b', name: 'Stock' });
    expect(allergenLines({ ...typed, formula: [stock] }, noPacks)).toContainEqual(
      expect.objectContaining({ id: 'celery', often: true, instead: ['water for stock'] }),
    );
    // What a pack says is told as certain, of the ingredient it is a pack of.
    expect(allergenLines({ ...typed, formula: [dip] }, () => ['nuts'])).toMatchObject([
      { id: 'nuts', often: false, from: ['dip water'] },
    ]);
    const german = planOf(
      'Teig\n\nZutaten\n200 g Mehl\n2 Eier\n100 ml Milch\n\nZubereitung\nMehl, Eier und Milch verrühren.',
    );
    expect(allergenLines(german, noPacks).map((line) => line.id)).toEqual(['gluten', 'eggs', 'milk']);
  });
});
