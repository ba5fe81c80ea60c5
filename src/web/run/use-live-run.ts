import { useCallback, useEffect, useState, useSyncExternalStore } from 'react';
import type { RunDoor } from '../api/doors';
import { LiveRun, type LiveState } from './live-run';
import type { OutboxState } from '../outbox/outbox';

export interface OpenRun {
  live: LiveRun;
  state: LiveState;
  outbox: OutboxState;
}

/** Opens a run and follows it; opens it anew when it begins, or when the server has another database than before. */
export function useLiveRun(door: RunDoor): {
  live: LiveRun | null;
  error: unknown;
  retry(): void;
} {
  const [live, setLive] = useState<LiveRun | null>(null);
  const [error, setError] = useState<unknown>(null);
  const [epoch, setEpoch] = useState(0);
  useEffect(() => {
    let gone = false;
    let opened: LiveRun | null = null;
    let unsubscribe = () => {};
    LiveRun.open(door).then(
      (run) => {
        if (gone) {
          run.close();
          return;
        }
        opened = run;
        unsubscribe = run.subscribe(() => {
          if (run.state().anew) setEpoch((was) => was + 1);
        });
        setLive(run);
        setError(null);
      },
      (reason: unknown) => !gone && setError(reason),
    );
    return () => {
      gone = true;
      unsubscribe();
      opened?.close();
    };
    // The key stands for the door.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [door.key, epoch]);
  const retry = useCallback(() => setEpoch((was) => was + 1), []);
  return { live, error, retry };
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
