import { v7 as uuid } from 'uuid';
import { inWindow, onDevice } from '../kept/kept';
import { readPlan, UnreadablePlan, type Plan } from '../../core/practical';

/** A plan as it waits for the server. */
export interface Draft {
  basedOn: number;
  plan: Plan;
}

/** Where drafts wait until the server has them; what cannot be read stays where it is, and is told. */
export interface Drafts {
  read(): Draft | null;
  /** Why a draft that is there cannot be used; null for none. */
  readonly unread: string | null;
  /** @returns false where this browser has no room for it */
  write(draft: Draft | null): boolean;
}

/** A draft left behind by a window that is gone is taken up after this long, ms. */
const orphanMs = 60_000;

function windowId(): string {
  const kept = inWindow.get('tawny-window') ?? uuid();
  inWindow.set('tawny-window', kept);
  return kept;
}

interface Found {
  key: string;
  at: number;
  draft: Draft;
}

/** Drafts wait in this browser, one a window, so that two windows do not write over each other. */
export function draftsOf(practicalId: string): Drafts {
  const prefix = `tawny-plan-${practicalId}-`;
  const own = prefix + windowId();
  let unread: string | null = null;

  const found = (key: string): Found | null => {
    const text = onDevice.get(key);
    if (text === null) return null;
    try {
      const { basedOn, plan, at } = JSON.parse(text) as { basedOn: number; plan: unknown; at?: number };
      return { key, at: at ?? 0, draft: { basedOn, plan: readPlan(plan) } };
    } catch (error) {
      const why = error instanceof UnreadablePlan ? error.message : 'It is damaged.';
      unread = `A draft of this plan waits in this browser and cannot be used: ${why} It stays where it is.`;
      return null;
    }
  };

  return {
    get unread() {
      return unread;
    },
    read() {
      const mine = found(own);
      if (mine) return mine.draft;
      const orphans = onDevice
        .keys()
        .filter((key) => key.startsWith(prefix) && key !== own)
        .flatMap((key) => found(key) ?? [])
        .filter((one) => Date.now() - one.at > orphanMs)
        .sort((a, b) => b.at - a.at);
      const latest = orphans[0];
      if (!latest) return null;
      // Taken up: from here on it is this window’s.
      if (this.write(latest.draft)) onDevice.remove(latest.key);
      return latest.draft;
    },
    write(draft) {
      if (!draft) {
        onDevice.remove(own);
        return true;
      }
      return onDevice.set(own, JSON.stringify({ ...draft, at: Date.now() }));
    },
  };
}
