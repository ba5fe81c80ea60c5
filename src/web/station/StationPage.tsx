import { Box, Flex } from '@chakra-ui/react';
import { lazy, useEffect, useMemo, useState } from 'react';
import { blindedState, stationState, type QuickEntry } from '../../core/run';
import { blindOf } from './blind-of';
import { SignedOut } from '../api/request';
import { stationDoor } from '../api/doors';
import { indexedDbStore } from '../outbox/store';
import type { LiveRun } from '../run/live-run';
import { useLiveRun, useLiveState, useTick } from '../run/use-live-run';
import { vesselScales } from '../run/vessel-scale';
import { Waiting } from '../ui/Notice';
import { EntryTabs, type TabId } from './EntryTabs';
import { StationGlass } from './StationGlass';
import { StationHead } from './StationHead';
import { StepNow } from './StepNow';
import { WhereEntriesAre } from './WhereEntriesAre';
import { useBenchSetting } from '../run/use-bench-setting';

const NotIn = lazy(() => import('./NotIn').then((page) => ({ default: page.NotIn })));

/** One station’s own page, for a phone or a tablet beside the pan. It stands alone: no ways to anywhere else. */
export function StationPage({ runId, station }: { runId: string; station: string }) {
  const door = useMemo(() => stationDoor(runId, Number(station)), [runId, station]);
  const { live, error, retry } = useLiveRun(door);
  const waiting = useWaitingHere(runId, door.key, !live && error instanceof SignedOut);
  if (!live && error instanceof SignedOut) return <NotIn {...{ runId, station, waiting }} onIn={retry} />;
  if (!live) return <Waiting error={error} />;
  return <OpenStation live={live} station={Number(station)} />;
}

/** How many entries of a station wait on this tablet, where the page of the run itself does not open. */
function useWaitingHere(runId: string, door: string, asked: boolean): number {
  const [waiting, setWaiting] = useState(0);
  useEffect(() => {
    if (!asked) return;
    indexedDbStore()
      .all(runId)
      .then(
        (all) => setWaiting(all.filter((one) => !one.sent && (one.door ?? door) === door).length),
        () => undefined,
      );
  }, [asked, runId, door]);
  return waiting;
}

function OpenStation({ live, station }: { live: LiveRun; station: number }) {
  const { state, outbox } = useLiveState(live);
  const { run, version, connected, shut } = state;
  const tick = useTick(500);
  const [unit, setUnit] = useState(run.unit);
  const [tab, setTab] = useState<TabId>(run.plan.thermometers.length === 0 ? 'saw' : 'degrees');
  useEffect(() => {
    document.title = `Station ${station} · Tawny Beaker`;
  }, [station]);
  const setting = useBenchSetting(run);
  const scaleOf = useMemo(() => vesselScales(setting), [setting]);
  const now = live.now();
  const standing = useMemo(
    () => {
      const plain = stationState(setting, live.notebook, station, now);
      const blind = blindOf(run);
      return blind ? blindedState(plain, run.plan, blind) : plain;
    },
    // The notebook grows in place: its version says so. Time moves on with the tick.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [setting, live, station, version, tick],
  );

  if (shut) {
    return (
      <NotIn
        {...{ runId: run.id, station: String(station) }}
        waiting={outbox.waiting.length}
        finished={run.status === 'finished'}
        onIn={live.refresh}
      />
    );
  }
  const log = (body: QuickEntry['body']) => live.log([{ station, body }]);
  return (
    <Flex as="main" direction="column" minH="100dvh" maxW="520px" mx="auto" bg="sheet">
      <StationHead run={run} state={standing} now={now} />
      {run.status === 'planned' ? (
        <Box p="5" fontSize="lg">
          This run has not started yet. The page wakes up by itself when your teacher starts it.
        </Box>
      ) : (
        <>
          {/* At the balance the batch stands below, line by line. */}
          <StepNow state={standing} setting={setting} unit={unit} brief={tab === 'weighed'} onDone={log} />
          <StationGlass state={standing} scale={scaleOf(standing.watch?.medium ?? null)} unit={unit} />
          <WhereEntriesAre
            outbox={outbox}
            connected={connected}
            onDiscard={(id) => live.outbox.discard(id)}
            onAgain={(id) => live.outbox.again(id)}
          />
          <EntryTabs
            chosen={tab}
            onChoose={setTab}
            run={run}
            door={live.door}
            state={standing}
            notes={live.notebook.station(station)}
            unit={unit}
            onUnit={setUnit}
            onLog={log}
          />
        </>
      )}
    </Flex>
  );
}
