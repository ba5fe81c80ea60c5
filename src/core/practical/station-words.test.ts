import { describe, expect, it } from 'vitest';
import {
  consequenceOf,
  examplePlan,
  factorUnit,
  levelLabel,
  levelsInOrder,
  newIngredient,
  newPlan,
  newStep,
  piecesWords,
  settingsWords,
  stationPlan,
  takenWords,
  treatmentsOf,
  untilWords,
  variedAmount,
  type Acts,
  type Factor,
  type Ingredient,
  type Level,
  type Place,
  type Plan,
} from '.';
import { kitchenGrams } from './testing/kitchen-grams';
import { numberLevels, wordLevels } from './testing/plans';

const place: Place = {
  name: 'K',
  kind: 'food-room',
  altitudeM: null,
  measuredBoilingC: 96,
  stations: 8,
  balanceG: 1,
  equipment: [],
  tools: [],
};
const factor = (acts: Acts, levels: Level[], unit = ''): Factor => ({
  id: 'f',
  name: 'it',
  acts,
  unit,
  levels,
});
const planWith = (acts: Acts, levels: Level[], patch: Partial<Plan> = {}): Plan => ({
  ...newPlan('Trial', null),
  factors: [factor(acts, levels)],
  ...patch,
});
const taken = (patch: Partial<Ingredient>, name = 'Caster sugar') => {
  const plan = { ...newPlan('Trial', null), formula: [newIngredient({ id: 'i', name, ...patch })] };
  return takenWords(stationPlan(plan, null, null, kitchenGrams).ingredients[0]!);
};

describe('what a station takes, in words', () => {
  it.each<[Partial<Ingredient>, string, string?]>([
    [{ amount: 100 }, '100 g caster sugar'],
    [{ amount: 4.25 }, '4.3 g salt', 'Salt'],
    [{ amount: 0.456 }, '0.46 g citric acid', 'Citric acid'],
    [{ amount: 1.2, unit: 'kg' }, '1.2 kg plain flour', 'Plain flour'],
    // 15 ml of caster sugar at 0.9 g/ml (225 g a cup of 250 ml, handbooks); the grams of a spoon stand beside it.
    [{ amount: 1, unit: 'tbsp' }, '1 tbsp (14 g) caster sugar'],
    [{ amount: 1.5, unit: 'cup' }, '1½ cups (338 g) caster sugar'],
    [{ amount: 0.25, unit: 'tsp', fill: 'heaped' }, '¼ heaped tsp (2 g) caster sugar'],
    [{ amount: 1, unit: 'tsp', fill: 'level' }, '1 tsp (4.5 g) caster sugar'],
    // A scant cup a tenth less: 202.5 g; heaped a fifth more: 270 g.
    [{ amount: 1, unit: 'cup', fill: 'scant' }, '1 scant cup (203 g) caster sugar'],
    [{ amount: 1, unit: 'cup', fill: 'heaped' }, '1 heaped cup (270 g) caster sugar'],
    [{ amount: 100, unit: 'ml', fill: 'heaped' }, '100 ml (90 g) caster sugar'],
    [{ amount: 2, unit: 'pinch' }, '2 pinches moon dust', 'Moon dust'],
    [{ amount: 1, unit: 'cup' }, '1 cup moon dust', 'Moon dust'],
    [{ amount: 2, amountTo: 3, unit: 'tbsp' }, '2–3 tbsp moon dust', 'Moon dust'],
    [{ amount: 8, amountTo: 10 }, '8–10 g salt', 'Salt'],
    [{ amount: 2, unit: 'each' }, '2 (100 g) eggs', 'Eggs'],
    [{ amount: 2.33, unit: 'each' }, '2⅓ moon rocks', 'Moon rocks'],
    [{ amount: 2.4, unit: 'each' }, '2.4 moon rocks', 'Moon rocks'],
    [{ amount: null }, 'some butter', 'Butter'],
    [{ amount: null, state: 'melted' }, 'some butter, melted', 'Butter'],
    [{ amount: 40, state: 'cold' }, '40 g butter, cold', 'Butter'],
    [{ amount: 0 }, 'no butter', 'Butter'],
    [{ amount: 5 }, '5 g MSG', 'MSG'],
  ])('%o: %s', (patch, words, name) => {
    expect(taken(patch, name)).toBe(words);
  });

  it('in one breath where treatments differ: numbers alone where all are grams, else each in words', () => {
    const vary = (acts: Acts, levels: Level[], formula: Ingredient[]) => {
      const plan = planWith(acts, levels, { formula });
      return variedAmount(
        'i',
        treatmentsOf(plan).map((one) => stationPlan(plan, null, one, kitchenGrams)),
      );
    };
    const butter = newIngredient({ id: 'i', name: 'Butter', amount: 1, unit: 'tbsp' });
    expect(
      vary({ on: 'amount', ingredientId: 'i', as: 'g', of: null }, numberLevels(5, 10.25, 0.5), [butter]),
    ).toBe('0.5 · 5 · 10 g');
    expect(
      vary({ on: 'amount', ingredientId: 'i', as: 'times', of: null }, numberLevels(1, 2), [butter]),
    ).toBe('1 tbsp (14 g) butter · 2 tbsp (29 g) butter');
    expect(vary({ on: 'swap', ingredientId: 'i' }, wordLevels(['butter', 'lard', 'none']), [butter])).toBe(
      '1 tbsp (14 g) butter · 1 tbsp (14 g) lard · no butter',
    );
    expect(
      vary({ on: 'amount', ingredientId: 'i', as: 'g', of: null }, numberLevels(5), [butter]),
    ).toBeNull();
  });
});

