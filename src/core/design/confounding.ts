/** Two columns of a plan that cannot, or can only partly, be told apart. */
export interface Confounding {
  first: string;
  second: string;
  /** 1: one gives the other away wholly; 0: balanced against each other (Cramér's V). */
  strength: number;
}

/**
 * Finds columns of a plan (factors, ovens, shelves, hands) that go together: what one seems to do, the other may have
 * done. A column with one value only is confounded with nothing: it is held.
 *
 * @param columns values of each station, all columns equally long
 * @param least strength from which it is reported
 */
export function findConfounding(
  columns: Readonly<Record<string, readonly string[]>>,
  least = 0.3,
): Confounding[] {
  const names = Object.keys(columns);
  const found: Confounding[] = [];
  names.forEach((first, i) =>
    names.slice(i + 1).forEach((second) => {
      const strength = cramersV(columns[first]!, columns[second]!);
      if (strength >= least) found.push({ first, second, strength });
    }),
  );
  return found.sort((a, b) => b.strength - a.strength);
}

/** Cramér's V of two columns: √(χ² / (n (min(kinds) − 1))). */
function cramersV(a: readonly string[], b: readonly string[]): number {
  const n = Math.min(a.length, b.length);
  const count = (of: readonly string[]) => {
    const counts = new Map<string, number>();
    for (const value of of.slice(0, n)) counts.set(value, (counts.get(value) ?? 0) + 1);
    return counts;
  };
  const [rows, columns] = [count(a), count(b)];
  const least = Math.min(rows.size, columns.size);
  if (n === 0 || least < 2) return 0;
  const pairs = count(a.map((value, i) => JSON.stringify([value, b[i]])));
  let chi2 = 0;
  for (const [row, inRow] of rows) {
    for (const [column, inColumn] of columns) {
      const expected = (inRow * inColumn) / n;
      chi2 += ((pairs.get(JSON.stringify([row, column])) ?? 0) - expected) ** 2 / expected;
    }
  }
  return Math.sqrt(Math.max(0, chi2) / (n * (least - 1)));
}
