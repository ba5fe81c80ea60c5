/** Unit vectors at right angles that span the same as the columns; columns that say nothing of their own fall out (Gram and Schmidt, twice). */
export function orthonormalBasis(columns: readonly (readonly number[])[]): number[][] {
  const basis: number[][] = [];
  for (const column of columns) {
    const own = withoutBasis(basis, withoutBasis(basis, column));
    const length = Math.sqrt(dot(own, own));
    if (length > 1e-9 * Math.sqrt(dot(column, column))) basis.push(own.map((value) => value / length));
  }
  return basis;
}

/** What a basis leaves of values. */
export function withoutBasis(basis: readonly (readonly number[])[], values: readonly number[]): number[] {
  const left = [...values];
  for (const one of basis) {
    const share = dot(left, one);
    for (let i = 0; i < left.length; i += 1) left[i]! -= share * one[i]!;
  }
  return left;
}

function dot(first: readonly number[], second: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < first.length; i += 1) sum += first[i]! * second[i]!;
  return sum;
}
