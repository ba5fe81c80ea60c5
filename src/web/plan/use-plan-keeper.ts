import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { Practical, Revision } from '../../contract/practicals';
import { routes } from '../../contract/routes';
import { request } from '../api/request';
import { draftsOf } from './plan-drafts';
import { PlanKeeper } from './plan-keeper';

/** Longest body that a browser still sends for a page that is going away (Fetch Standard: 64 KiB in all), bytes. */
const mostKeepalive = 60_000;

/** The plan of a practical, ready to be edited. */
export function usePlanKeeper(practical: Practical) {
  const client = useQueryClient();
  const { id } = practical;
  const keeper = useMemo(
    () =>
      new PlanKeeper(practical, {
        drafts: draftsOf(id),
        async send(basedOn, plan, leaving) {
          const body = { basedOn, plan };
          // Only a page that is going away asks for it: no browser takes a longer plan that way, and the draft waits.
          const keepalive = leaving && new Blob([JSON.stringify(body)]).size < mostKeepalive;
          const revision = await request<Revision>(routes.revisions(id), { body, keepalive });
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
    const flush = () => void keeper.flush(true);
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      void keeper.flush();
    };
  }, [keeper]);
  const state = useSyncExternalStore(keeper.subscribe, keeper.state);
  return { keeper, ...state };
}
