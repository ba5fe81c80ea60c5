/**
 * Probability of `successes` or more in `trials` that each succeed with `chance`: the exact binomial sum, its terms
 * through logarithms of factorials so that hundreds of trials neither overflow nor vanish.
 */
export function binomialUpper(successes: number, trials: number, chance: number): number {
  if (successes <= 0) return 1;
  const logFactorial = [0];
  for (let i = 1; i <= trials; i += 1) logFactorial.push(logFactorial[i - 1]! + Math.log(i));
  let total = 0;
  for (let k = trials; k >= successes; k -= 1) {
    const ways = logFactorial[trials]! - logFactorial[k]! - logFactorial[trials - k]!;
    total += Math.exp(ways + k * Math.log(chance) + (trials - k) * Math.log(1 - chance));
  }
  return Math.min(1, total);
}
