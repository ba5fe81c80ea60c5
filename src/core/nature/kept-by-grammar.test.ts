import { describe, expect, it } from 'vitest';
import { newIngredient, newPlan, newStep, type Plan } from '../practical';
import { staysDry } from './kept';

type Line = [grams: number, name: string];
/** A bake as a teacher writes it down: its title, its lines, its steps. */
function keepsDry(title: string, lines: readonly Line[], ...steps: string[]): boolean {
  const plan: Plan = {
    ...newPlan(title, null),
    steps: steps.map((text, i) => newStep({ id: String(i), text })),
  };
  return staysDry(
    plan,
    lines.map(([grams, name], i) => ({ ...newIngredient({ id: String(i), name }), grams })),
  );
}

const crusts: Line[][] = [
  [
    [200, 'plain flour'],
    [100, 'butter'],
    [40, 'water'],
  ],
  [
    [150, 'wholemeal flour'],
    [60, 'oil'],
  ],
  [
    [250, 'strong white flour'],
    [7, 'dried yeast'],
    [150, 'water'],
  ],
  [[60, 'plain flour']],
];
/** What stays moist under any crust, in amounts that kitchens use. */
const moistParts: Line[][] = [
  [
    [150, 'eggs'],
    [300, 'milk'],
    [60, 'caster sugar'],
  ],
  [
    [100, 'eggs'],
    [200, 'whole milk'],
  ],
  [
    [425, 'pumpkin'],
    [100, 'eggs'],
    [170, 'evaporated milk'],
  ],
  [[250, 'ricotta']],
  [[200, 'cottage cheese']],
  [[150, 'paneer']],
  [[120, 'halloumi']],
  [[200, 'cooked lentils']],
  [[240, 'chickpeas']],
  [[200, 'black beans']],
  [[300, 'silken tofu']],
  [[200, 'double cream']],
  [[250, 'crème fraîche']],
  [[200, 'crème pâtissière']],
  [[150, 'lemon curd']],
  [[200, 'spinach']],
  [[120, 'leeks']],
  [[150, 'cooked rice']],
  [[100, 'bacon lardons']],
  [[150, 'smoked haddock']],
  [[100, 'cooked prawns']],
  [[150, 'houmous']],
  [[100, 'moon cheese substitute']],
  [[80, 'glorp']],
  [[200, 'frangible blend']],
];
const titles = [
  '',
  'Tart',
  'Autumn slice',
  'Pie',
  'Parcels',
  'Pudding',
  'What sets a filling',
  'Bake',
  'Flan for 9B',
  'Quiche',
  'Pasties',
  'Traybake',
  'A galette',
  'Turnovers',
  'Clafoutis',
  'Gougères',
];
const bakings = [
  ['Rub the fat into the flour.', 'Bake at 190 °C for 30 min.'],
  ['Line the tin.', 'Mix all the rest and pour it in.', 'Bake 40 minutes until set.'],
  ['Mix.', 'Bake for 15 minutes.', 'Cool and add the rest.'],
];

