import { describe, expect, it } from 'vitest';
import { readRecipe } from './read-recipe';
import { fixturesIn, scoreOf, sumOf, type Score } from './testing/fixtures';

const share = ([right, all]: [number, number]) => right / all;
const percent = (part: [number, number]) => `${(100 * share(part)).toFixed(1)} % of ${part[1]}`;

function scored(file: string): Score {
  const score = sumOf(fixturesIn(file).map((fixture) => scoreOf(fixture, readRecipe(fixture.text))));
  // The figures are what is promised; they are printed with every run.
  // eslint-disable-next-line no-console
  console.log(
    `${file}: amounts, units and names ${percent(score.formula)}; times, temperatures and uses ${percent(score.steps)}; contradictions found ${score.planted.join(' of ')}, false ${score.falseOnes}`,
  );
  return score;
}

describe('a list of tools', () => {
  it('in one line ends no method', () => {
    const r = readRecipe(
      'Soup\n\nYou need (for 2)\n1 onion\n75 g red lentils\n\nEquipment: pan, knife\n\n1. Peel the onion.\n2. Add the lentils.',
    );
    expect(r.formula.map(({ name }) => name)).toEqual(['onion', 'red lentils']);
    expect(r.steps.map(({ text }) => text)).toEqual(['Peel the onion.', 'Add the lentils.']);
    expect(r.notUnderstood).toEqual([7]);
    const under = readRecipe(
      'Soup\n\n1 onion\n75 g red lentils\n\nEquipment\npan, knife\n\n1. Peel the onion.\n2. Add the lentils.',
    );
    expect(under.steps).toHaveLength(2);
  });
});

describe('a verb nobody has listed', () => {
  const steps = (last: string, numbered: boolean) =>
    readRecipe(
      `Set milk\n600 g milk\n30 g cornflour\n\n${numbered ? '1. ' : ''}Stir the cornflour into the milk.\n${numbered ? '2. ' : ''}Chill for 3 hours.\n${numbered ? '3. ' : ''}${last}`,
    ).steps.map(({ text }) => text.replace(/\.$/, ''));

  it('tells a step all the same, where it is the next number or says to what it is done', () => {
    for (const last of ['Pulverise the seeds finely', 'Persuade the dough into rounds', 'Decant']) {
      expect(steps(last, true)[2], last).toBe(last);
    }
    expect(steps('Pulverise the seeds finely.', false)[2]).toBe('Pulverise the seeds finely');
  });

  it('notes, sources and sentences about it tell none', () => {
    for (const last of [
      'Note: this freezes well.',
      'This keeps the colour.',
      'Photo by the author',
      'Tip the first.'.replace('Tip', 'Tips:'),
    ])
      expect(steps(last, false), last).toHaveLength(2);
  });
});

describe('forty recipes in as many styles', () => {
  // The first twenty were written before the reader was, and not looked at while it was made better.
  it.each(['./held-out.txt', './tuned.txt'])('%s', (file) => {
    const score = scored(file);
    // What is reached is kept: one point less would be seen.
    expect(share(score.formula), score.wrong.join('\n')).toBe(1);
    expect(share(score.steps), score.wrong.join('\n')).toBeGreaterThanOrEqual(
      file.includes('held') ? 0.99 : 1,
    );
    expect(share(score.planted), score.wrong.join('\n')).toBe(1);
    expect(score.falseOnes, score.wrong.join('\n')).toBe(0);
  });

  it('a contradiction names the lines it is about, each once, in their order, with words of them', () => {
    for (const { name, text, contradictions } of [
      ...fixturesIn('./held-out.txt'),
      ...fixturesIn('./tuned.txt'),
    ]) {
      const rows = text.split('\n');
      const found = readRecipe(text).contradictions;
      for (const { lines, working, answers } of found) {
        expect(lines.length, name).toBeGreaterThan(0);
        expect(lines, name).toEqual([...new Set(lines)].sort((a, b) => a - b));
        expect(working.length, name).toBeGreaterThan(0);
        expect(new Set(answers.map(({ label }) => label)).size, name).toBe(answers.length);
      }
      for (const { kind, word } of contradictions.filter((one) =>
        ['amount', 'unused', 'unlisted', 'sachet'].includes(one.kind),
      )) {
        const one = found.find((each) => each.kind === kind && each.text.toLowerCase().includes(word))!;
        const said = one.lines.map((line) => rows[line - 1]!.toLowerCase());
        expect(
          said.every((row) => row.includes(word.slice(0, 4))),
          `${name}: ${said.join(' | ')}`,
        ).toBe(true);
      }
    }
  });

  it('are forty, of which most contradict nothing', () => {
    const all = [...fixturesIn('./held-out.txt'), ...fixturesIn('./tuned.txt')];
    expect(all).toHaveLength(40);
    expect(new Set(all.map((one) => one.name)).size).toBe(40);
    expect(all.filter((one) => one.contradictions.length === 0).length).toBeGreaterThanOrEqual(20);
  });
});

