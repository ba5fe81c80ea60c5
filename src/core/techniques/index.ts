import { newStep, type Step } from '../practical';
import { techniquesOfDoughs } from './of-doughs';
import { techniquesOfLiquids } from './of-liquids';
import { techniquesOfPans } from './of-pans';
import { techniqueIds, type Technique } from './technique';

export { techniquesSource, type Technique, type TechniqueId } from './technique';

/** Every technique, in the order of their ids. */
export const techniques: readonly Technique[] = techniqueIds.map((id) =>
  [...techniquesOfDoughs, ...techniquesOfPans, ...techniquesOfLiquids].find((one) => one.id === id)!,
);

/** The techniques a sentence of a method uses. */
export const techniquesIn = (sentence: string): Technique[] =>
  techniques.filter(({ words }) => words.test(sentence));

/**
 * The steps of a technique for a plan.
 *
 * @param newId makes an id
 * @param thermometerId what a step that ends at a temperature is read on; null where none is planned
 */
export const stepsOf = (
  { steps }: Technique,
  newId: () => string,
  thermometerId: string | null = null,
): Step[] =>
  steps.map((step) =>
    newStep({
      ...structuredClone(step),
      id: newId(),
      thermometerId: (step.ends ?? []).some((end) => end.kind === 'temperature') ? thermometerId : null,
    }),
  );
