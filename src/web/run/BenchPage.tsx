import { useParams } from 'react-router';
import { fetchPracticalAhead, usePractical } from '../api/queries';
import { PracticalFrame } from '../frame/PracticalFrame';
import { Waiting } from '../ui/Notice';
import { Bench } from './Bench';
import type { LiveRun } from './live-run';
import { PlannedRun } from './PlannedRun';
import { quickLineKeys } from './QuickLine';
import { runSubtitle } from './run-subtitle';
import { useFreshLists } from './use-fresh-lists';
import { boardDoor } from '../api/doors';
import { useLiveRun, useLiveState } from './use-live-run';

export function BenchPage() {
  const { runId } = useParams();
  const { live, error } = useLiveRun(boardDoor(runId!), ({ practicalId }) =>
    fetchPracticalAhead(practicalId),
  );
  if (!live) return <Waiting error={error} />;
  return <OpenBench live={live} />;
}

function OpenBench({ live }: { live: LiveRun }) {
  const { state } = useLiveState(live);
  useFreshLists(state.run);
  const { run } = state;
  const { data: practical } = usePractical(run.practicalId);
  if (!practical) return <Waiting />;
  return (
    <PracticalFrame
      practical={practical}
      runId={run.id}
      at="Run"
      subtitle={runSubtitle(run)}
      keys={quickLineKeys}
      fits={run.status !== 'planned'}
    >
      {run.status === 'planned' ? (
        <PlannedRun run={run} practical={practical} onRun={live.setRun} />
      ) : (
        <Bench live={live} />
      )}
    </PracticalFrame>
  );
}