const kindsOf = (text: string) => readRecipe(text).contradictions.map((one) => one.kind);
const scones = (flour: string, oven: string, rest = '') =>
  `Soda rounds\n${flour}\n5 g salt\n200 ml milk\n\nMix the flour, salt and milk.\nBake ${oven}.${rest}`;

const puffs = (line: string, steps: string) =>
  `Cheese puffs (${line})\n\n105 g plain flour\n75 g butter\n3 eggs\n\n1) ${steps}`;

describe('what is said of other things is said of them', () => {
  it('two trays to be lined, or eggs a little at a time, do not double what is piped', () => {
    const piped =
      'Line two trays. Melt the butter. Beat in the flour.\n2) Beat in the eggs a little at a time.';
    expect(kindsOf(puffs('makes 14', `${piped}\n3) Pipe 18 mounds and bake 22 min.`))).toEqual(['portions']);
    expect(kindsOf(puffs('makes 14', `${piped}\n3) Pipe 14 mounds and bake 22 min.`))).toEqual([]);
    // Seven on each of two trays are fourteen; so are seven at a time.
    expect(kindsOf(puffs('makes 14', `${piped}\n3) Pipe 7 mounds onto both trays and bake.`))).toEqual([]);
    expect(kindsOf(puffs('makes 14', `${piped}\n3) Pipe and bake 7 mounds, 7 at a time.`))).toEqual([]);
  });

  it('what comes about is not what goes in', () => {
    const melted = 'Melt the butter. Beat in the flour and the eggs.';
    const last = (words: string) => kindsOf(puffs('makes 14', `${melted}\n2) ${words}`));
    expect(last('Bake for 22 min until crisp.')).toEqual([]);
    expect(last('Bake until they are the colour of caramel and crisp.')).toEqual([]);
    expect(last('Bake until firm, then sprinkle with parmesan.')).toEqual(['unlisted']);
    expect(last('Stir until smooth and add the mustard.')).toEqual(['unlisted']);
  });
});

describe('what contradicts', () => {
  it.each<[string, string, string[]]>([
    // Half of a kilo bag is 500 g.
    ['a pack and its share', scones('half a kilo bag of flour (50 g)', '12 min at 200 °C'), ['amount']],
    ['the same pack, right', scones('half a kilo bag of flour (500 g)', '12 min at 200 °C'), []],
    ['ounces that are not the grams', scones('250 g (14 oz) flour', '12 min at 200 °C'), ['amount']],
    ['ounces as cookery books round them', scones('225 g (8 oz) flour', '12 min at 200 °C'), []],
    ['a cup of twice its weight', scones('1 cup (280 g) flour', '12 min at 200 °C'), ['amount']],
    ['a cup of its weight', scones('2 cups (250 g) flour', '12 min at 200 °C'), []],
    // 375 °F is 190.6 °C; 390 °F is 198.9 °C.
    ['°F that are not the °C', scones('250 g flour', 'at 220 °C (375 °F) for 12 min'), ['temperature']],
    ['°F that are', scones('250 g flour', 'at 200 °C (390 °F) for 12 min'), []],
    ['fan as hot as without', scones('250 g flour', '12 min at 180 °C/fan 180 °C'), ['temperature']],
    ['gas of another oven', scones('250 g flour', '12 min at 160 °C/gas 6'), ['temperature']],
    ['two lengths of one step', scones('250 g flour', 'for 2 hours (90 minutes) at 150 °C'), ['time']],
    ['the same length twice', scones('250 g flour', 'for 1½ hours (90 minutes) at 150 °C'), []],
    ['listed, not used', scones('250 g flour\n30 g walnuts', '12 min at 200 °C'), ['unused']],
    ['used, not listed', scones('250 g flour', '12 min at 200 °C', ' Spread with honey.'), ['unlisted']],
    [
      'used in a likeness',
      scones('250 g flour', '12 min at 200 °C', ' They should be as yellow as butter.'),
      [],
    ],
    ['water from the tap', scones('250 g flour', '12 min at 200 °C', ' Brush with water.'), []],
  ])('%s', (_, text, kinds) => {
    expect(kindsOf(text)).toEqual(kinds);
  });

  it('a part of what is listed is no contradiction, more than there is is one', () => {
    const with50 = (method: string) => kindsOf(`Loaf\n300 g flour\n50 g butter\n\n${method}`);
    expect(with50('Rub 20 g of the butter into the flour. Brush with the remaining butter.')).toEqual([]);
    expect(with50('Rub half the butter into the flour. Melt the rest and brush it on.')).toEqual([]);
    expect(with50('Rub 80 g of the butter into the flour.')).toEqual(['amount']);
    expect(with50('Rub the 500 g butter into the flour.')).toEqual(['amount']);
  });

  it('settles a slip by what is usual: not more butter than flour', () => {
    const [one] = readRecipe(
      'Buns\n250 g flour\n400 g butter\n\nRub the 40 g butter into the flour.',
    ).contradictions;
    expect(one!.answers.map((answer) => answer.label)).toEqual(['40 g', '400 g']);
  });
});

