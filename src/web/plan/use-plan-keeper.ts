import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { v7 as uuid } from 'uuid';
import type { Practical, Revision } from '../../contract/practicals';
import { routes } from '../../contract/routes';
import type { Plan } from '../../core/practical';
import { request } from '../api/request';
import { PlanKeeper, type KeeperOptions } from './plan-keeper';

/** A draft left behind by a window that is gone is taken up after this long, ms. */
const orphanMs = 60_000;

function windowId(): string {
  const kept = sessionStorage.getItem('tawny-window') ?? uuid();
  sessionStorage.setItem('tawny-window', kept);
  return kept;
}

/** Drafts wait in this browser, one a window, so that two windows do not write over each other. */
function draftsOf(practicalId: string): KeeperOptions['drafts'] {
  const prefix = `tawny-plan-${practicalId}-`;
  const own = prefix + windowId();
  return {
    read() {
      const orphan = Object.keys(localStorage).find((key) => {
        if (!key.startsWith(prefix) || key === own) return false;
        const { at } = JSON.parse(localStorage.getItem(key)!) as { at: number };
        return Date.now() - at > orphanMs;
      });
      const text = localStorage.getItem(own) ?? (orphan ? localStorage.getItem(orphan) : null);
      if (orphan) localStorage.removeItem(orphan);
      return text === null ? null : (JSON.parse(text) as { basedOn: number; plan: Plan });
    },
    write(draft) {
      if (draft) localStorage.setItem(own, JSON.stringify({ ...draft, at: Date.now() }));
      else localStorage.removeItem(own);
    },
  };
}

/** The plan of a practical, ready to be edited. */
export function usePlanKeeper(practical: Practical) {
  const client = useQueryClient();
  const { id } = practical;
  const keeper = useMemo(
    () =>
      new PlanKeeper(practical, {
        drafts: draftsOf(id),
        async send(basedOn, plan) {
          const revision = await request<Revision>(routes.revisions(id), {
            body: { basedOn, plan },
            keepalive: true,
          });
          client.setQueryData<Practical>(['practical', id], (was) => was && { ...was, ...revision });
          void client.invalidateQueries({ queryKey: ['practicals'] });
          return revision;
        },
      }),
    // The keeper lives as long as the page shows this practical; later revisions are its own.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [id],
  );
  useEffect(() => {
    const flush = () => void keeper.flush();
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      flush();
    };
  }, [keeper]);
  const state = useSyncExternalStore(keeper.subscribe, keeper.state);
  return { keeper, ...state };
}
