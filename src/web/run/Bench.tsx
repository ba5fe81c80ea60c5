import { Box, Flex } from '@chakra-ui/react';
import { format } from 'date-fns';
import { Suspense, useCallback, useMemo, useState } from 'react';
import { partLater } from '../offline/part-later';
import type { Run } from '../../contract/runs';
import {
  callsFor,
  readQuickLine,
  stationState,
  truthCall,
  weighedCalls,
  type BenchSetting,
  type Call,
  type StationState,
} from '../../core/run';
import { mostUrgentFirst } from '../../core/remark';
import { Calls } from './Calls';
import { LessonRibbon } from './LessonRibbon';
import type { LiveRun } from './live-run';
import { LogDrawer } from './LogDrawer';
import { QuickLine } from './QuickLine';
import { RunControls } from './RunControls';
import { StationPages } from './StationPages';
import { useLiveState, useTick } from './use-live-run';
import { useQuickContext } from './use-quick-context';
import { VesselCard } from './VesselCard';
import { vesselScales } from './vessel-scale';
import { useBenchSetting } from './use-bench-setting';

// The tables of what stands in for what are wanted only when something is short.
const RanShort = partLater(() => import('../short/RanShort').then((page) => page.RanShort));

/** Columns in which so many stations stand. */
function columnsFor(stations: number): number {
  if (stations <= 3) return stations;
  if (stations <= 4) return 2;
  return stations <= 6 ? 3 : stations <= 12 ? 4 : 5;
}

const clockTime = (ms: number) => format(ms, 'HH:mm');

/** The bench board: the stations as they stand in the room, what needs you, and the quick line. */
export function Bench({ live }: { live: LiveRun }) {
  const { state, outbox } = useLiveState(live);
  const { run, version, connected } = state;
  const tick = useTick(500);
  const [unit, setUnit] = useState(run.unit);
  const [shown, setShown] = useState<'none' | 'log' | 'pages' | 'short'>('none');
  const setting = useBenchSetting(run);
  const now = run.status === 'finished' ? Math.max(run.finishedAt ?? 0, 0) : live.now();
  const { states, calls } = useMemo(() => {
    const all = run.stations.map((station) => stationState(setting, live.notebook, station, now));
    return {
      states: all,
      calls:
        run.status === 'running'
          ? mostUrgentFirst([
              ...callsFor(setting, all, unit),
              ...weighedCalls(setting, live.notebook),
              ...truthCall(setting, unit),
            ])
          : [],
    };
    // The notebook grows in place: its version says so. Time moves on with the tick.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [setting, live, run, unit, version, tick]);
  const context = useQuickContext(setting, live.notebook, unit);
  const act = useCallback(
    (line: string) => {
      const understood = readQuickLine(line, context);
      if (understood.kind === 'entries') void live.log(understood.entries);
    },
    [context, live],
  );
  return (
    <>
      <Flex flex="1" minH="0" direction={{ base: 'column', lg: 'row' }}>
        <Flex direction="column" flex="1" minW="0" minH="0" px={{ base: '4', md: '6' }} pt="2" pb="3" gap="2">
          <RunControls
            run={run}
            now={now}
            unit={unit}
            connected={connected}
            onUnit={setUnit}
            onRun={live.setRun}
            onLog={() => setShown('log')}
            onPages={() => setShown('pages')}
            onShort={() => setShown('short')}
          />
          <LessonRibbon run={run} now={now} />
          <Board {...{ run, setting, states, calls, unit }} />
        </Flex>
        <Calls
          calls={calls}
          allFinished={states.every((station) => station.phase === 'finished')}
          onAct={act}
        />
      </Flex>
      <QuickLine context={context} waiting={outbox.waiting.length} onLog={(entries) => live.log(entries)} />
      <LogDrawer runId={run.id} open={shown === 'log'} onClose={() => setShown('none')} />
      <StationPages run={run} open={shown === 'pages'} onClose={() => setShown('none')} />
      {shown === 'short' && (
        <Suspense fallback={null}>
          <RanShort
            {...{ live, setting }}
            spares={0}
            demonstration={false}
            onClose={() => setShown('none')}
          />
        </Suspense>
      )}
    </>
  );
}

interface BoardProps {
  run: Run;
  setting: BenchSetting;
  states: readonly StationState[];
  calls: readonly Call[];
  unit: 'C' | 'F';
}

/** The stations as they stand in the room. */
function Board({ run, setting, states, calls, unit }: BoardProps) {
  const scaleOf = useMemo(() => vesselScales(setting), [setting]);
  const columns = columnsFor(run.stations.length);
  return (
    <Box
      flex="1"
      minH="0"
      display="grid"
      gap="3"
      gridTemplateColumns={{
        base: 'repeat(auto-fill, minmax(200px, 1fr))',
        lg: `repeat(${columns}, minmax(0, 1fr))`,
      }}
      gridAutoRows={{ base: '196px', lg: 'minmax(140px, 1fr)' }}
      overflowY={{ lg: 'auto' }}
    >
      {states.map((station) => (
        <VesselCard
          key={station.station}
          state={station}
          scale={scaleOf(station.watch?.medium ?? null)}
          unit={unit}
          runId={run.id}
          ring={ringFor(station.station, calls)}
          clockTime={clockTime}
          amounts={amountsNow(setting, station)}
        />
      ))}
    </Box>
  );
}

/** What a station’s present step takes of the ingredients that are not the same for all. */
function amountsNow(setting: BenchSetting, { step, own }: StationState): string {
  if (!step) return '';
  return setting
    .takenNow(own, step)
    .filter(({ ingredient }) => setting.varied.has(ingredient.id))
    .map(({ words }) => words)
    .join(', ');
}

/** The two most urgent calls ring their stations; more rings would be none. */
function ringFor(station: number, calls: readonly Call[]): 'none' | 'check' | 'stop' {
  const call = calls.slice(0, 3).find((one) => one.rank !== 'note' && one.stations.includes(station));
  return call ? (call.rank === 'stop' ? 'stop' : 'check') : 'none';
}
