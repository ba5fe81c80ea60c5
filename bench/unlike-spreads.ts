import { judgeLevels, judgeTrend, judgeTwoFactors } from '../src/core/inference';
import { falseFindings, type AlikeClasses } from '../src/core/inference/testing/false-findings';
import { seededRandom, type SeededRandom } from '../src/core/random';
import {
  fitLine,
  meanOf,
  squaresAboutMean,
  studentTwoSided,
  studentizedRangeCritical,
  twoWayUnbalanced,
} from '../src/core/statistics';

/** Classes of each design; TAWNY_BENCH_CLASSES for a quick look. */
const classes = Number(process.env.TAWNY_BENCH_CLASSES ?? 4000);
/** Designs drawn at random. */
const drawn = Number(process.env.TAWNY_BENCH_DESIGNS ?? 200);

const one = (count: number, at: number, spread: number) =>
  Array.from({ length: count }, (_, i) => (i === at ? spread : 1));

/** Designs an audit named, then designs drawn: 2 × 2 to 8 × 4, 1 to 6 stations, a fifth missing, spreads 1 : 5, scores, ties. */
export function falseSentences() {
  const named: [string, AlikeClasses][] = [
    ['6-6-2', { ask: 'pairs', sizes: [6, 6, 2], spreads: [1, 1, 5] }],
    ['5x4', { ask: 'pairs', sizes: [4, 4, 4, 4, 4], spreads: one(5, 4, 3.5) }],
    ['3x3x2', { ask: 'two factors', columns: 3, sizes: new Array<number>(9).fill(2), spreads: one(9, 8, 5) }],
    ['far-station', { ask: 'trend', sizes: [3, 3, 3, 1], spreads: [1, 1, 1, 5] }],
    ['one-each', { ask: 'trend', sizes: new Array<number>(6).fill(1), spreads: one(6, 5, 5) }],
    ['scores-6-6-2', { ask: 'pairs', ordinal: true, sizes: [6, 6, 2], spreads: [0.6, 0.6, 3] }],
  ];
  const random = seededRandom(2511);
  const all = Array.from({ length: drawn }, (): AlikeClasses => drawDesign(random));
  const shares = all.map((design, i) => ({ design, share: falseFindings(design, classes, i + 1) }));
  const worst = shares.reduce((most, each) => (each.share > most.share ? each : most));
  const mean = shares.reduce((sum, { share }) => sum + share, 0) / shares.length;
  const figure = (name: string, value: number, more: object = {}) => ({
    ...{
      figure: `false-sentences-${name}`,
      value: Number(value.toFixed(2)),
      unit: '%',
      expected: 'at most 5.5',
    },
    ...more,
  });
  return [
    ...named.map(([name, design]) => figure(name, falseFindings(design, classes, 1))),
    figure('drawn-mean', mean, { designs: drawn }),
    figure('drawn-worst', worst.share, { design: JSON.stringify(worst.design) }),
    figure('drawn-above-5.5', (100 * shares.filter(({ share }) => share > 5.5).length) / drawn, {
      expected: '0, but for the error of drawing',
    }),
  ];
}

function drawDesign(random: SeededRandom): AlikeClasses {
  const pick = <T>(list: readonly T[]) => list[Math.floor(random.uniform() * list.length)]!;
  const ask = pick(['pairs', 'control', 'trend', 'two factors'] as const);
  const columns = ask === 'two factors' ? pick([2, 3, 4]) : 0;
  const count = ask === 'two factors' ? columns * pick([2, 3]) : pick([2, 3, 4, 5, 6, 7, 8]);
  const most = pick([2, 3, 4, 6]);
  const sizes = Array.from({ length: count }, () => {
    const size = pick([true, false]) ? most : 1 + Math.floor(random.uniform() * most);
    return Math.max(ask === 'two factors' ? 0 : 1, random.uniform() < 0.2 ? size - 1 : size);
  });
  const ordinal = random.uniform() < 0.2 && ask !== 'two factors';
  const noisy = Math.floor(random.uniform() * count);
  const shape = pick(['one', 'any', 'half', 'alike']);
  const spreads = sizes.map((_, i) => {
    if (shape === 'alike') return 1;
    if (shape === 'one') return i === noisy ? 5 : 1;
    return shape === 'half' ? (i <= noisy ? 5 : 1) : 5 ** random.uniform();
  });
  const scale = ordinal ? 0.6 : 1;
  return {
    ...{ ask, sizes, spreads: spreads.map((spread) => scale * spread), ordinal },
    ...(columns > 0 ? { columns } : {}),
    ...(random.uniform() < 0.3 ? { division: 1 } : {}),
  };
}

