import { useCallback, useEffect, useRef } from 'react';

/** Does something a moment later; at once where the page is left before that. */
export function useLater(afterMs: number): (act: () => void) => void {
  const waiting = useRef<{ act: () => void; timer: number } | null>(null);
  const doIt = useCallback(() => {
    const now = waiting.current;
    waiting.current = null;
    if (!now) return;
    clearTimeout(now.timer);
    now.act();
  }, []);
  useEffect(() => doIt, [doIt]);
  return (act) => {
    doIt();
    waiting.current = { act, timer: window.setTimeout(doIt, afterMs) };
  };
}
