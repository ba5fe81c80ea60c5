/** The part of jStat that the core uses for distributions, and its tests as a second opinion. */
declare module 'jstat' {
  export const jStat: {
    studentt: {
      inv(p: number, df: number): number;
      cdf(x: number, df: number): number;
      pdf(x: number, df: number): number;
    };
    tci(mean: number, alpha: number, sd: number, n: number): [number, number];
  };
}
