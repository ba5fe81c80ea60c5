import { useCallback, useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { ProblemError, sayError } from '../api/request';

/** A document that is changed here and kept on the server, which knows its version. */
interface Keeping<T> {
  value: T;
  version: number;
  /** Sends it, as a page that is going away has to where it is `leaving`; answers with the new version. */
  send(value: T, version: number, leaving: boolean): Promise<number>;
  /** What the server has, from a refusal because somebody else was sooner. */
  current(problem: ProblemError): { value: T; version: number } | null;
  /** Why it cannot be sent as it is; null: it can. */
  wrong(value: T): string | null;
}

export interface Kept<T> {
  value: T;
  change(next: (was: T) => T): void;
  state: 'kept' | 'keeping' | 'not kept';
  /** Why it is not kept. */
  why: string | null;
  /** Somebody else changed it in the meantime. */
  stale: boolean;
  again(): void;
  keepMine(): void;
  takeTheirs(): void;
}

const settleMs = 400;
/** Changes so close together are taken back as one, ms. */
const oneChangeMs = 1000;

/** Keeps a document while it is edited, soon after each change, one after the other; Ctrl Z takes a change back. */
export function useKept<T>(keeping: Keeping<T>): Kept<T> {
  const [value, setValue] = useState(keeping.value);
  const [state, setState] = useState<Kept<T>['state']>('kept');
  const [why, setWhy] = useState<string | null>(null);
  const [theirs, setTheirs] = useState<{ value: T; version: number } | null>(null);
  const now = useRef({
    value: keeping.value,
    version: keeping.version,
    sending: false,
    open: false,
    keeping,
  });
  useEffect(() => {
    now.current.keeping = keeping;
  });

  const pump = useCallback(async (leaving = false) => {
    const at = now.current;
    if (at.sending) return;
    at.sending = true;
    while (at.open) {
      at.open = false;
      try {
        const refused = at.keeping.wrong(at.value);
        if (refused !== null) throw new Error(refused);
        at.version = await at.keeping.send(at.value, at.version, leaving);
        setWhy(null);
        if (!at.open) setState('kept');
      } catch (error) {
        const current =
          error instanceof ProblemError && error.problem.status === 409 ? at.keeping.current(error) : null;
        if (current) setTheirs(current);
        else setWhy(sayError(error));
        setState('not kept');
        break;
      }
    }
    at.sending = false;
  }, []);

  const take = useCallback((next: T) => {
    now.current.value = next;
    now.current.open = true;
    setValue(next);
    setState('keeping');
  }, []);
  // What was changed is sent once it has stood still for a moment; what is left by leaving the page at once.
  useEffect(() => {
    if (!now.current.open) return;
    const timer = setTimeout(() => void pump(), settleMs);
    return () => clearTimeout(timer);
  }, [value, pump]);
  useSendingOnTheWayOut(pump);
  useAskBeforeLeaving(state !== 'kept');

  const remember = useTakingBack(take);
  const change = (next: (was: T) => T) => {
    const was = now.current.value;
    remember(was);
    take(next(was));
  };
  const sendNow = () => {
    take(now.current.value);
    void pump();
  };
  return {
    ...{ value, change, state, why },
    stale: theirs !== null,
    again: sendNow,
    keepMine() {
      if (theirs) now.current.version = theirs.version;
      setTheirs(null);
      sendNow();
    },
    takeTheirs() {
      if (!theirs) return;
      Object.assign(now.current, { ...theirs, open: false });
      setValue(theirs.value);
      setTheirs(null);
      setState('kept');
    },
  };
}

/** What is left by going to another page is sent then; of a page that goes away as such a page can. */
function useSendingOnTheWayOut(pump: (leaving?: boolean) => Promise<void>): void {
  useEffect(() => {
    const leave = () => void pump(true);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      void pump();
    };
  }, [pump]);
}

/** Whoever closes the page is asked first, while something is not kept. */
function useAskBeforeLeaving(open: boolean): void {
  useEffect(() => {
    if (!open) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [open]);
}

/** Ctrl Z takes back what it was before; answers with what remembers that. */
function useTakingBack<T>(take: (value: T) => void): (was: T) => void {
  const past = useRef<{ value: T; at: number }[]>([]);
  useHotkeys(
    'mod+z',
    () => {
      const last = past.current.pop();
      if (last) take(last.value);
    },
    { preventDefault: true },
  );
  return (was) => {
    const moment = Date.now();
    const last = past.current[past.current.length - 1];
    if (last && moment - last.at < oneChangeMs) last.at = moment;
    else past.current.push({ value: was, at: moment });
  };
}