/** Size of one level’s step away from the others, in SD, that Tukey’s test finds in about 80 % of classes. */
const steps: Record<number, Record<number, number>> = {
  2: { 2: 5.6, 4: 4.6, 8: 4 },
  3: { 2: 3.1, 4: 2.8, 8: 2.8 },
  4: { 2: 2.4, 4: 2.3, 8: 2.2 },
  6: { 2: 1.8, 4: 1.75, 8: 1.8 },
};

/** What is told where spreads are alike, beside what the classical test tells there: the price of holding where they are not. */
export function powerBesideClassical() {
  const random = seededRandom(31);
  const runs = Math.min(classes, 1500);
  const normals = (count: number, mean = 0) => Array.from({ length: count }, () => mean + random.normal());
  const both = (name: string, draw: () => [told: boolean, classical: boolean]) => {
    let [told, classical] = [0, 0];
    for (let i = 0; i < runs; i += 1) {
      const [ours, theirs] = draw();
      told += Number(ours);
      classical += Number(theirs);
    }
    const percent = (count: number) => Math.round((100 * count) / runs);
    return {
      ...{ figure: `power-${name}`, value: percent(told), unit: '%', classical: percent(classical) },
      expected: 'beside the classical one',
    };
  };
  return [2, 3, 4, 6].flatMap((n) => [
    ...[2, 4, 8].map((count) => {
      const critical = studentizedRangeCritical(count, count * (n - 1));
      return both(`pairs-${count}x${n}`, () => {
        const levels = Array.from({ length: count }, (_, i) => ({
          name: `l${i}`,
          values: normals(n, i === 0 ? steps[n]![count] : 0),
        }));
        const judged = judgeLevels({ levels, control: null, leastSd: 0, ordinal: false })!;
        const means = levels.map(({ values }) => meanOf(values));
        const within = levels.reduce((sum, { values }) => sum + squaresAboutMean(values), 0);
        const range = Math.max(...means) - Math.min(...means);
        const sd = Math.sqrt(within / (count * (n - 1)));
        return [judged.pairs.some(({ told }) => told), (range * Math.sqrt(n)) / sd > critical];
      });
    }),
    both(`trend-4x${n}`, () => {
      const points = [0, 1, 2, 3].flatMap((x) =>
        normals(n, (1.4 / Math.sqrt(n)) * x).map((y) => ({ x, y, level: `${x}` })),
      );
      const { slope, slopeSe } = fitLine(
        points.map(({ x }) => x),
        points.map(({ y }) => y),
      );
      const p = studentTwoSided(slope / slopeSe, points.length - 2);
      return [judgeTrend(points, 0, false)!.told, p < 0.05];
    }),
    both(`first-of-two-3x3x${n}`, () => {
      const cells = [0, 1, 2].map((row) => [0, 1, 2].map(() => normals(n, (1.5 / Math.sqrt(n)) * row)));
      const rows = cells.flatMap((row, i) =>
        row.flatMap((cell, j) => cell.map((value) => ({ a: `${i}`, b: `${j}`, value }))),
      );
      return [judgeTwoFactors(cells, 0)!.first.told, twoWayUnbalanced(rows).a.p < 0.05];
    }),
  ]);
}
