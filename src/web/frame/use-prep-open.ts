import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import type { RunSummary } from '../../contract/practicals';
import type { TickNow } from '../../contract/prep';
import { routes } from '../../contract/routes';
import { isShort, prepLines, pullList } from '../../core/prep';
import { settingOfRun } from '../../core/run';
import { useRunOnce, useRunTimetable } from '../api/queries';
import { request } from '../api/request';
import type { PrepOpen } from './stops';

/** After the page itself is there, ms: what it is made of is not kept waiting. */
const quietMs = 1500;

function useQuiet(): boolean {
  const [quiet, setQuiet] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setQuiet(true), quietMs);
    return () => clearTimeout(timer);
  }, []);
  return quiet;
}

/** What is still to be done before the bell of a run that has not begun; null while nobody knows. */
export function usePrepOpen(run: RunSummary | undefined): PrepOpen | null {
  const quiet = useQuiet();
  const planned = quiet && run?.status === 'planned' ? run.id : undefined;
  const { data: whole } = useRunOnce(planned);
  const { data: told } = useRunTimetable(planned);
  const { data: ticks } = useQuery({
    queryKey: ['ticks', planned],
    queryFn: () => request<TickNow[]>(`${routes.ticks}?begins=${encodeURIComponent(`prep:${planned}:`)}`),
    enabled: planned !== undefined,
    staleTime: 0,
  });
  return useMemo(() => {
    if (!whole || !told || !ticks) return null;
    const done = new Set(ticks.flatMap((tick) => (tick.done ? [tick.what] : [])));
    const lines = prepLines(whole.run.id, whole.run.plan, told.jobs);
    const open = lines.filter(({ what }) => !done.has(what));
    return {
      open: open.length,
      first: open.slice(0, 2).map(({ words }) => words.replace(/^./, (letter) => letter.toLowerCase())),
      short: pullList(whole.run.plan, settingOfRun(whole.run)).filter(isShort).length,
    };
  }, [whole, told, ticks]);
}
