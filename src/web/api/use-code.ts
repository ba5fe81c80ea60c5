import { useEffect, useState } from 'react';

/** Parts that are there, by name: kept for good, and fetched once however many ask. */
const there = new Map<string, unknown>();
const coming = new Map<string, Promise<unknown>>();

/** Fetched once the page itself has been drawn: it keeps nobody waiting. */
const afterMs = 300;

/** When nothing else is to be done; some browsers cannot say when that is. */
const whenIdle = (work: () => void) =>
  'requestIdleCallback' in window
    ? window.requestIdleCallback(work, { timeout: 3000 })
    : setTimeout(work, 500);

/** A part of the program that is fetched after the page itself; undefined until it is there. Asked for again if it failed. */
export function useCode<T>(name: string, load: () => Promise<T>): T | undefined {
  const [, setArrived] = useState(0);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    if (there.has(name)) return;
    let gone = false;
    const timer = setTimeout(
      () =>
        whenIdle(() => {
          const part = coming.get(name) ?? load();
          coming.set(name, part);
          part.then(
            (loaded) => {
              there.set(name, loaded);
              if (!gone) setArrived((was) => was + 1);
            },
            () => {
              coming.delete(name);
              if (!gone) setTries((was) => was + 1);
            },
          );
        }),
      Math.min(30_000, afterMs * 4 ** tries),
    );
    return () => {
      gone = true;
      clearTimeout(timer);
    };
    // The name stands for the part.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [name, tries]);
  return there.get(name) as T | undefined;
}
