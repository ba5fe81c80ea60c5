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
    const n = row.length;
    for (let i = 0; i < n; i += 1) {
      const scaled = weight * row[i]!;
      if (scaled === 0) continue;
      this.#right[i]! += scaled * value;
      const line = this.#normal[i]!;
      for (let j = 0; j < n; j += 1) line[j]! += scaled * row[j]!;
    }
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
  const work = matrix.map((row, i) => {
    const line = new Float64Array(2 * n);
    for (let j = 0; j < n; j += 1) line[j] = row[j]! * scale[i]! * scale[j]!;
    line[n + i] = 1;
    return line;
  });
  for (let column = 0; column < n; column += 1) {
    let pivot = column;
    for (let row = column + 1; row < n; row += 1) {
      if (Math.abs(work[row]![column]!) > Math.abs(work[pivot]![column]!)) pivot = row;
    }
    const top = work[pivot]!;
    const head = top[column]!;
    if (!(Math.abs(head) > 1e-12)) return null;
    work[pivot] = work[column]!;
    work[column] = top;
    for (let j = column; j < 2 * n; j += 1) top[j]! /= head;
    for (let row = 0; row < n; row += 1) {
      const line = work[row]!;
      const factor = line[column]!;
      if (row === column || factor === 0) continue;
      for (let j = column; j < 2 * n; j += 1) line[j]! -= factor * top[j]!;
    }
  }
  return work.map((row, i) => Array.from({ length: n }, (_, j) => row[n + j]! * scale[i]! * scale[j]!));
}
