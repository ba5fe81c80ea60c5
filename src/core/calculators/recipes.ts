import { ingredientsSource } from '../ingredients';
import { kitchenMassSource, readRecipe, type FormulaLine, type RecipeStep } from '../recipe';
import { defineCalculator } from './definition';

const example =
  'Soda scones\n250 g plain flour\n1 tsp bicarbonate of soda\n180 ml buttermilk\n\nMix and bake at 220 °C for 15 min.';
const tidy = (value: number) => Number(value.toPrecision(6));

export const readRecipeCalculator = defineCalculator({
  id: 'read-recipe',
  title: 'A recipe, read',
  keywords: 'paste recipe import formula steps ingredients method contradiction text',
  example: { text: example },
  inputs: {
    text: {
      kind: 'text',
      most: 400_000,
      example: 'Scones: 250 g flour …',
      about: 'the recipe as it is written',
    },
    cup: {
      kind: 'choice',
      options: ['us', 'metric'],
      optional: true,
      about: 'the cup that is meant; left out, as the words of the text suggest',
    },
  },
  compute({ text, cup }) {
    const recipe = readRecipe(text, cup ?? null);
    return {
      result: {
        title: recipe.title,
        cup: recipe.cup,
        formula: recipe.formula.map(lineOf),
        steps: recipe.steps.map(stepOf),
        contradictions: recipe.contradictions.map((one) => ({
          kind: one.kind,
          lines: one.lines,
          text: one.text,
        })),
        notUnderstood: recipe.notUnderstood,
      },
      working: [
        { text: 'lines of formula', value: recipe.formula.length },
        { text: 'steps', value: recipe.steps.length },
        ...recipe.contradictions.flatMap((one) =>
          one.working.map((words) => ({ text: `${one.kind}: ${words}` })),
        ),
      ],
      sources: [ingredientsSource, kitchenMassSource],
      warnings: recipe.formula.some((line) => line.item === undefined)
        ? ['What is not in the ingredients table keeps its words; its mass and its allergens are not known.']
        : [],
    };
  },
});

function lineOf(line: FormulaLine) {
  return {
    line: line.line,
    name: line.name,
    amount: line.amount,
    ...(line.amountHigh !== null && { amountHigh: line.amountHigh }),
    unit: line.unit,
    ...(line.mass && { massG: tidy(line.mass.usual) }),
    item: line.item?.id ?? null,
    ...(line.state !== '' && { state: line.state }),
    ...(line.note !== '' && { note: line.note }),
    ...(line.section !== '' && { section: line.section }),
    uncertain: line.doubts.length > 0,
  };
}

function stepOf(step: RecipeStep) {
  return {
    line: step.line,
    text: step.text,
    ...(step.minutesLow !== null && { minutesLow: step.minutesLow }),
    ...(step.minutesHigh !== null && { minutesHigh: step.minutesHigh }),
    ...(step.celsius !== null && { celsius: step.celsius }),
    uses: step.uses,
  };
}
