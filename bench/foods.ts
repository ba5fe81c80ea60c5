import { allergensOf, dietVerdict, type Diet } from '../src/core/ingredients';
import {
  againstDiet,
  claims,
  forms,
  holders,
  noClaim,
  plants,
} from '../src/core/ingredients/testing/claims-by-grammar';
import { checkCore, hazardsIn } from '../src/core/safety';
import { mild, mildlyRight, neverMild, schoolFoods } from '../src/core/safety/testing/foods-by-grammar';
import { dangerLines, harmlessLines, oneByOne } from '../src/core/safety/testing/hazard-lines';
import { dangers, harmlessSentences } from '../src/core/safety/testing/hazard-sentences';

/** How many of some things fail, with how many there were. */
const counted = <T>(figure: string, all: readonly T[], fails: (one: T) => boolean, goal: string) => {
  const failing = all.filter(fails).length;
  return {
    figure,
    tried: all.length,
    found: failing,
    percent: Number(((100 * failing) / all.length).toFixed(1)),
    goal,
  };
};

const flat = (kinds: Readonly<Record<string, readonly string[]>>) =>
  Object.entries(kinds).flatMap(([id, all]) => all.map((text) => ({ id, text })));

const claimed = (ways: typeof claims) =>
  holders.flatMap(([claim, allergen, foods]) =>
    foods.flatMap((food) => ways.map((say) => ({ said: say(food, claim), allergen, claim }))),
  );
const holds = ({ said, allergen }: { said: string; allergen: string }) =>
  allergensOf(said).contains.some((id) => id === allergen);

const diets: readonly Diet[] = ['vegetarian', 'vegan', 'no-alcohol', 'no-pork-or-gelatine'];

/** Foods, allergens, diets and dangers put together by grammars: what is said falsely, and where nobody can tell. */
export function foods() {
  const against = Object.entries(againstDiet).flatMap(([diet, all]) =>
    all.flatMap((food) => forms.map((form) => ({ diet: diet as Diet, said: form(food) }))),
  );
  const plain = plants.flatMap((food) => diets.map((diet) => ({ diet, food })));
  return [
    counted(
      'yes at 63 °C for 15 s where the table asks for more',
      Object.values(neverMild).flat(),
      (food) => mild(food) === 'yes',
      '0',
    ),
    counted('raw, whole and named, and no yes there', mildlyRight, (food) => mild(food) !== 'yes', '15 %'),
    counted(
      'foods of a school at 74 °C without an answer',
      schoolFoods,
      (food) => checkCore('fda', food, { celsius: 74, heldSeconds: 15 }).verdict !== 'yes',
      '15 %',
    ),
    counted('an allergen lost by what is no claim', claimed(noClaim), (one) => !holds(one), '0'),
    counted(
      'an allergen kept against a claim',
      claimed(claims).filter(({ claim }) => ['dairy', 'egg', 'gluten', 'nut'].includes(claim)),
      holds,
      '3 %',
    ),
    counted(
      'said to suit a diet that it does not',
      against,
      ({ said, diet }) => dietVerdict(said, diet) === 'yes',
      '0',
    ),
    counted(
      'plain food of which nobody can tell whether it suits',
      plain,
      ({ food, diet }) => dietVerdict(food, diet) !== 'yes',
      '15 %',
    ),
    counted(
      'dangers missed, by a grammar',
      flat(dangers),
      ({ id, text }) => !hazardsIn(text).some((one) => one === id),
      '0',
    ),
    counted(
      'dangers missed, as they come',
      Object.entries(dangerLines).flatMap(([id, lines]) => oneByOne(lines).map((text) => ({ id, text }))),
      ({ id, text }) => !hazardsIn(text).some((one) => one === id),
      '0',
    ),
    counted(
      'harmless sentences called dangerous',
      [...harmlessSentences, ...oneByOne(harmlessLines)],
      (text) => hazardsIn(text).length > 0,
      '3 %',
    ),
  ];
}
