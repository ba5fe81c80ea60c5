import type { Factor, Level, Plan } from './plan';

/** Whether all a factor does is done to what nobody at the station is to know of. */
function isHiddenFactor({ acts }: Factor, hidden: ReadonlySet<string>): boolean {
  switch (acts.on) {
    case 'amount':
    case 'swap':
    case 'start-temperature':
      return acts.ingredientId !== null && hidden.has(acts.ingredientId);
    case 'end-temperature':
    case 'minutes':
    case 'setting':
    case 'size':
    case 'method':
    case 'words':
      return false;
  }
}

/** A level as far as it must be known to be done: its number, or the setting it names. */
const blindLevel = (level: Level, i: number, { acts }: Factor): Level => ({
  ...level,
  id: `own-${i + 1}`,
  words: acts.on === 'setting' || acts.on === 'swap' ? level.words : '',
  control: false,
});

/**
 * The plan of one station that carries a letter in place of its level: of what others weigh out for it neither how much there
 * is nor which of several things it is stands anywhere in it, and no level but what its own hands must do.
 *
 * @param plan as `planOfStation` gives it
 * @param hidden ids of the ingredients nobody at the station is to know of
 * @param nameOf what such an ingredient is called there
 * @returns the plan, and the id of its one treatment
 */
export function blindPlan(
  plan: Plan,
  hidden: ReadonlySet<string>,
  nameOf: (id: string) => string,
): { plan: Plan; treatmentId: string } {
  const factors = plan.factors
    .filter((factor) => !isHiddenFactor(factor, hidden))
    .map((factor, i) => ({
      ...factor,
      levels: factor.levels.map((level) => blindLevel(level, i, factor)),
    }));
  const ids = factors.flatMap(({ levels }) => levels.map(({ id }) => id));
  return {
    treatmentId: ids.join('.') || 'own',
    plan: {
      ...plan,
      factors,
      formula: plan.formula.map((one) =>
        hidden.has(one.id)
          ? {
              ...one,
              ...{ name: nameOf(one.id), typed: '', amount: null, amountTo: null, ratio: null, note: '' },
            }
          : one,
      ),
      steps: plan.steps.map((step) => ({
        ...step,
        only: [],
        // How much of it goes in now would tell how much there is.
        takes: step.takes.filter(({ ingredientId, how }) => how !== 'amount' || !hidden.has(ingredientId)),
      })),
    },
  };
}
