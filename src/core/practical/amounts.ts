import { amountInGrams } from '../formula';
import { formatNumber } from '../format';
import { inSentence } from './levels';
import type { Factor, Ingredient, Level, Plan } from './plan';

/** Mass of an ingredient as it stands, g, or null where it cannot be told. */
export type GramsOf = (ingredient: Ingredient) => number | null;

/** Grams without any table: only what was given by mass. */
export const gramsByMass: GramsOf = ({ amount, unit }) => amountInGrams(amount, unit, null, null);

/** What a station takes of one ingredient. */
export interface StationIngredient extends Ingredient {
  /** Mass, g; null where it cannot be told. */
  grams: number | null;
  /** It is left out at this station. */
  dropped: boolean;
  /** What it stands in place of. */
  insteadOf: string | null;
}

/** Something a plan asks for that cannot be done, said where it stands. */
export interface Trouble {
  /** The factor, ingredient or step it is about. */
  id: string;
  section: 'fair-test' | 'formula' | 'method';
  what: string;
  why: string;
}

/** A factor that acts, with the level of this station. */
export interface Acting {
  factor: Factor;
  level: Level;
  /** The number of the level, or the one the station chose; null for none. */
  value: number | null;
}

class Circle extends Error {}

/** The batch of a station: ratios followed, levels put in, and what of it cannot be told. */
export function stationAmounts(
  plan: Pick<Plan, 'formula'>,
  acting: readonly Acting[],
  gramsOf: GramsOf,
): { ingredients: StationIngredient[]; trouble: Trouble[] } {
  const batch = new Batch(plan.formula, acting, gramsOf);
  return { ingredients: plan.formula.map((one) => batch.take(one)), trouble: batch.trouble };
}

const nothing = /^(no|none|nothing|nil|without|without it|left out|leave (it )?out|omit|omitted|–|—|-|0)$/i;

/** Whether the words of a level leave an ingredient out: “none”, “no butter”, not “no-fat yoghurt” or “0 % fat”. */
function leavesOut(words: string, name: string): boolean {
  if (nothing.test(words)) return true;
  const [, what] = /^(?:no|without|leave out|omit) (?:the |any )?(.+)$/i.exec(words) ?? [];
  if (what === undefined) return false;
  const stems = (text: string) =>
    text
      .toLowerCase()
      .split(/\s+/)
      .map((word) => word.replace(/(es|s)$/, ''));
  const own = stems(name);
  return stems(what).length === 1 || stems(what).every((word) => own.includes(word));
}

/** Follows what depends on what, each ingredient once. */
class Batch {
  readonly trouble: Trouble[] = [];
  readonly #formula: readonly Ingredient[];
  readonly #acting: readonly Acting[];
  readonly #gramsOf: GramsOf;
  readonly #known = new Map<string, StationIngredient>();
  readonly #open = new Set<string>();

  constructor(formula: readonly Ingredient[], acting: readonly Acting[], gramsOf: GramsOf) {
    this.#formula = formula;
    this.#acting = acting;
    this.#gramsOf = gramsOf;
  }

