import type { Run } from '../../contract/runs';
import type { RunDoor } from '../api/doors';
import { LiveRun } from './live-run';

/** A run that was left stays open so long, ms: from its board to its results and back it is not fetched again. */
const lingerMs = 15_000;

interface OpenRun {
  live: Promise<LiveRun>;
  users: number;
  leaving: ReturnType<typeof setTimeout> | null;
}

const openRuns = new Map<string, OpenRun>();

/** Opens a run, or takes up one that is open; whoever does says when they leave. */
export function enterRun(
  door: RunDoor,
  onRun: (run: Run) => void,
): { live: Promise<LiveRun>; leave(): void } {
  const entered = openRuns.get(door.key) ?? openNow(door, onRun);
  entered.users += 1;
  if (entered.leaving) {
    clearTimeout(entered.leaving);
    // Whoever was let in no longer may have signed in since.
    void entered.live.then((run) => run.state().shut && run.refresh());
  }
  return {
    live: entered.live,
    leave() {
      entered.users -= 1;
      if (entered.users > 0) return;
      // A tablet stays at its station.
      if (openRuns.get(door.key) !== entered || door.station !== null) close(door.key, entered);
      else entered.leaving = setTimeout(() => close(door.key, entered), lingerMs);
    },
  };
}

/** The next who enters opens it anew: it began, or the server has another database than before. */
export function openAnew(door: RunDoor): void {
  openRuns.delete(door.key);
}

/** Closes what nobody looks at: another run is opened, or somebody signs out. */
export function closeLeftRuns(): void {
  for (const [key, open] of openRuns) if (open.users === 0) close(key, open);
}

function openNow(door: RunDoor, onRun: (run: Run) => void): OpenRun {
  closeLeftRuns();
  const open: OpenRun = { live: LiveRun.open(door, onRun), users: 0, leaving: null };
  openRuns.set(door.key, open);
  // One that did not open is opened anew by the next who wants it.
  open.live.catch(() => {
    if (openRuns.get(door.key) === open) openRuns.delete(door.key);
  });
  return open;
}

function close(key: string, open: OpenRun) {
  if (openRuns.get(key) === open) openRuns.delete(key);
  if (open.leaving) clearTimeout(open.leaving);
  void open.live.then((run) => run.close()).catch(() => undefined);
}
