import jstat from 'jstat';

const { jStat } = jstat as unknown as {
  jStat: { anovafscore(groups: number[][]): number; anovaftest(...groups: number[][]): number };
};

/** F and p of the same groups by jStat. */
export const jstatAnova = (groups: number[][]) => [jStat.anovafscore(groups), jStat.anovaftest(...groups)];
