import { describe, expect, it } from 'vitest';
import { batchTables, ingredientGrams } from '../batch';
import { planShape, stationPlan, takenNow } from '../practical';
import { accepts } from '../shape';
import { pasted } from './testing/pasted';
import { jsonLdOf } from './to-json-ld';
import { mostOf } from './to-plan';

const plan = (title: string, list: string, method: string) => pasted(`${title}\n\n${list}\n\n${method}`);
const line = (text: string) => {
  const [found] = plan('Buns', `${text}\n10 g salt`, 'Mix everything.').formula;
  const { amount, amountTo, unit, name, note, item, fill, state, optional } = found!;
  return { amount, amountTo, unit, name, note, item, fill, state, optional };
};
const plain = { amountTo: null, note: '', item: null, fill: null, state: '', optional: false };

describe('a line as a plan has it', () => {
  it.each<[string, ReturnType<typeof line>]>([
    ['250 g plain flour', { ...plain, amount: 250, unit: 'g', name: 'Plain flour' }],
    ['2-3 tbsp milk', { ...plain, amount: 2, amountTo: 3, unit: 'tbsp', name: 'Milk' }],
    ['1 heaped tbsp cocoa', { ...plain, amount: 1, unit: 'tbsp', name: 'Cocoa', fill: 'heaped' }],
    ['2 large eggs, beaten', { ...plain, amount: 2, unit: 'each', name: 'Large eggs', state: 'beaten' }],
    ['50 g walnuts (optional)', { ...plain, amount: 50, unit: 'g', name: 'Walnuts', optional: true }],
    // Units a plan does not have are weighed: an ounce is 28.35 g, a sachet 7 g.
    ['8 oz flour', { ...plain, amount: 226.8, unit: 'g', name: 'Flour', note: 'written as 8 oz flour' }],
    [
      '1 sachet dried yeast',
      { ...plain, amount: 7, unit: 'g', name: 'Dried yeast', note: 'written as 1 sachet dried yeast' },
    ],
    // The skin of two lemons, not the fruit.
    ['zest of 2 lemons', { ...plain, amount: 12, unit: 'g', name: 'Lemon zest' }],
    ['oil for frying', { ...plain, amount: null, unit: 'g', name: 'Oil', note: 'for frying' }],
    ['1 fl oz zqx', { ...plain, amount: 28.41, unit: 'ml', name: 'Zqx', note: 'written as 1 fl oz zqx' }],
    ['3 handfuls zqx', { ...plain, amount: 90, unit: 'g', name: 'Zqx', note: 'written as 3 handfuls zqx' }],
    ['2 sachets zqx', { ...plain, amount: 2, unit: 'each', name: 'Zqx', note: 'written as 2 sachets zqx' }],
  ])('%s', (text, wanted) => {
    expect(line(text)).toEqual(wanted);
  });

  it('what it is for stands beside it', () => {
    const { formula } = plan(
      'Cake',
      'For the icing:\n50 g icing sugar, sifted\n20 g butter',
      'Mix everything.',
    );
    expect(formula.map(({ note, state }) => [note, state])).toEqual([
      ['for the icing', 'sifted'],
      ['for the icing', ''],
    ]);
  });
});

