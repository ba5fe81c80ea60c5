import { useEffect, useState } from 'react';

/** A value once it has stood still for a moment: what hangs on it need not follow every letter that is typed. */
export function useSettled<T>(
  value: T,
  afterMs: number,
  /** What need not be waited for. */
  atOnce: (was: T, value: T) => boolean = () => false,
): T {
  const [settled, setSettled] = useState(value);
  if (settled !== value && atOnce(settled, value)) setSettled(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), afterMs);
    return () => clearTimeout(timer);
  }, [value, afterMs]);
  return settled;
}

/** The same object for as long as every field of it is the same. */
export function useSteady<T extends object>(value: T): T {
  const [kept, setKept] = useState(value);
  const keys = Object.keys(value) as (keyof T)[];
  if (keys.every((key) => Object.is(kept[key], value[key]))) return kept;
  setKept(value);
  return value;
}
