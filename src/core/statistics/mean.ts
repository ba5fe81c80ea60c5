/** Mean of values, summed with a correction so that a large offset costs no digits. */
export function meanOf(values: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < values.length; i += 1) sum += values[i]!;
  const rough = sum / values.length;
  let rest = 0;
  for (let i = 0; i < values.length; i += 1) rest += values[i]! - rough;
  return rough + rest / values.length;
}
