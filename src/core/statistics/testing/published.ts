/** R’s PlantGrowth (A. J. Dobson, An Introduction to Statistical Modelling, 1983). */
export const plantGrowth = {
  ctrl: [4.17, 5.58, 5.18, 6.11, 4.5, 4.61, 5.17, 4.53, 5.33, 5.14],
  trt1: [4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69],
  trt2: [6.31, 5.12, 5.54, 5.5, 5.37, 5.29, 4.92, 6.15, 5.8, 5.26],
};
const cellsOfGrowth: readonly (readonly [string, string, readonly number[]])[] = [
  ['male', 'severe', [1.4, 2.4, 2.2]],
  ['male', 'moderate', [2.1, 1.7]],
  ['male', 'mild', [0.7, 1.1]],
  ['female', 'severe', [2.4]],
  ['female', 'moderate', [2.5, 1.8, 2]],
  ['female', 'mild', [0.5, 0.9, 1.3]],
];
export const growth = cellsOfGrowth.flatMap(([a, b, values]) => values.map((value) => ({ a, b, value })));
