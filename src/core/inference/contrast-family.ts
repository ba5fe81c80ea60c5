import { remembered } from '../memory';
import { orthonormalBasis } from '../numeric';
import { seededRandom } from '../random';
import { squaresAboutMean, meanOf } from '../statistics';
import {
  answersOf,
  asking,
  deviateOf,
  errorOf,
  sumOf,
  variancesOf,
  type Asked,
  type Contrast,
  type ContrastJudged,
} from './contrast';

export interface FamilyDesign {
  /** Stations of each level. */
  sizes: readonly number[];
  /** What is fitted before the spreads are taken, columns over the levels; null: each level’s own mean. */
  columns: readonly (readonly number[])[] | null;
  /** What is asked together, in one list for each question: sums of the levels’ means. */
  questions: readonly (readonly Contrast[])[];
  /** Spreads of the levels, one beside the other, under which the family keeps its error. */
  spreads: readonly (readonly number[])[];
}

/** Classes in which nothing differs, drawn for each pattern of spreads. */
const deals = 3000;

/**
 * Several contrasts of levels judged together, whose spreads need not be alike. Each error is made of the levels’ own
 * variances, drawn a little towards the common one, with Satterthwaite’s degrees of freedom; Student’s t becomes a normal
 * deviate, and the deviate that any contrast may reach by chance is found by drawing classes in which nothing differs,
 * under every pattern of spreads that is asked for; the worst one counts.
 */
export class ContrastFamily {
  readonly #sizes: readonly number[];
  /** Columns at right angles over √stations × mean. */
  readonly #basis: Float64Array[];
  /** Degrees of freedom of each level’s squares. */
  readonly #own: Float64Array;
  readonly #questions: Asked[][];
  readonly #spreads: readonly (readonly number[])[];
  readonly #about: boolean;
  /** √stations of each level, and room to work in. */
  readonly #root: Float64Array;
  readonly #left: Float64Array;
  /** Farthest deviates of drawn classes: pattern of spreads, question, class. */
  #farthest: Float64Array[][] | null = null;
  /** The farthest of several questions. */
  readonly #together = new Map<string, Float64Array[]>();
  readonly #criticals = new Map<string, number>();

