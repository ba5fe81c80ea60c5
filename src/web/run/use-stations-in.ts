import { useQuery } from '@tanstack/react-query';
import { routes } from '../../contract/routes';
import type { StationsIn } from '../../contract/who';
import { request } from '../api/request';

export const stationsInKey = (runId: string) => ['stations-in', runId];

/** How tablets come in at a run, and which are; asked again every `everyMs`. */
export const useStationsIn = (runId: string, everyMs: number, wanted = true) =>
  useQuery({
    queryKey: stationsInKey(runId),
    queryFn: () => request<StationsIn>(routes.stationsIn(runId)),
    enabled: wanted,
    refetchInterval: everyMs,
  });
