/** Estimates of a weighted least-squares fit with their covariance matrix. */
export interface WeightedFit {
  estimates: number[];
  covariance: number[][];
}

/** Gathers equations `row · unknowns = value`, each with a weight (one over its variance), and solves them. */
export class WeightedEquations {
  readonly #normal: number[][];
  readonly #right: number[];

  constructor(unknowns: number) {
    this.#normal = Array.from({ length: unknowns }, () => new Array<number>(unknowns).fill(0));
    this.#right = new Array<number>(unknowns).fill(0);
  }

  add(row: readonly number[], value: number, weight: number): void {
    row.forEach((a, i) => {
      this.#right[i]! += weight * a * value;
      row.forEach((b, j) => {
        this.#normal[i]![j]! += weight * a * b;
      });
    });
  }

  /** @returns null when the equations do not determine the unknowns */
  solve(): WeightedFit | null {
    const covariance = invert(this.#normal);
    if (!covariance) return null;
    const estimates = covariance.map((row) => row.reduce((sum, c, j) => sum + c * this.#right[j]!, 0));
    return { estimates, covariance };
  }
}

/** Gauss–Jordan elimination with pivoting on rows scaled by their diagonal; null when singular. */
function invert(matrix: readonly (readonly number[])[]): number[][] | null {
  const n = matrix.length;
  const scale = matrix.map((row, i) => 1 / Math.sqrt(Math.max(row[i]!, Number.MIN_VALUE)));
  const work = matrix.map((row, i) => [
    ...row.map((value, j) => value * scale[i]! * scale[j]!),
    ...row.map((_, j) => (i === j ? 1 : 0)),
  ]);
  for (let column = 0; column < n; column += 1) {
    let pivot = column;
    for (let row = column + 1; row < n; row += 1) {
      if (Math.abs(work[row]![column]!) > Math.abs(work[pivot]![column]!)) pivot = row;
    }
    if (!(Math.abs(work[pivot]![column]!) > 1e-12)) return null;
    [work[column], work[pivot]] = [work[pivot]!, work[column]!];
    const top = work[column]!.map((value) => value / work[column]![column]!);
    work[column] = top;
    for (let row = 0; row < n; row += 1) {
      if (row === column) continue;
      const factor = work[row]![column]!;
      work[row] = work[row]!.map((value, j) => value - factor * top[j]!);
    }
  }
  return work.map((row, i) => row.slice(n).map((value, j) => value * scale[i]! * scale[j]!));
}
