import { RefusedValue, requireWithin } from '../bounds';

export interface BakersLine {
  name: string;
  massG: number;
  /** Whether it counts as flour; told by the name where it is not said. */
  flour?: boolean;
}

export interface BakersPercentages {
  percentages: { name: string; percent: number }[];
  /** Water of all lines against flour, %. */
  hydrationPercent: number;
}

/** Water in what is poured in, share by mass (food tables, rounded; from memory). */
const waterShares: readonly [RegExp, number][] = [
  [/\bwater\b/i, 1],
  [/\b(butter)?milk\b/i, 0.88],
  [/\b(yoghurt|yogurt)\b/i, 0.87],
  [/\beggs?\b/i, 0.76],
  [/\bcream\b/i, 0.6],
  [/\b(butter|margarine)\b/i, 0.16],
  [/\b(honey|syrup|treacle|molasses)\b/i, 0.18],
  [/\bfresh yeast\b/i, 0.7],
];

/** Words that hold “milk” or “cream” or “flour” and are not wet, or not flour. */
const dry = /\b(powder|dried|cream of tartar|cornflour)\b/i;

const isFlour = ({ name, flour }: BakersLine) => flour ?? (/flour\b/i.test(name) && !/cornflour/i.test(name));

/** Every line against all the flour, and the hydration. @throws RefusedValue where there is no flour */
export function bakersPercentages(lines: readonly BakersLine[]): BakersPercentages {
  if (lines.length === 0) throw new RefusedValue('lines', lines, 'at least one line');
  let [flourG, waterG] = [0, 0];
  lines.forEach((line, i) => {
    requireWithin(`lines[${i}].massG`, line.massG, 0, 1e6, 'g');
    if (isFlour(line)) flourG += line.massG;
    else if (!dry.test(line.name)) {
      waterG += line.massG * (waterShares.find(([name]) => name.test(line.name))?.[1] ?? 0);
    }
  });
  if (flourG <= 0) throw new RefusedValue('lines', lines, 'at least one line of flour with a mass above 0');
  return {
    percentages: lines.map(({ name, massG }) => ({ name, percent: (100 * massG) / flourG })),
    hydrationPercent: (100 * waterG) / flourG,
  };
}
