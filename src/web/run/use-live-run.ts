import { useCallback, useEffect, useState, useSyncExternalStore } from 'react';
import type { Run } from '../../contract/runs';
import type { RunDoor } from '../api/doors';
import type { LiveRun, LiveState } from './live-run';
import { enterRun, openAnew } from './open-runs';
import type { OutboxState } from '../outbox/outbox';

export interface OpenRun {
  live: LiveRun;
  state: LiveState;
  outbox: OutboxState;
}

/**
 * Opens a run and follows it; opens it anew when it begins, or when the server has another database than before.
 *
 * @param onRun is told the run as soon as it is known: its log may take longer
 */
export function useLiveRun(
  door: RunDoor,
  onRun: (run: Run) => void = () => undefined,
): {
  live: LiveRun | null;
  error: unknown;
  retry(): void;
} {
  const [live, setLive] = useState<LiveRun | null>(null);
  const [error, setError] = useState<unknown>(null);
  const [epoch, setEpoch] = useState(0);
  useEffect(() => {
    let gone = false;
    let unsubscribe = () => {};
    const entered = enterRun(door, onRun);
    entered.live.then(
      (run) => {
        if (gone) return;
        const watch = () => {
          if (!run.state().anew) return;
          openAnew(door);
          setEpoch((was) => was + 1);
        };
        unsubscribe = run.subscribe(watch);
        setLive(run);
        setError(null);
        watch();
      },
      (reason: unknown) => !gone && setError(reason),
    );
    return () => {
      gone = true;
      unsubscribe();
      entered.leave();
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
