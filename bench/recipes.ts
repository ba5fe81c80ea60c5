import { parseIngredient } from 'parse-ingredient';
import { readRecipe } from '../src/core/recipe';
import { fixturesIn } from '../src/core/recipe/testing/fixtures';
import { reviewPlan } from '../src/core/review';
import { forgotten, tooMuch } from '../src/core/recipe/testing/planted';
import { pasted } from '../src/core/recipe/testing/pasted';

/** Units of the other parser by the names a recipe’s expectations use. */
const theirUnits: Readonly<Record<string, string>> = {
  gram: 'g',
  kilogram: 'kg',
  milliliter: 'ml',
  liter: 'l',
  teaspoon: 'tsp',
  tablespoon: 'tbsp',
  cup: 'cup',
  ounce: 'oz',
  pound: 'lb',
  pint: 'pint',
  pinch: 'pinch',
  clove: 'clove',
  stick: 'stick',
  handful: 'handful',
};

const base: Readonly<Record<string, [string, number]>> = { kg: ['g', 1000], l: ['ml', 1000], cl: ['ml', 10] };
const same = (amount: number | null, unit: string, wanted: { amount: number | null; unit: string }) => {
  const a: [string, number] = base[unit] ?? [unit, 1];
  const b: [string, number] = base[wanted.unit] ?? [wanted.unit, 1];
  if (amount === null || wanted.amount === null) return amount === wanted.amount;
  return a[0] === b[0] && Math.abs(amount * a[1] - wanted.amount * b[1]) <= 0.002 * wanted.amount * b[1];
};

/**
 * Reading a recipe: how long 40 lines take with their review, and how many of the amounts with their units of the English
 * texts are right, ours and those of a general parser of ingredient lines, which is given our cut of the lines.
 */
export function recipes() {
  const english = [...fixturesIn('./held-out.txt'), ...fixturesIn('./tuned.txt')].filter(
    ({ text }) => readRecipe(text).language === 'en' && readRecipe(text).listed,
  );
  let [ours, theirs, all] = [0, 0, 0];
  for (const fixture of english) {
    const read = readRecipe(fixture.text).formula;
    fixture.formula.forEach((wanted, i) => {
      const line = read[i];
      if (!line) return;
      all += 1;
      if (same(line.amount, line.unit, wanted)) ours += 1;
      const [other] = parseIngredient(line.text);
      const unit = other?.unitOfMeasureID
        ? (theirUnits[other.unitOfMeasureID] ?? other.unitOfMeasureID)
        : 'each';
      if (same(other?.quantity ?? null, (other?.quantity ?? null) === null ? 'to-taste' : unit, wanted))
        theirs += 1;
    });
  }
  const sound = fixturesIn('./sound.txt');
  const falseOnes = sound.filter(({ text, contradictions }) =>
    readRecipe(text).contradictions.some(
      (one) =>
        !contradictions.some(({ kind, word }) => one.kind === kind && one.text.toLowerCase().includes(word)),
    ),
  ).length;
  const share = ({ seen, planted }: { seen: number; planted: number }) =>
    Number(((100 * seen) / planted).toFixed(1));
  return [
    {
      figure: 'recipes without a contradiction that are said to have one',
      value: Number(((100 * falseOnes) / sound.length).toFixed(1)),
      unit: '%',
      goal: 5,
      recipes: sound.length,
    },
    { figure: 'a line that no step takes, seen', value: share(tooMuch(sound)), unit: '%' },
    { figure: 'a line forgotten that a step names, seen', value: share(forgotten(sound)), unit: '%' },
    {
      figure: 'amounts with their units, English lines',
      value: Number(((100 * ours) / all).toFixed(1)),
      unit: '% right',
      theirs: Number(((100 * theirs) / all).toFixed(1)),
      with: 'parse-ingredient 3.0.0',
      lines: all,
    },
    {
      figure: 'a 40-line recipe read and reviewed',
      value: Number(readMs().toFixed(1)),
      unit: 'ms',
      goal: 20,
    },
  ];
}

function readMs(): number {
  const [plaits, loaf] = fixturesIn('./held-out.txt').filter((one) =>
    ['filled-plaits-sections', 'red-lentil-soup'].includes(one.name),
  );
  const text = `${plaits!.text}\n\n${loaf!.text}`.split('\n').slice(0, 46).join('\n');
  const once = () => reviewPlan({ plan: pasted(text), place: null, rooms: [] });
  const taken: number[] = [];
  for (let i = 0; i < 60; i += 1) {
    const start = performance.now();
    once();
    taken.push(performance.now() - start);
  }
  return taken.slice(20).sort((a, b) => a - b)[20]!;
}