describe('ends, settings and pieces, in words', () => {
  const step = (patch: Partial<Parameters<typeof newStep>[0]>) => {
    const plan = {
      ...newPlan('Trial', null),
      thermometers: [{ id: 't', in: 'food' as const, smallestDivisionC: 1 }],
      steps: [newStep({ id: 's', text: 'Do it.', ...patch })],
    };
    return stationPlan(plan, null, null).steps[0]!;
  };
  const ends = [
    { kind: 'time' as const },
    { kind: 'sign' as const, sense: 'look' as const, words: 'golden' },
    { kind: 'temperature' as const, celsius: 75, basis: 'as-read' as const },
    { kind: 'sign' as const, sense: 'feel' as const, words: '' },
  ];

  it('join by what is enough, in the class’s unit; minutes are said elsewhere', () => {
    expect(untilWords(step({ ends, thermometerId: 't' }), 'C')).toBe('golden or 75.0 °C');
    expect(untilWords(step({ ends, thermometerId: 't', need: 'all' }), 'F')).toBe('golden and 167.0 °F');
    expect(untilWords(step({}), 'C')).toBe('');
    expect(untilWords(step({ ends: [{ kind: 'temperature', celsius: null, basis: 'as-read' }] }), 'C')).toBe(
      '',
    );
  });

  it('settings say what, how hot, and from when', () => {
    const settings = [
      { what: 'oven' as const, celsius: 200, words: 'fan', from: 0 },
      { what: 'hob' as const, celsius: null, words: 'mark 6', from: 0 },
      { what: 'oven' as const, celsius: 180, words: '', from: 7.5 },
    ];
    expect(settingsWords(settings, 'C')).toBe('oven 200 °C, fan; hob mark 6; from 7.5 min oven 180 °C');
    expect(settingsWords(settings.slice(0, 1), 'F')).toBe('oven 392 °F, fan');
    expect(settingsWords([], 'C')).toBe('');
  });

  it('pieces by size, by mass, and where they begin', () => {
    const size = (what: 'diameter' | 'thickness' | 'side' | 'mass', unit: 'mm' | 'g' = 'mm') => ({
      size: { what, value: 30, unit },
      start: null,
    });
    expect(
      (['diameter', 'thickness', 'side'] as const).flatMap((what) => piecesWords(size(what), 'C')),
    ).toEqual(['pieces 30 mm in diameter', 'pieces 30 mm thick', 'pieces 30 mm along the side']);
    expect(piecesWords(size('mass', 'g'), 'C')).toEqual(['pieces of 30 g']);
    expect(piecesWords({ size: null, start: { celsius: 4, ingredientId: null } }, 'F')).toEqual([
      'begins at 39 °F',
    ]);
    expect(piecesWords({ size: null, start: null }, 'C')).toEqual([]);
  });
});

