import { seededRandom } from '../../random';

/** R's built-in data set PlantGrowth (Dobson, 1983). */
export const plantGrowth = {
  ctrl: [4.17, 5.58, 5.18, 6.11, 4.5, 4.61, 5.17, 4.53, 5.33, 5.14],
  trt1: [4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69],
  trt2: [6.31, 5.12, 5.54, 5.5, 5.37, 5.29, 4.92, 6.15, 5.8, 5.26],
};

/** Random groups, some with ties, the same every time. */
export function randomGroups(seed: number, rounded = false) {
  const random = seededRandom(seed);
  return Object.fromEntries(
    Array.from({ length: 3 + (seed % 3) }, (_, g) => [
      `g${g}`,
      Array.from({ length: 4 + ((seed + g) % 5) }, () => {
        const value = 10 + g * random.uniform() + random.normal();
        return rounded ? Math.round(value) : value;
      }),
    ]),
  );
}

/** Kutner and others, Applied Linear Statistical Models, table 23.1: growth of children. */
const cellsOfGrowth: readonly (readonly [string, string, readonly number[]])[] = [
  ['male', 'severe', [1.4, 2.4, 2.2]],
  ['male', 'moderate', [2.1, 1.7]],
  ['male', 'mild', [0.7, 1.1]],
  ['female', 'severe', [2.4]],
  ['female', 'moderate', [2.5, 1.8, 2]],
  ['female', 'mild', [0.5, 0.9, 1.3]],
];
export const growth = cellsOfGrowth.flatMap(([a, b, values]) => values.map((value) => ({ a, b, value })));

/** The values of crossed cells as rows. */
export const rowsOf = (cells: readonly (readonly (readonly number[])[])[]) =>
  cells.flatMap((row, i) =>
    row.flatMap((cell, j) => cell.map((value) => ({ a: `a${i}`, b: `b${j}`, value }))),
  );