describe('ways to write a list', () => {
  const listOf = (text: string) => {
    const { formula } = readRecipe(`Dish\n${text}\n\nMix everything and bake for 10 min.`);
    return formula.map((line) => `${line.amount ?? ''} ${line.unit} ${line.name}`);
  };

  it.each<[string, string[]]>([
    ['FLOUR 150G  OLIVE OIL 30ML  WATER 70ML', ['150 g flour', '30 ml olive oil', '70 ml water']],
    ['200 g rice / 4 cloves garlic / 60 ml oil', ['200 g rice', '4 clove garlic', '60 ml oil']],
    ['225g butter | 4 eggs | zest of 2 lemons', ['225 g butter', '4 each eggs', '2 each lemon zest']],
    ['225g flour · 1 egg · 240ml milk', ['225 g flour', '1 each egg', '240 ml milk']],
    ['3 free-range eggs, plus 1 egg yolk', ['3 each eggs', '1 each egg yolk']],
    ['200 g self-raising flour (or plain + 2 tsp baking powder)', ['200 g self-raising flour']],
    ['75 g sugar + 1 tsp for dusting', ['75 g sugar']],
    [
      'a good pinch of cayenne\n2 lg eggs\n1 med. onion\ngrated zest & juice of 1 lime',
      ['1 pinch cayenne', '2 each eggs', '1 each onion', '1 each lime zest and juice'],
    ],
    ['pinch salt\nsmall knob butter\na handful of peas', ['1 pinch salt', '1 each butter', '1 handful peas']],
    ['oil for shallow frying', [' to-taste oil']],
    ['| 2 | lemons |\n|---|---|\n| 50 g | sugar |', ['2 each lemons', '50 g sugar']],
    ['salt and freshly ground black pepper', [' to-taste salt', ' to-taste ground black pepper']],
    ['1 tsp each of cumin, turmeric and salt', ['1 tsp cumin', '1 tsp turmeric', '1 tsp salt']],
    ['1 lb 2 oz potatoes\n6 tbsp plus 1.5 tsp milk', ['1.125 lb potatoes', '6.5 tbsp milk']],
    ['two hundred and fifty grams of flour', ['250 g flour']],
    ['a 2 cm piece of ginger', ['1 each ginger']],
  ])('%s', (text, lines) => {
    expect(listOf(text)).toEqual(lines);
  });

  it('titles may end in a colon, say for how many, or stand after a line of talk', () => {
    const head = (text: string) => {
      const { title, yields } = readRecipe(`${text}\n200 g flour\n100 ml milk\n\nMix the flour and milk.`);
      return [title, yields[0]?.count];
    };
    expect(head('Rolls:')).toEqual(['Rolls', undefined]);
    expect(head('ROLLS FOR 4')).toEqual(['Rolls', 4]);
    expect(head('We love these on Sundays and so will you!\n\nRolls (makes 12)')).toEqual(['Rolls', 12]);
    expect(head('Three grain rolls\n')).toEqual(['Three grain rolls', undefined]);
  });

  it('what a step keeps for days, or takes out of the oven, is not how long it takes', () => {
    const minutes = (step: string) =>
      readRecipe(`Dish\n200 g flour\n\n${step}`).steps.map((one) => one.minutesLow);
    expect(minutes('Mix the flour. Keeps for 3 days in a tin.')).toEqual([null]);
    expect(minutes('Bake the flour for 2 hours, stirring once after 30 minutes.')).toEqual([120]);
    expect(
      minutes('Bake the flour for 15 min, then turn the oven down to 150 °C and bake for 25 min.'),
    ).toEqual([15, 25]);
  });
});

