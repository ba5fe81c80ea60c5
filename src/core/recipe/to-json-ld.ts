import { formatNumber } from '../format';
import { stepMinutes, type Ingredient, type Plan } from '../practical';

const duration = (minutes: number) => {
  const hours = Math.floor(minutes / 60);
  const rest = Math.round(minutes - hours * 60);
  return `PT${hours > 0 ? `${hours}H` : ''}${rest > 0 || hours === 0 ? `${rest}M` : ''}`;
};

/** A plan's formula and method as a schema.org Recipe; what makes it a practical does not fit into one and is left out. */
export function jsonLdOf(plan: Plan): Record<string, unknown> {
  const minutes = plan.steps.reduce((sum, step) => sum + (stepMinutes(step)?.most ?? 0), 0);
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: plan.title,
    ...(plan.question !== '' && { description: plan.question }),
    recipeIngredient: plan.formula.map(ingredientWords),
    recipeInstructions: plan.steps.map((step, i) => ({
      '@type': 'HowToStep',
      position: i + 1,
      text: step.text,
    })),
    ...(minutes > 0 && { totalTime: duration(minutes) }),
  };
}

/** “250 g plain flour, sifted”. */
function ingredientWords(line: Ingredient): string {
  const { amount, amountTo, unit, fill, name, state } = line;
  const number =
    amount === null ? '' : `${plainNumber(amount)}${amountTo === null ? '' : `-${plainNumber(amountTo)}`}`;
  const words = [
    number,
    amount === null || fill === null ? '' : fill,
    amount === null || unit === 'each' ? '' : unit,
    name.charAt(0).toLowerCase() + name.slice(1),
  ].filter((part) => part !== '');
  const after = [state, line.optional ? 'optional' : ''].filter((part) => part !== '');
  return [words.join(' '), ...after].join(', ');
}

const plainNumber = (value: number) => formatNumber(Number(value.toPrecision(4)));
