/** Shares of its heat that an open pan loses as steam at the boil, and how likely each is (teaching values, from memory). */
const steaming: readonly (readonly [share: number, weight: number])[] = [
  [0, 0.4],
  [0.1, 0.24],
  [0.22, 0.2],
  [0.36, 0.16],
];
/** Pressure of water vapour, as a share of that at the boil (Magnus; exact enough for a share). */
const vapourShare = (celsius: number, boilingC: number) =>
  Math.exp((17.27 * celsius) / (celsius + 237.7) - (17.27 * boilingC) / (boilingC + 237.7));

/** Arrivals of a pan that steams the more the hotter it gets: what it loses now is in its slope, what is to come is not. */
export function steamed(
  arrivals: readonly [seconds: number, weight: number][],
  fromC: number,
  toC: number,
  boilingC: number,
): [seconds: number, weight: number][] {
  const steps = 12;
  const now = vapourShare(fromC, boilingC);
  return steaming.flatMap(([share, weight]) => {
    let longer = 0;
    for (let i = 0; i < steps; i += 1) {
      const celsius = fromC + ((i + 0.5) / steps) * (toC - fromC);
      const left = (1 - share * vapourShare(celsius, boilingC)) / (1 - share * now);
      longer += 1 / (steps * Math.max(0.05, left));
    }
    return arrivals.map(([seconds, own]): [number, number] => [seconds * longer, own * weight]);
  });
}