  constructor({ sizes, columns, questions, spreads }: FamilyDesign) {
    this.#sizes = sizes;
    this.#about = columns !== null;
    this.#basis = orthonormalBasis(
      (columns ?? []).map((column) => column.map((one, g) => one * Math.sqrt(sizes[g]!))),
    ).map((column) => Float64Array.from(column));
    this.#own = Float64Array.from(sizes, (size, g) =>
      columns === null ? size - 1 : size - this.#basis.reduce((sum, column) => sum + column[g]! ** 2, 0),
    );
    this.#questions = questions.map((contrasts) =>
      contrasts.map((one) => asking(one, (level, weight) => [level, weight ** 2 / sizes[level]!])),
    );
    this.#spreads = spreads;
    this.#root = Float64Array.from(sizes, Math.sqrt);
    this.#left = new Float64Array(sizes.length);
  }

  /** Answers of one class, question by question; `leastSd` is the spread that rounding alone makes. */
  judge(groups: readonly (readonly number[])[], leastSd: number): ContrastJudged[][] {
    const means = Float64Array.from(groups, meanOf);
    const squares = Float64Array.from(groups, (values, g) => squaresAboutMean(values, means[g]));
    this.#addMisses(means, squares);
    return this.#questions.map((asked) =>
      answersOf(asked, { sums: means, squares, own: this.#own }, leastSd),
    );
  }

  /** Deviate that the farthest contrast of these questions passes by chance in this share of classes. */
  critical(share: number, questions: readonly number[] = [0]): number {
    const key = `${share} ${questions.join()}`;
    const known = this.#criticals.get(key);
    if (known !== undefined) return known;
    const most = deals - Math.floor((1 - share) * deals);
    let critical = 0;
    for (const farthest of this.#drawn(questions)) {
      // Hardly any pattern of spreads is the worst one: the others need not be sorted.
      if (countAtLeast(farthest, critical) < most) continue;
      critical = Math.max(critical, farthest.toSorted()[deals - most]!);
    }
    this.#criticals.set(key, critical);
    return critical;
  }

  /** Share of classes in which the farthest contrast of these questions lies as far out by chance: never 0. */
  pOf(z: number, questions: readonly number[] = [0]): number {
    const most = Math.max(...this.#drawn(questions).map((farthest) => countAtLeast(farthest, z)));
    return (most + 1) / (deals + 1);
  }

  /** Share of classes with one spread in which the first contrast lies beyond `critical` if its true value is `estimate`. */
  powerOf(estimate: number, sd: number, critical: number): number {
    const asked = this.#questions[0]![0]!;
    let found = 0;
    this.#deal(
      this.#sizes.map(() => sd),
      (means, variances) => {
        const { variance, df } = errorOf(asked, variances, this.#own);
        if (deviateOf((sumOf(asked, means) + estimate) ** 2 / variance, df) > critical) found += 1;
      },
    );
    return found / deals;
  }

  /** Farthest deviates of these questions, one list for each pattern of spreads. */
  #drawn(questions: readonly number[]): Float64Array[] {
    this.#farthest ??= this.#spreads.map((spreads) => this.#farthestOf(spreads));
    if (questions.length === 1) return this.#farthest.map((lists) => lists[questions[0]!]!);
    const key = questions.join();
    let drawn = this.#together.get(key);
    if (!drawn) {
      drawn = this.#farthest.map((lists) => {
        const farthest = new Float64Array(deals);
        for (const one of questions) {
          const own = lists[one]!;
          for (let i = 0; i < deals; i += 1) if (own[i]! > farthest[i]!) farthest[i] = own[i]!;
        }
        return farthest;
      });
      this.#together.set(key, drawn);
    }
    return drawn;
  }

  #farthestOf(spreads: readonly number[]): Float64Array[] {
    const farthest = this.#questions.map(() => new Float64Array(deals));
    let deal = 0;
    this.#deal(spreads, (means, variances) => {
      for (let question = 0; question < farthest.length; question += 1) {
        let most = 0;
        for (const contrast of this.#questions[question]!) {
          const { variance, df } = errorOf(contrast, variances, this.#own);
          const sum = sumOf(contrast, means);
          const t2 = (sum * sum) / variance;
          // The deviate is never above t.
          if (t2 > most * most) most = Math.max(most, deviateOf(t2, df));
        }
        farthest[question]![deal] = most;
      }
      deal += 1;
    });
    return farthest;
  }

  /** Visits classes in which nothing differs; what is handed over is used again for the next one. */
  #deal(spreads: readonly number[], visit: (means: Float64Array, variances: Float64Array) => void) {
    const count = this.#sizes.length;
    const normals = this.#sizes.map((_, g) => normalsAt(`${2 * g}`));
    const within = this.#sizes.map((size, g) => squaresAt(`${2 * g + 1} ${size - 1}`));
    const root = this.#sizes.map((_, g) => spreads[g]! / this.#root[g]!);
    const [means, squares, variances] = [0, 0, 0].map(() => new Float64Array(count)) as [
      Float64Array,
      Float64Array,
      Float64Array,
    ];
    for (let deal = 0; deal < deals; deal += 1) {
      for (let g = 0; g < count; g += 1) {
        means[g] = root[g]! * normals[g]![deal]!;
        squares[g] = spreads[g]! * spreads[g]! * within[g]![deal]!;
      }
      this.#addMisses(means, squares);
      visit(means, variancesOf(squares, this.#own, variances));
    }
  }

  /** What the columns leave of the levels’ means is spread as well. */
  #addMisses(means: Float64Array, squares: Float64Array) {
    if (!this.#about) return;
    const left = this.#left;
    for (let g = 0; g < left.length; g += 1) left[g] = this.#root[g]! * means[g]!;
    for (const column of this.#basis) {
      const share = sumAcross(column, left);
      for (let g = 0; g < left.length; g += 1) left[g]! -= share * column[g]!;
    }
    for (let g = 0; g < left.length; g += 1) squares[g]! += left[g]! * left[g]!;
  }
}

function sumAcross(column: Float64Array, values: Float64Array): number {
  let sum = 0;
  for (let g = 0; g < values.length; g += 1) sum += column[g]! * values[g]!;
  return sum;
}

function countAtLeast(list: Float64Array, value: number): number {
  let count = 0;
  for (let i = 0; i < list.length; i += 1) if (list[i]! >= value) count += 1;
  return count;
}

/** One normal number for each deal, the same every time for a place. */
const normalsAt = remembered((place) => {
  const random = seededRandom(Number(place) + 1);
  return Float64Array.from({ length: deals }, () => random.normal());
});

/** One χ² for each deal, by its place and degrees of freedom; from 10 on by E. B. Wilson and M. M. Hilferty (1931). */
const squaresAt = remembered((asked) => {
  const [place, df] = asked.split(' ').map(Number) as [number, number];
  const random = seededRandom(-place);
  return Float64Array.from({ length: deals }, () => {
    if (df >= 10) return df * (1 - 2 / (9 * df) + random.normal() * Math.sqrt(2 / (9 * df))) ** 3;
    let sum = 0;
    for (let i = 0; i < df; i += 1) sum += random.normal() ** 2;
    return sum;
  });
});

const families = new Map<string, ContrastFamily>();
/** Designs whose critical values are kept. */
const mostKept = 100;

/** The family of a design, drawn once: `key` names everything that the design is made of. */
export function familyOf(key: string, design: () => FamilyDesign): ContrastFamily {
  let family = families.get(key);
  if (!family) {
    if (families.size >= mostKept) families.delete(families.keys().next().value!);
    family = new ContrastFamily(design());
    families.set(key, family);
  }
  return family;
}