  take(ingredient: Ingredient): StationIngredient {
    try {
      return this.#resolve(ingredient);
    } catch (error) {
      if (!(error instanceof Circle)) throw error;
      this.#tell({
        id: ingredient.id,
        section: 'formula',
        what: `${ingredient.name} goes round in a circle`,
        why: `Its amount hangs on another that hangs on it again, so neither can be weighed. Give one of them in grams.`,
      });
      return this.#keep(ingredient, { amount: null, amountTo: null }, null);
    }
  }

  #resolve(ingredient: Ingredient): StationIngredient {
    const known = this.#known.get(ingredient.id);
    if (known) return known;
    if (this.#open.has(ingredient.id)) throw new Circle();
    this.#open.add(ingredient.id);
    try {
      const own = this.#acting.find(
        ({ factor: { acts } }) => acts.on === 'amount' && acts.ingredientId === ingredient.id,
      );
      const plain = ingredient.ratio && !own ? this.#byRatio(ingredient) : ingredient;
      return this.#swapped(
        own ? this.#byLevel(ingredient, own) : this.#keep(ingredient, plain, this.#grams(plain)),
      );
    } finally {
      this.#open.delete(ingredient.id);
    }
  }

  #grams(ingredient: Ingredient): number | null {
    return this.#gramsOf(middle(ingredient));
  }

  #keep(ingredient: Ingredient, patch: Partial<Ingredient>, grams: number | null): StationIngredient {
    const kept = { ...ingredient, ...patch, grams, dropped: false, insteadOf: null };
    this.#known.set(ingredient.id, kept);
    return kept;
  }

  #tell(trouble: Trouble): void {
    if (!this.trouble.some((one) => one.id === trouble.id && one.what === trouble.what))
      this.trouble.push(trouble);
  }

  #other(
    id: string | null,
    asks: string,
    about: { id: string; section: Trouble['section'] },
  ): StationIngredient | null {
    const other = this.#formula.find((one) => one.id === id);
    if (other) return this.#resolve(other);
    this.#tell({
      ...about,
      what: `${asks} hangs on an ingredient that is not there`,
      why: 'It was taken out of the formula, or never chosen. Choose another, or give the amount in grams.',
    });
    return null;
  }

  /** “As much sugar as water, by volume”. */
  #byRatio(ingredient: Ingredient): Ingredient {
    const { of, times, by } = ingredient.ratio!;
    const other = this.#other(of, ingredient.name, { id: ingredient.id, section: 'formula' });
    if (!other) return { ...ingredient, amount: null, amountTo: null };
    if (by === 'volume' && volumes.has(other.unit)) {
      const scaled = (amount: number | null) => (amount === null ? null : amount * times);
      return {
        ...ingredient,
        unit: other.unit,
        amount: scaled(other.amount),
        amountTo: scaled(other.amountTo),
      };
    }
    const perMl = (one: Ingredient) => this.#gramsOf({ ...one, amount: 1, amountTo: null, unit: 'ml' });
    const [own, others] = by === 'mass' ? [1, 1] : [perMl(ingredient), perMl(other)];
    const grams = other.grams === null || !own || !others ? null : (times * other.grams * own) / others;
    return { ...ingredient, unit: 'g', amount: grams, amountTo: null };
  }

  #byLevel(ingredient: Ingredient, { factor, value }: Acting): StationIngredient {
    const { acts } = factor;
    if (acts.on !== 'amount' || value === null)
      return this.#keep(ingredient, { amount: null, amountTo: null }, null);
    if (acts.as === 'times') {
      const plain = ingredient.ratio ? this.#byRatio(ingredient) : ingredient;
      const times = (amount: number | null) => (amount === null ? null : amount * value);
      const scaled = { ...plain, amount: times(plain.amount), amountTo: times(plain.amountTo) };
      const sound = { ...scaled, ...this.#sound(scaled, factor, value) };
      return this.#keep(ingredient, sound, this.#grams(sound));
    }
    const grams =
      acts.as === 'g'
        ? value
        : acts.as === 'percent-of-batch'
          ? this.#shareOfBatch(ingredient, factor, value)
          : this.#shareOfOther(factor, value);
    const sound = this.#sound({ amount: grams }, factor, value);
    return this.#keep(
      ingredient,
      { unit: 'g', amount: sound.amount ?? null, amountTo: null },
      sound.amount ?? null,
    );
  }

  #shareOfOther(factor: Factor, value: number): number | null {
    const { acts } = factor;
    if (acts.on !== 'amount') return null;
    const other = this.#other(acts.of, `“${factor.name || 'What changes'}”`, {
      id: factor.id,
      section: 'fair-test',
    });
    if (!other) return null;
    if (other.grams === null) {
      this.#tell({
        id: factor.id,
        section: 'fair-test',
        what: `Nobody knows what the ${inSentence(other.name)} weighs`,
        why: 'A share of it needs its mass: give it in grams, or by a measure whose density is in the table.',
      });
      return null;
    }
    return acts.as === 'percent-of' ? (other.grams * value) / 100 : other.grams * value;
  }

  /** Of the whole batch, itself and every other such share within it: x = p · others / (1 − all shares). */
  #shareOfBatch(ingredient: Ingredient, factor: Factor, value: number): number | null {
    const shares = this.#acting.filter(
      ({ factor: { acts } }) => acts.on === 'amount' && acts.as === 'percent-of-batch',
    );
    const sharing = new Set(
      shares.map(({ factor: { acts } }) => (acts.on === 'amount' ? acts.ingredientId : null)),
    );
    const all = shares.reduce((sum, one) => sum + (one.value ?? 0), 0);
    if (all >= 100) {
      this.#tell({
        id: factor.id,
        section: 'fair-test',
        what: `${formatNumber(all)} % of the batch leaves no room for the rest`,
        why: 'A share of the whole batch must stay under 100 %.',
      });
      return null;
    }
    let others = 0;
    for (const one of this.#formula) {
      if (one.id === ingredient.id || sharing.has(one.id)) continue;
      const { grams, dropped, name } = this.#resolve(one);
      if (dropped) continue;
      if (grams === null) {
        this.#tell({
          id: factor.id,
          section: 'fair-test',
          what: `Nobody knows what the ${inSentence(name)} weighs`,
          why: 'A share of the whole batch needs the mass of everything in it.',
        });
        return null;
      }
      others += grams;
    }
    return (others * value) / (100 - all);
  }

  /** An amount below nothing is none. */
  #sound(patch: Partial<Ingredient>, factor: Factor, value: number): Partial<Ingredient> {
    if ((patch.amount ?? 0) >= 0) return patch;
    this.#tell({
      id: factor.id,
      section: 'fair-test',
      what: `A level of ${formatNumber(value)} makes a negative amount`,
      why: 'Nobody can weigh less than nothing: take the level out, or give it as 0 or more.',
    });
    return { ...patch, amount: null, amountTo: null };
  }

  #swapped(taken: StationIngredient): StationIngredient {
    const swap = this.#acting.find(
      ({ factor: { acts } }) => acts.on === 'swap' && acts.ingredientId === taken.id,
    );
    const words = swap?.level.words.trim() ?? '';
    if (words === '' || words.toLowerCase() === taken.name.toLowerCase()) return taken;
    const dropped = leavesOut(words, taken.name);
    const swapped = dropped
      ? { ...taken, dropped, amount: 0, amountTo: null, grams: 0 }
      : {
          ...taken,
          name: words,
          item: null,
          typed: '',
          insteadOf: taken.name,
          grams: this.#grams({ ...taken, name: words, item: null }),
        };
    this.#known.set(taken.id, swapped);
    return swapped;
  }
}

const volumes: ReadonlySet<string> = new Set(['ml', 'l', 'tsp', 'tbsp', 'cup', 'pinch']);

/** A range counts as its middle. */
function middle(ingredient: Ingredient): Ingredient {
  const { amount, amountTo } = ingredient;
  return amount === null || amountTo === null
    ? ingredient
    : { ...ingredient, amount: (amount + amountTo) / 2 };
}