describe('whatever is pasted', () => {
  it.each<[string, string]>([
    ['nothing', ''],
    ['one line', 'Flour'],
    ['emoji', '🍞🍞 250 g 🌾 flour\n🥛 1 cup milk\n🔥 Bake 20 min 🔥'],
    ['marks alone', '% % – — ½ / / ( ) [ ] { } | \\ ^ $ * + ?'],
    ['brackets without end', `${'('.repeat(4000)} 250 g flour ${')'.repeat(3999)}`],
    ['one long word', 'a'.repeat(60_000)],
    ['one long line of numbers', '1 2 3 4 5 6 7 8 9 '.repeat(5000)],
    ['many fractions', '1 1/2 1/3 1-1/2 2½ '.repeat(4000)],
    ['blanks', `${' '.repeat(50_000)}\t${' '.repeat(50_000)}`],
    ['another language', '面粉 250 克\n牛奶 一杯\n搅拌均匀，烤二十分钟。'],
    ['right to left', 'دقيق 250 جرام\nحليب 100 مل\nاخلط واخبز 20 دقيقة'],
    ['no spaces', '250gflour,100mlmilk,2eggs.Mix.Bake20minutesat200C.'],
  ])('%s is read, refused never', (_, text) => {
    const recipe = readRecipe(text);
    for (const line of recipe.formula) {
      expect(line.name.length).toBeLessThanOrEqual(80);
      expect(Number.isNaN(line.amount)).toBe(false);
    }
    for (const step of recipe.steps) for (const i of step.uses) expect(recipe.formula[i]).toBeDefined();
  });

  it('4,000 lines: the first are read, the rest are told', () => {
    const text = `Long\n${'250 g flour\n'.repeat(4000)}`;
    const { formula, notUnderstood } = readRecipe(text);
    expect(formula.length).toBeGreaterThan(1000);
    expect(formula.length + notUnderstood.length).toBeGreaterThanOrEqual(4000);
    expect(notUnderstood.at(-1)).toBeGreaterThanOrEqual(4001);
  });

  it('a page of HTML loses its scripts, keeps its words', () => {
    const recipe = readRecipe(
      '<html><head><script>alert("250 g poison")</script><style>li{}</style></head><body><h1>Rolls</h1><ul><li>250&nbsp;g flour</li><li>&frac12; tsp salt</li></ul><ol><li>Mix.<li>Bake 20&#160;min at 200&deg;C</ol><script>evil(',
    );
    expect(recipe.formula.map((line) => [line.amount, line.unit, line.name])).toEqual([
      [250, 'g', 'flour'],
      [0.5, 'tsp', 'salt'],
    ]);
    expect(recipe.steps.at(-1)).toMatchObject({ minutesLow: 20, celsius: 200 });
    expect(JSON.stringify(recipe)).not.toMatch(/poison|evil|script/);
  });

  it('words of a language it does not know stay as they are, their amounts read', () => {
    const { formula } = readRecipe('Kaka\n100 g smör\n2 ägg\n3 dl socker\n\nSmält smöret. Grädda 20 min.');
    expect(formula.map((line) => [line.amount, line.unit, line.name, line.doubts.length > 0])).toEqual([
      [100, 'g', 'smör', true],
      [2, 'each', 'ägg', true],
      [300, 'ml', 'socker', true],
    ]);
  });
});

describe('what is neither list nor method', () => {
  it('is named by its line: numbers and talk, not blank lines and rules', () => {
    const text = 'Buns\n\n250 g flour\n***\n12345\n\nMix the flour.\n\nTips:\nEat them warm.';
    expect(readRecipe(text).notUnderstood).toEqual([5, 10]);
  });
});