describe('a step as a plan has it', () => {
  const step = (text: string, before = '') => {
    const found = plan('Buns', '200 g sugar\n50 g butter\n100 ml water', `${before}${text}`).steps.at(-1)!;
    return {
      minutes: [found.minutes, found.minutesTo],
      hands: found.hands,
      when: [found.when, found.day],
      settings: found.settings.map(({ what, celsius, words }) => [what, celsius, words]),
      ends: found.ends.map((end) => (end.kind === 'temperature' ? end.celsius : end.kind)),
      needs: found.needs.map(({ resource, count }) => `${count} ${resource}`),
    };
  };
  it.each<[string, Partial<ReturnType<typeof step>>]>([
    [
      'Bake at 180 °C for 20-25 min.',
      {
        minutes: [20, 25],
        hands: 'waiting',
        settings: [['oven', 180, '']],
        ends: ['time'],
        needs: ['1 oven'],
      },
    ],
    ['Bake at fan 160 °C for 20 min.', { settings: [['oven', 160, 'fan']] }],
    [
      'Boil the sugar and water to 118 °C.',
      { minutes: [null, null], ends: [118], settings: [], needs: ['1 hob'] },
    ],
    ['Chill in the fridge for 30 min.', { minutes: [30, null], hands: 'waiting', needs: ['1 refrigerator'] }],
    ['Freeze for 2 hours.', { minutes: [120, null], hands: 'waiting', needs: ['1 freezer'] }],
    ['Rub in the butter for 5 min.', { minutes: [5, null], hands: 'hands-on', needs: [] }],
    ['Mix the sugar and water and leave to stand for 10 min.', { minutes: [10, null], hands: 'waiting' }],
    ['Soak the sugar in the water overnight.', { minutes: [480, 720], when: ['after', 0] }],
    ['Bake for 20 min until the core shows 94 °C.', { ends: ['time', 94] }],
    ['Melt the butter in the microwave.', { needs: ['1 hob', '1 microwave'] }],
    ['Mix the sugar and butter.', { minutes: [null, null], ends: ['time'], needs: [], when: ['lesson', 0] }],
  ])('%s', (text, wanted) => {
    expect(step(text)).toMatchObject(wanted);
  });

  it('the oven stays as it was heated until it is set anew', () => {
    const { steps } = plan(
      'Buns',
      '200 g sugar\n50 g butter',
      'Heat the oven to 220 °C.\nMix the sugar and butter.\nBake for 10 min.\nTurn the oven down to 180 °C.\nBake for 5 min.',
    );
    expect(steps.map(({ settings }) => settings[0]?.celsius ?? null)).toEqual([220, null, 220, 180, 180]);
  });

  it('a thermometer where a step ends by one: in syrup, in the core, else in the food', () => {
    const where = (list: string, text: string) => plan('Buns', list, text).thermometers.map((one) => one.in);
    expect(where('200 g sugar\n100 ml water', 'Boil the sugar and water to 118 °C.')).toEqual(['syrup']);
    expect(where('200 g milk\n10 g salt', 'Heat the milk and salt to 85 °C.')).toEqual(['food']);
    expect(where('200 g sugar\n100 ml milk', 'Heat the sugar and milk to 85 °C.')).toEqual(['food']);
    expect(
      where('2 chicken breasts\n10 g salt', 'Roast the chicken with the salt until the core shows 75 °C.'),
    ).toEqual(['core']);
    expect(where('200 g sugar\n100 ml milk', 'Mix the sugar and milk.')).toEqual([]);
  });

  it('pieces it makes, and how heavy they are', () => {
    const made = (head: string) => {
      const { pieces, pieceG } = plan(head, '200 g sugar\n50 g butter', 'Mix everything.').portions;
      return [pieces, pieceG];
    };
    expect(made('Buns, makes 12 of 60 g')).toEqual([12, 60]);
    expect(made('Buns\nMakes 12')).toEqual([12, null]);
    expect(made('Buns\nServes 4')).toEqual([null, null]);
    expect(made('Buns\nMakes 900')).toEqual([null, null]);
  });
});

describe('what no lesson holds', () => {
  const days = (...method: string[]) =>
    plan(
      'Dough',
      '500 g flour\n300 ml water\n2 g yeast',
      method.map((text, i) => `${i + 1}. ${text}`).join('\n'),
    ).steps.map(({ when, day }) => `${when} ${day}`);

  it('is done before it, with all that comes earlier; as the last step it stands afterwards', () => {
    expect(days('Mix the flour, water and yeast.', 'Chill overnight.', 'Bake 30 min at 230 °C.')).toEqual([
      ...['before -1', 'before -1', 'lesson 0'],
    ]);
    expect(
      days(
        'Soak the flour in the water for 2 days.',
        'Add the yeast and leave overnight.',
        'Bake it 30 min.',
      ),
    ).toEqual(['before -3', 'before -1', 'lesson 0']);
    expect(days('Mix the flour, water and yeast.', 'Leave to stand for 12 hours.')).toEqual([
      ...['lesson 0', 'after 0'],
    ]);
    // That it keeps so long is no wait.
    expect(
      days('Mix the flour, water and yeast.', 'Bake 30 min.', 'Stored in a tin it keeps overnight.'),
    ).toEqual([...['lesson 0', 'lesson 0', 'lesson 0']]);
  });
});

