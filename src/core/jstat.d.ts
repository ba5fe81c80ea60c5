/** The part of jStat that the core uses. */
declare module 'jstat' {
  const jstat: {
    jStat: {
      normal: { inv(p: number, mean: number, sd: number): number };
      studentt: { inv(p: number, df: number): number };
      tukey: {
        cdf(q: number, means: number, df: number): number;
        inv(p: number, means: number, df: number): number;
      };
    };
  };
  // eslint-disable-next-line no-restricted-syntax -- the package’s own shape
  export default jstat;
}
