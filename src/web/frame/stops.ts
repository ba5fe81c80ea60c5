import type { Practical, RunSummary } from '../../contract/practicals';
import type { OpenRanks } from '../margin/use-open-remarks';

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

/** What is still to be done before a run, where somebody has looked. */
export interface PrepOpen {
  /** Jobs and lists that are not ticked. */
  open: number;
  /** Things of which there are too few. */
  short: number;
  /** What is first of what is open, in words. */
  first: string[];
}

const runNeeds: Record<RunSummary['status'], string> = {
  planned: 'to start',
  running: 'going on',
  finished: '',
};

/** The five stops of the thread with what each still needs. */
export function stopsOf(
  practical: Practical,
  run: RunSummary | undefined,
  { ranks, whole }: OpenRanks,
  prep: PrepOpen | null = null,
): Stop[] {
  const stops = ranks.filter((rank) => rank === 'stop').length;
  const checks = ranks.filter((rank) => rank === 'check').length;
  const query = run ? `?run=${run.id}` : '';
  const begun = run !== undefined && run.status !== 'planned';
  return [
    {
      name: 'Plan',
      to: `/practicals/${practical.id}/plan${query}`,
      state: whole && stops + checks === 0 ? 'done' : 'ahead',
      needs: stops > 0 ? `${stops} to stop for` : checks > 0 ? `${checks} to check` : '',
    },
    {
      name: 'Prep',
      to: run ? `/runs/${run.id}/prep` : null,
      state: begun || (prep !== null && prep.open + prep.short === 0) ? 'done' : 'ahead',
      needs: run === undefined ? 'no date yet' : prepNeeds(begun, prep),
    },
    {
      name: 'Run',
      to: run ? `/runs/${run.id}/bench` : `/practicals/${practical.id}/run`,
      state: run?.status === 'finished' ? 'done' : 'ahead',
      needs: run === undefined ? 'no date yet' : runNeeds[run.status],
    },
    {
      name: 'Results',
      to: begun ? `/runs/${run.id}/results` : null,
      state: 'ahead',
      needs: begun ? '' : 'after it',
    },
    {
      name: 'Report',
      to: run ? `/runs/${run.id}/report` : null,
      state: 'ahead',
      needs: run === undefined ? '' : begun ? '' : 'to print',
    },
  ];
}

function prepNeeds(begun: boolean, prep: PrepOpen | null): string {
  if (begun || prep === null) return '';
  if (prep.short > 0) return `${prep.short} short`;
  return prep.open > 0 ? `${prep.open} to do` : '';
}
