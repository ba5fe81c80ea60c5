import { useMemo, useState } from 'react';
import { marksOf, noDecisions, readRecipe, settled, type Answer, type Decisions } from '../../core/recipe';

/** A recipe as it is read, and what was decided about it so far. */
export function useReading(text: string) {
  const recipe = useMemo(() => readRecipe(text), [text]);
  const marks = useMemo(() => marksOf(text, recipe), [text, recipe]);
  const [decisions, setDecisions] = useState<Decisions>(noDecisions);
  const now = useMemo(() => settled(recipe, decisions), [recipe, decisions]);
  const decide = (change: (was: Decisions) => Partial<Decisions>) =>
    setDecisions((was) => ({ ...was, ...change(was) }));
  return {
    recipe,
    marks,
    now,
    answered: decisions.answers,
    answer: (index: number, answer: Answer | null) =>
      decide(({ answers }) => {
        const next = new Map(answers);
        if (answer) next.set(index, answer);
        else next.delete(index);
        return { answers: next };
      }),
    acceptLine: (was: number) => decide(({ accepted }) => ({ accepted: new Set([...accepted, was]) })),
    typeLine: (was: number, typed: string) =>
      decide(({ lines, accepted }) => ({
        lines: new Map([...lines, [was, typed]]),
        accepted: new Set([...accepted, was]),
      })),
    typeStep: (was: number, typed: string) =>
      decide(({ steps }) => ({ steps: new Map([...steps, [was, typed]]) })),
  };
}

export type Reading = ReturnType<typeof useReading>;
