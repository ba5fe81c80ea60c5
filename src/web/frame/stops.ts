import type { Practical, RunSummary } from '../../contract/practicals';
import type { Rank } from '../../core/remark';

/** The run a practical’s pages speak of when none is named: the one going on, else the next, else the last. */
export function presentRun(runs: readonly RunSummary[]): RunSummary | undefined {
  return (
    runs.find((run) => run.status === 'running') ??
    runs.find((run) => run.status === 'planned') ??
    runs.filter((run) => run.status === 'finished').at(-1)
  );
}

export interface Stop {
  name: string;
  /** Null while there is nothing to go to. */
  to: string | null;
  state: 'done' | 'open' | 'ahead';
  /** What it still needs, in two or three words. */
  needs: string;
}

/** The stops of the thread with what each still needs. */
export function stopsOf(practical: Practical, run: RunSummary | undefined, ranks: readonly Rank[]): Stop[] {
  const stops = ranks.filter((rank) => rank === 'stop').length;
  const checks = ranks.filter((rank) => rank === 'check').length;
  const query = run ? `?run=${run.id}` : '';
  const begun = run !== undefined && run.status !== 'planned';
  return [
    {
      name: 'Plan',
      to: `/practicals/${practical.id}/plan${query}`,
      state: stops + checks === 0 ? 'done' : 'ahead',
      needs: stops > 0 ? `${stops} to stop for` : checks > 0 ? `${checks} to check` : '',
    },
    {
      name: 'Run',
      to: run ? `/runs/${run.id}/bench` : `/practicals/${practical.id}/run`,
      state: run?.status === 'finished' ? 'done' : 'ahead',
      needs: run === undefined ? 'no date yet' : run.status === 'running' ? 'going on' : '',
    },
    { name: 'Results', to: begun ? `/runs/${run.id}/results` : null, state: 'ahead', needs: '' },
    { name: 'Report', to: run ? `/runs/${run.id}/report` : null, state: 'ahead', needs: '' },
  ];
}