describe('what a step of a recipe takes', () => {
  const words = (list: string, ...method: string[]) => {
    const made = plan('Cake', list, method.map((text, i) => `${i + 1}. ${text}`).join('\n'));
    const own = stationPlan(made, null, null, ingredientGrams);
    return own.steps.map((step) =>
      takenNow(own, step, batchTables.usedIn)
        .map((one) => one.words)
        .join(', '),
    );
  };

  it('is of its own part, and never what is only done', () => {
    const list =
      '120 g butter\n200 g brown sugar\n2 eggs\n\nSauce\n90 g butter\n180 g light brown sugar\n250 g double cream';
    expect(
      words(
        list,
        'Butter an 8 x 8 inch pan.',
        'Cream butter and sugar.',
        'Beat in the eggs.',
        'Sauce: boil the butter, sugar and cream for 3 min.',
        'Fill the pan with soapy water.',
      ),
    ).toEqual([
      ...['', '120 g butter, 200 g brown sugar', '2 (100 g) eggs'],
      ...['90 g butter, 180 g light brown sugar, 250 g double cream', ''],
    ]);
  });

  it('is as much as it says, and then the rest', () => {
    expect(
      words(
        '200 g butter\n300 g sugar\n100 g flour',
        'Melt half of the butter.',
        'Stir in 100 g of the sugar.',
        'Rub the remaining butter into the flour with the rest of the sugar.',
      ),
    ).toEqual(['100 g butter', '100 g sugar', '100 g butter, 200 g sugar, 100 g flour']);
  });

  it('is a little of what another step takes the rest of', () => {
    expect(
      words(
        '3 eggs\n180 g flour',
        'Beat in the eggs with a spoonful of the flour.',
        'Fold in the remaining flour.',
      ),
    ).toEqual(['3 (150 g) eggs, a little flour', 'the rest of the flour']);
    // One step takes half, and then the rest.
    expect(
      words(
        '300 g icing sugar\n90 g butter',
        'Sift half the icing sugar into the butter, then add the rest.',
      ),
    ).toEqual(['300 g icing sugar, 90 g butter']);
  });

  it('greases with what is for greasing, or with what nothing else takes', () => {
    expect(
      words(
        '120 g butter\n10 g butter, for greasing\n100 g flour',
        'Butter the tin.',
        'Rub the butter into the flour.',
      )[0],
    ).toBe('10 g butter');
    expect(
      words('1 tbsp oil\n100 g flour\n60 ml water', 'Oil the tin.', 'Mix the flour and water.')[0],
    ).toMatch(/oil$/);
  });
});

describe('a recipe longer than a plan', () => {
  it('gives as many lines and steps as a plan holds', () => {
    const list = Array.from({ length: 130 }, (_, i) => `${i + 1} g flour`).join('\n');
    const method = Array.from({ length: 130 }, (_, i) => `${i + 1}. Stir the flour.`).join('\n');
    const made = plan('Buns', list, method);
    expect(accepts(planShape, made)).toBe(true);
    expect([made.formula.length, made.steps.length]).toEqual([mostOf('formula'), mostOf('steps')]);
    expect(accepts(planShape, { ...made, steps: [...made.steps, made.steps[0]!] })).toBe(false);
    expect(accepts(planShape, { ...made, formula: [...made.formula, made.formula[0]!] })).toBe(false);
  });
});

describe('a plan as others read it', () => {
  it('says how long it takes in hours and minutes (ISO 8601)', () => {
    const takes = (method: string) => jsonLdOf(plan('Buns', '200 g sugar', method)).totalTime;
    expect(takes('Boil the sugar for 90 min.')).toBe('PT1H30M');
    expect(takes('Boil the sugar for 2 hours.')).toBe('PT2H');
    expect(takes('Boil the sugar for 25 min.\nCool for 2 h 20 min.')).toBe('PT2H45M');
    expect(takes('Boil the sugar for 45 min.')).toBe('PT45M');
  });
});
