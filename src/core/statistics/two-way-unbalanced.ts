import { RefusedValue } from '../bounds';
import { orthonormalBasis, withoutBasis } from '../numeric';
import { fUpper } from './distributions';

export interface CellValue {
  a: string;
  b: string;
  value: number;
}

export interface Effect {
  f: number;
  df: number;
  p: number;
}

export interface TwoWayUnbalanced {
  a: Effect;
  b: Effect;
  /** Over what of it the filled cells can tell; null where they tell nothing of it. */
  interaction: Effect | null;
  dfError: number;
  emptyCells: number;
}

/**
 * Two factors crossed, cells of any number of values, empty ones allowed: each main effect beside the other one (type II:
 * what is left without it less what is left with both), the interaction over what the filled cells can tell; the error is
 * the spread within cells, or, where no cell has two values, what both factors leave
 * (F. Yates, J. Am. Stat. Assoc. 29 (1934) 51; J. Fox, Applied Regression Analysis, ch. 8).
 *
 * @throws RefusedValue naming `rows`
 */
export function twoWayUnbalanced(rows: readonly CellValue[]): TwoWayUnbalanced {
  const { a, b, interaction, error, levels, cells } = squaresOfTwoFactors(rows);
  if (levels.some((count) => count < 2))
    throw new RefusedValue('rows', rows.length, 'at least two levels of each factor');
  if (error.df < 1 || !(error.squares > 1e-18 * (a.squares + b.squares + error.squares)))
    throw new RefusedValue('rows', rows.length, 'more values, and not all equal within their cells');
  if (a.df < 1 || b.df < 1)
    throw new RefusedValue('rows', rows.length, 'cells that tell one factor from the other');
  const effect = ({ squares, df }: Squares): Effect => {
    const f = squares / df / (error.squares / error.df);
    return { f, df, p: fUpper(f, df, error.df) };
  };
  return {
    a: effect(a),
    b: effect(b),
    interaction: rows.length > cells && interaction.df > 0 ? effect(interaction) : null,
    dfError: error.df,
    emptyCells: levels[0] * levels[1] - cells,
  };
}

interface Squares {
  squares: number;
  df: number;
}

/** Squares of two factors, each beside the other, of their interaction, and of what is left, with degrees of freedom. */
export function squaresOfTwoFactors(rows: readonly CellValue[]): {
  a: Squares;
  b: Squares;
  interaction: Squares;
  error: Squares;
  levels: [number, number];
  cells: number;
} {
  const names = (of: (row: CellValue) => string) => [...new Set(rows.map(of))];
  const columnsOf = (of: (row: CellValue) => string) =>
    names(of).map((name) => rows.map((row) => Number(of(row) === name)));
  const [as, bs] = [columnsOf((row) => row.a), columnsOf((row) => row.b)];
  const cells = columnsOf(({ a, b }) => `${a}\n${b}`);
  const values = rows.map(({ value }) => value);
  const [onlyA, onlyB] = [leftBy(as, values), leftBy(bs, values)];
  const both = leftBy([...as, ...bs], values);
  const each = leftBy(cells, values);
  const between = (less: Left, more: Left): Squares => ({
    squares: Math.max(0, less.squares - more.squares),
    df: more.rank - less.rank,
  });
  const error = rows.length > cells.length ? each : both;
  return {
    a: between(onlyB, both),
    b: between(onlyA, both),
    interaction: between(both, each),
    error: { squares: error.squares, df: rows.length - error.rank },
    levels: [as.length, bs.length],
    cells: cells.length,
  };
}

interface Left {
  squares: number;
  rank: number;
}

/** Squares that columns leave of values, and how many of the columns say something of their own. */
function leftBy(columns: readonly (readonly number[])[], values: readonly number[]): Left {
  const basis = orthonormalBasis(columns);
  const left = withoutBasis(basis, withoutBasis(basis, values));
  return { squares: left.reduce((sum, one) => sum + one * one, 0), rank: basis.length };
}
