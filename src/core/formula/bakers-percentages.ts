import { RefusedValue, requireWithin } from '../bounds';
import { likelyItem } from '../ingredients';

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

const isFlour = ({ name, flour }: BakersLine) => flour ?? likelyItem(name)?.family === 'flour';

/** Things that are wetter than this bring water to the dough; what is drier is counted as dry, %. */
const wetFromPercent = 15;

/** Every line against all the flour, and the hydration. @throws RefusedValue where there is no flour */
export function bakersPercentages(lines: readonly BakersLine[]): BakersPercentages {
  if (lines.length === 0) throw new RefusedValue('lines', lines, 'at least one line');
  let [flourG, waterG] = [0, 0];
  lines.forEach((line, i) => {
    requireWithin(`lines[${i}].massG`, line.massG, 0, 1e6, 'g');
    if (isFlour(line)) flourG += line.massG;
    else {
      const percent = likelyItem(line.name)?.waterPercent ?? 0;
      if (percent >= wetFromPercent) waterG += (line.massG * percent) / 100;
    }
  });
  if (flourG <= 0) throw new RefusedValue('lines', lines, 'at least one line of flour with a mass above 0');
  return {
    percentages: lines.map(({ name, massG }) => ({ name, percent: (100 * massG) / flourG })),
    hydrationPercent: (100 * waterG) / flourG,
  };
}
