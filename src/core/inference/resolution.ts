/** Least spread a reading rounded to a division has: its rounding alone, division / √12 (JCGM 100:2008, 4.3.7). */
export function spreadOfRounding(division: number): number {
  return division / Math.sqrt(12);
}

/** The division values seem to be read to: the last decimal any of them has. For where nobody named the instrument's. */
export function divisionSeen(values: readonly number[]): number {
  for (let decimals = 0; decimals < 6; decimals += 1) {
    const step = 10 ** -decimals;
    if (values.every((value) => Math.abs(value / step - Math.round(value / step)) < 1e-6)) return step;
  }
  return 1e-6;
}

/** Whether a response is a score: an order without a measure, whose steps need not be equally wide (ISO 4121). */
export function isScore({ name, unit }: { name: string; unit: string }): boolean {
  return (
    /^(points?|scores?|ranks?|stars?|marks?|out of \d+|1\s*(to|–|-|\.\.)\s*\d+|\/\s*\d+)$/i.test(
      unit.trim(),
    ) || /\b(score|rating|rated|liking|hedonic|preference|rank)\b/i.test(name)
  );
}
