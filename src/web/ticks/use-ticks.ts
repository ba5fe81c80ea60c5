import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { TickKeeper } from './tick-keeper';

const askAgainMs = 20_000;

/** What is ticked off of lists that begin with some letters, kept here while the server is away. */
export function useTicks(begins: string) {
  const keeper = useMemo(() => new TickKeeper(begins), [begins]);
  useEffect(() => {
    void keeper.refresh();
    const timer = setInterval(() => void keeper.refresh(), askAgainMs);
    const again = () => void keeper.refresh();
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
      keeper.close();
    };
  }, [keeper]);
  const state = useSyncExternalStore(keeper.subscribe, keeper.state);
  return {
    ...state,
    mark: (what: string, done: boolean, celsius?: number) => keeper.mark(what, done, celsius),
  };
}