describe('a closed tin and three days are said only of what is known to keep', () => {
  it('never of a crust with something moist in it, under any name', () => {
    const wrong: string[] = [];
    let tried = 0;
    for (const crust of crusts)
      for (const part of moistParts)
        for (const title of titles)
          for (const steps of bakings) {
            tried += 1;
            if (keepsDry(title, [...crust, ...part], ...steps))
              wrong.push(`${title}: ${part.map(([, name]) => name).join(', ')}`);
          }
    expect(tried).toBeGreaterThan(4000);
    expect(wrong).toEqual([]);
  });

  it('nor under the name of a cake or a bread, where there is more of egg and milk than the flour binds', () => {
    const wrong = ['Cake', 'Magic cake', 'Spoon bread', 'Muffins', 'Lava cakes', 'Buns'].flatMap((title) =>
      moistParts
        .filter((part) => keepsDry(title, [...crusts[3]!, ...part], ...bakings[0]!))
        .map((part) => `${title}: ${part.map(([, name]) => name).join(', ')}`),
    );
    expect(wrong).toEqual([]);
  });

  it('nor where it is not baked, or something moist comes to it after', () => {
    const sponge: Line[] = [
      [100, 'self-raising flour'],
      [100, 'eggs'],
      [100, 'butter'],
      [100, 'caster sugar'],
    ];
    const baked = 'Bake at 180 °C for 20 min.';
    expect(keepsDry('Sponge cake', sponge, 'Cream the butter and sugar.', 'Fill the tins.', baked)).toBe(
      true,
    );
    const kept: [string, Line[], ...string[]][] = [
      ['No-bake biscuit cake', sponge, 'Press into a tin.', 'This is a no-bake cake.'],
      ['Cakes on the griddle', sponge, 'Mix with the baking powder.', 'Fry on a baking tray over the flame.'],
      ['Unbaked biscuits', sponge, 'Leave unbaked.'],
      ['Raw cookie dough', sponge, 'Do not bake.', 'Don’t bake it.'],
      ['Sponge cake', [...sponge, [100, 'strawberries']], baked, 'Top with the strawberries.'],
      ['Sponge cake', sponge, baked, 'Sandwich them together.'],
      ['Sponge cake', sponge, baked, 'Fill with what you like.'],
      ['Sponge cake', [...sponge, [150, 'milk']], baked, 'Soak it with the milk.'],
    ];
    expect(kept.filter(([title, lines, ...steps]) => keepsDry(title, lines, ...steps))).toEqual([]);
    expect(keepsDry('Sponge cake', [], baked)).toBe(false);
  });

  it('is said of the plain bakes of a school (common practice)', () => {
    const bakes: [string, Line[]][] = [
      [
        'Scones',
        [
          [225, 'self-raising flour'],
          [50, 'butter'],
          [150, 'milk'],
        ],
      ],
      [
        'White bread rolls',
        [
          [500, 'strong bread flour'],
          [7, 'instant yeast'],
          [10, 'salt'],
          [320, 'water'],
        ],
      ],
      [
        'Shortbread',
        [
          [150, 'plain flour'],
          [100, 'butter'],
          [50, 'caster sugar'],
        ],
      ],
      [
        'How soda spreads a biscuit',
        [
          [200, 'plain flour'],
          [100, 'butter'],
          [50, 'egg'],
          [3, 'bicarbonate of soda'],
          [150, 'brown sugar'],
        ],
      ],
      [
        'Muffins',
        [
          [250, 'plain flour'],
          [240, 'buttermilk'],
          [50, 'egg'],
          [10, 'baking powder'],
          [80, 'oil'],
          [120, 'blueberries'],
        ],
      ],
      [
        'Carrot cake',
        [
          [200, 'wholemeal flour'],
          [200, 'carrots'],
          [150, 'eggs'],
          [150, 'sunflower oil'],
          [5, 'cinnamon'],
        ],
      ],
      [
        'Apple crumble squares',
        [
          [200, 'plain flour'],
          [120, 'butter'],
          [300, 'apples'],
          [80, 'demerara sugar'],
        ],
      ],
      [
        'Brioche buns',
        [
          [500, 'strong white flour'],
          [250, 'eggs'],
          [200, 'butter'],
          [50, 'milk'],
          [7, 'yeast'],
        ],
      ],
      [
        'Brownies',
        [
          [100, 'plain flour'],
          [150, 'eggs'],
          [200, 'dark chocolate'],
          [150, 'butter'],
          [250, 'caster sugar'],
        ],
      ],
      [
        'Soda bread',
        [
          [450, 'plain flour'],
          [350, 'buttermilk'],
          [5, 'bicarbonate of soda'],
          [5, 'salt'],
        ],
      ],
    ];
    const cold = bakes.filter(
      ([title, lines]) => !keepsDry(title, lines, 'Mix.', 'Bake at 180 °C for 20 min.'),
    );
    expect(cold.map(([title]) => title)).toEqual([]);
  });
});