describe('what a level comes to', () => {
  const formula = [
    newIngredient({ id: 'flour', name: 'Plain flour', amount: 250 }),
    newIngredient({ id: 'i', name: 'Butter', amount: 2, unit: 'tbsp' }),
  ];
  const said = (acts: Acts, levels: Level[], patch: Partial<Plan> = {}) => {
    const plan = planWith(acts, levels, { formula, ...patch });
    return plan.factors[0]!.levels.map((level) =>
      consequenceOf(plan, place, plan.factors[0]!, level, kitchenGrams),
    );
  };
  const amount = (as: 'g' | 'percent-of' | 'times', of: string | null = null): Acts => ({
    on: 'amount',
    ingredientId: 'i',
    as,
    of,
  });

  it('grams of a share, the amount of a multiple, nothing where the level already says it', () => {
    expect(said(amount('percent-of', 'flour'), numberLevels(0, 1.5, 20))).toEqual(['none', '3.8 g', '50 g']);
    expect(said(amount('times'), numberLevels(0.5, 2))).toEqual(['1 tbsp', '4 tbsp']);
    expect(said(amount('g'), numberLevels(5))).toEqual([null]);
    expect(said(amount('percent-of', 'gone'), numberLevels(5))).toEqual([null]);
    expect(said({ on: 'words', scale: 'number' }, numberLevels(5))).toEqual([null]);
    expect(
      said(amount('percent-of', 'flour'), [{ id: 'o', value: null, words: '', control: false, open: true }]),
    ).toEqual([null]);
  });

  it('what goes in instead, and the temperature here', () => {
    expect(said({ on: 'swap', ingredientId: 'i' }, wordLevels(['Butter', 'lard', 'none']))).toEqual([
      'as it is',
      '2 tbsp (27 g) lard',
      'no butter',
    ]);
    const boil = { steps: examplePlan.steps, thermometers: examplePlan.thermometers };
    // Water at 96.0 °C: 3.97 below the 99.97 of sea level.
    expect(said({ on: 'end-temperature', stepId: 'boil' }, numberLevels(150), boil)).toEqual([
      '146.0 °C here',
    ]);
    const food = { ...boil, thermometers: [{ ...examplePlan.thermometers[0]!, in: 'food' as const }] };
    expect(said({ on: 'end-temperature', stepId: 'boil' }, numberLevels(150), food)).toEqual([null]);
  });

  it('the steps of a method', () => {
    const levels = wordLevels(['rubbed', 'melted', 'neither']);
    const steps = [
      newStep({ id: 'a', text: 'A', only: ['rubbed'] }),
      newStep({ id: 'b', text: 'B', only: ['melted'] }),
      newStep({ id: 'c', text: 'C', only: ['melted'] }),
    ];
    expect(said({ on: 'method' }, levels, { steps })).toEqual([
      'step 1',
      'step 1 and 2',
      'no step of its own',
    ]);
  });

  it('of two factors, beside the control of the other', () => {
    const plan: Plan = {
      ...newPlan('Trial', null),
      formula,
      factors: [
        {
          ...factor({ on: 'amount', ingredientId: 'flour', as: 'g', of: null }, numberLevels(100, 200)),
          id: 'flour',
        },
        {
          ...factor(amount('percent-of', 'flour'), numberLevels(10, 20)),
          levels: numberLevels(10, 20).map((level) => ({ ...level, id: `b${level.id}` })),
        },
      ],
    };
    const second = plan.factors[1]!;
    expect(second.levels.map((level) => consequenceOf(plan, null, second, level, kitchenGrams))).toEqual([
      '10 g',
      '20 g',
    ]);
  });
});

describe('the unit of a factor', () => {
  it('follows what it acts on; a setting that is no oven has its own', () => {
    const formula = [newIngredient({ id: 'flour', name: 'Plain flour' })];
    const unit = (acts: Acts) => factorUnit({ formula }, factor(acts, [], 'turns'));
    expect(unit({ on: 'setting', stepId: null, what: 'oven', scale: 'number' })).toBe('°C');
    expect(unit({ on: 'setting', stepId: null, what: 'oven', scale: 'words' })).toBe('turns');
    expect(unit({ on: 'setting', stepId: null, what: 'hob', scale: 'number' })).toBe('turns');
    expect(unit({ on: 'size', what: 'mass' })).toBe('g');
    expect(unit({ on: 'size', what: 'side' })).toBe('mm');
    expect(unit({ on: 'minutes', stepId: null })).toBe('min');
    expect(
      (['g', 'percent-of', 'percent-of-batch', 'times', 'ratio'] as const).map((as) =>
        unit({ on: 'amount', ingredientId: null, as, of: 'flour' }),
      ),
    ).toEqual(['g', '% of plain flour', '% of the batch', '×', '× plain flour']);
    expect(unit({ on: 'amount', ingredientId: null, as: 'ratio', of: 'gone' })).toBe('× …');
  });

  it('open levels stand last and say whose they are; a number not yet typed is a dash', () => {
    const open: Level = { id: 'o', value: null, words: '', control: false, open: true };
    const mixed = factor({ on: 'minutes', stepId: null }, [open, ...numberLevels(9, 3)]);
    expect(levelsInOrder(mixed).map(({ id }) => id)).toEqual(['l1', 'l0', 'o']);
    expect(levelLabel(newPlan('x', null), mixed, open)).toBe('as the station likes');
    expect(levelLabel(newPlan('x', null), mixed, { ...open, words: 'own choice' })).toBe('own choice');
    expect(levelLabel(newPlan('x', null), mixed, { ...open, open: false })).toBe('—');
    const words = factor({ on: 'method' }, wordLevels(['z', 'a']));
    expect(levelsInOrder(words).map(({ id }) => id)).toEqual(['z', 'a']);
  });
});
