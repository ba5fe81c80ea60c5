import { RefusedValue } from '../bounds';
import { requireSample } from './describe';
import { meanOf } from './mean';
import { fUpper } from './distributions';
import { squaresAboutMean } from './groups';

export interface AnovaLine {
  squares: number;
  df: number;
  f: number;
  p: number;
}

export interface TwoWayAnova {
  rows: AnovaLine;
  columns: AnovaLine;
  interaction: AnovaLine;
  squaresWithin: number;
  dfWithin: number;
}

/**
 * Two-way analysis of variance with repeats: two factors crossed, the same number of repeats in every cell
 * (NIST/SEMATECH e-Handbook, 7.4.3.7).
 *
 * @param cells cells[row][column] is the list of repeats, at least two rows, two columns and two repeats
 * @throws RefusedValue naming the cell
 */
export function twoWayAnova(cells: readonly (readonly (readonly number[])[])[]): TwoWayAnova {
  const [a, b, r] = [cells.length, cells[0]?.length ?? 0, cells[0]?.[0]?.length ?? 0];
  if (a < 2 || b < 2) throw new RefusedValue('cells', cells, 'at least two rows and two columns');
  cells.forEach((row, i) => {
    if (row.length !== b) throw new RefusedValue(`cells[${i}]`, row, `${b} columns, as in the first row`);
    row.forEach((cell, j) => {
      requireSample(`cells[${i}][${j}]`, cell, 2);
      if (cell.length !== r)
        throw new RefusedValue(`cells[${i}][${j}]`, cell, `${r} repeats, as in the first`);
    });
  });
  const mean = meanOf(cells.flat(2));
  const rowMeans = cells.map((row) => meanOf(row.flat()));
  const columnMeans = Array.from({ length: b }, (_, j) => meanOf(cells.flatMap((row) => row[j]!)));
  const squaresOf = (means: readonly number[], weight: number) =>
    means.reduce((total, one) => total + weight * (one - mean) ** 2, 0);
  const rowSquares = squaresOf(rowMeans, b * r);
  const columnSquares = squaresOf(columnMeans, a * r);
  let [interaction, within] = [0, 0];
  cells.forEach((row, i) =>
    row.forEach((cell, j) => {
      interaction += r * (meanOf(cell) - rowMeans[i]! - columnMeans[j]! + mean) ** 2;
      within += squaresAboutMean(cell);
    }),
  );
  if (within === 0) throw new RefusedValue('cells', cells, 'repeats that are not all equal');
  const dfWithin = a * b * (r - 1);
  const line = (squares: number, df: number): AnovaLine => {
    const f = squares / df / (within / dfWithin);
    return { squares, df, f, p: fUpper(f, df, dfWithin) };
  };
  return {
    rows: line(rowSquares, a - 1),
    columns: line(columnSquares, b - 1),
    interaction: line(interaction, (a - 1) * (b - 1)),
    squaresWithin: within,
    dfWithin,
  };
}
