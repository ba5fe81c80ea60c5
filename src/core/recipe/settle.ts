import { itemById } from '../ingredients';
import { readFormulaLine } from './formula-line';
import { massOf } from './mass';
import { blankLine } from './said';
import type { Answer, Contradiction, FormulaLine, Recipe, RecipeStep } from './recipe';
import type { CupKind } from './units';
import { usesOfSteps } from './uses';

/** What was decided about a recipe that was read. */
export interface Decisions {
  /** The answer to a contradiction, by its place in the list. */
  answers: ReadonlyMap<number, Answer>;
  /** Lines of the formula that were typed anew; empty: left out. */
  lines: ReadonlyMap<number, string>;
  /** Steps that were typed anew; empty: left out. */
  steps: ReadonlyMap<number, string>;
  /** Lines whose doubts were looked at and accepted. */
  accepted: ReadonlySet<number>;
}

export const noDecisions: Decisions = {
  answers: new Map(),
  lines: new Map(),
  steps: new Map(),
  accepted: new Set(),
};

/** A line or step as it will be kept, with where it was in what was read; null: added by an answer. */
export type Settled<T> = T & { was: number | null };

export interface SettledRecipe {
  formula: Settled<FormulaLine>[];
  steps: Settled<RecipeStep>[];
  /** Contradictions nobody has answered, with their place in the list. */
  open: { contradiction: Contradiction; index: number }[];
  /** Lines of the formula, by where they were, that still carry a doubt. */
  doubtful: number[];
}

const shown = (minutes: number) =>
  minutes >= 120 && minutes % 60 === 0 ? `${minutes / 60} h` : `${minutes} min`;

/** A recipe with what was decided about it. Nothing of the recipe as it was read is changed. */
export function settled(recipe: Recipe, decisions: Decisions): SettledRecipe {
  const formula = recipe.formula.map((line, was): Settled<FormulaLine> => ({ ...line, was }));
  const steps = recipe.steps.map((step, was): Settled<RecipeStep> => ({ ...step, was }));
  const gone = new Set<number>();
  const added: Settled<FormulaLine>[] = [];
  for (const answer of decisions.answers.values())
    apply(answer, { formula, steps, gone, added, cup: recipe.cup });
  for (const [was, typed] of decisions.lines) {
    if (typed.trim() === '') gone.add(was);
    else formula[was] = { ...readFormulaLine(typed, recipe, formula[was]!), was };
  }
  const rest = [...formula.filter((line) => !gone.has(line.was!)), ...added];
  const typedSteps = steps.flatMap((step) => {
    const typed = decisions.steps.get(step.was!);
    if (typed === undefined) return [step];
    return typed.trim() === '' ? [] : [{ ...step, text: typed.trim() }];
  });
  const again = usesOfSteps(typedSteps, rest, recipe.language);
  return {
    formula: rest,
    steps: typedSteps.map((step, i) => ({ ...step, ...again[i]! })),
    open: recipe.contradictions
      .map((contradiction, index) => ({ contradiction, index }))
      .filter(
        ({ index, contradiction }) => !decisions.answers.has(index) && !isGone(contradiction, gone, recipe),
      ),
    doubtful: formula
      .filter((line) => line.doubts.length > 0 && !decisions.accepted.has(line.was!) && !gone.has(line.was!))
      .map((line) => line.was!),
  };
}

/** A line that was left out has nothing to settle any more. */
const isGone = (contradiction: Contradiction, gone: ReadonlySet<number>, recipe: Recipe) =>
  contradiction.kind === 'unused' &&
  [...gone].some(
    (i) =>
      contradiction.lines.includes(recipe.formula[i]?.line ?? -1) &&
      contradiction.text.toLowerCase().startsWith(recipe.formula[i]!.name.toLowerCase()),
  );

interface Drafts {
  formula: Settled<FormulaLine>[];
  steps: Settled<RecipeStep>[];
  gone: Set<number>;
  added: Settled<FormulaLine>[];
  cup: CupKind;
}

function apply(answer: Answer, { formula, steps, gone, added, cup }: Drafts): void {
  switch (answer.does) {
    case 'amount': {
      const line = formula[answer.formula]!;
      const same = line.amount === answer.amount && line.unit === answer.unit;
      formula[answer.formula] = {
        ...line,
        amount: answer.amount,
        amountHigh: same ? line.amountHigh : null,
        unit: answer.unit,
        also: [],
        pack: null,
        text: `${answer.label} ${line.name}`,
        mass: massOf({ ...line, amount: answer.amount, amountHigh: null, unit: answer.unit }, line.item, cup),
      };
      if (answer.words) reword(answer.words, steps);
      return;
    }
    case 'leave-out':
      gone.add(answer.formula);
      return;
    case 'add':
      added.push({ ...addedLine(answer), was: null });
      return;
    case 'celsius': {
      const step = steps[answer.step]!;
      const [first, last] = [step.temperatures[0], step.temperatures.at(-1)];
      const text =
        first && last
          ? `${step.text.slice(0, first.from)}${answer.celsius} °C${step.text.slice(last.to).replace(/^\)/, '')}`
          : step.text;
      steps[answer.step] = { ...step, celsius: answer.celsius, text };
      return;
    }
    case 'minutes': {
      const step = steps[answer.step]!;
      const [first, last] = [step.times[0], step.times.at(-1)];
      const said = shown(answer.minutes);
      const text =
        first && last
          ? `${step.text.slice(0, first.from)}${said}${step.text.slice(last.to).replace(/^\)/, '')}`
          : step.text;
      steps[answer.step] = { ...step, minutesLow: answer.minutes, minutesHigh: null, text };
      return;
    }
    case 'words':
      reword(answer, steps);
      return;
    case 'leave':
  }
}

/** A step with some of its words put otherwise. */
function reword(
  { step: at, from, to }: { step: number; from: string; to: string },
  steps: Drafts['steps'],
): void {
  const step = steps[at]!;
  steps[at] = { ...step, text: step.text.replace(from, () => to) };
}

/** A line that only the method named. */
const addedLine = ({ name, itemId }: Extract<Answer, { does: 'add' }>): FormulaLine => ({
  ...blankLine(),
  name,
  unit: 'to-taste',
  line: 0,
  text: name,
  section: '',
  item: itemById(itemId),
  mass: null,
});
