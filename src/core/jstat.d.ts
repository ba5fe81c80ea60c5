/** The few functions of jStat that tests use as a second opinion. */
declare module 'jstat' {
  export const jStat: {
    tci(mean: number, alpha: number, sd: number, n: number): [number, number];
  };
}
