import { useEffect, useState, useSyncExternalStore } from 'react';
import { LiveRun, type LiveState } from './live-run';
import type { OutboxState } from '../outbox/outbox';

export interface OpenRun {
  live: LiveRun;
  state: LiveState;
  outbox: OutboxState;
}

/** Opens a run and follows it; opens it anew when it begins. */
export function useLiveRun(id: string): { live: LiveRun | null; error: unknown } {
  const [live, setLive] = useState<LiveRun | null>(null);
  const [error, setError] = useState<unknown>(null);
  const [epoch, setEpoch] = useState(0);
  useEffect(() => {
    let gone = false;
    let opened: LiveRun | null = null;
    let unsubscribe = () => {};
    LiveRun.open(id).then(
      (run) => {
        if (gone) {
          run.close();
          return;
        }
        opened = run;
        unsubscribe = run.subscribe(() => {
          if (run.state().began) setEpoch((was) => was + 1);
        });
        setLive(run);
      },
      (reason: unknown) => !gone && setError(reason),
    );
    return () => {
      gone = true;
      unsubscribe();
      opened?.close();
    };
  }, [id, epoch]);
  return { live, error };
}

/** The state of an open run, followed. */
export function useLiveState(live: LiveRun): OpenRun {
  const state = useSyncExternalStore(live.subscribe, live.state);
  const outbox = useSyncExternalStore(live.outbox.subscribe, live.outbox.state);
  return { live, state, outbox };
}

/** Counts up every `everyMs`, so that clocks and forecasts move on between entries. */
export function useTick(everyMs: number): number {
  const [tick, setTick] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => setTick((was) => was + 1), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return tick;
}
