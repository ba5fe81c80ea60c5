import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { OwnMeasures } from '../../contract/measures';
import { routes } from '../../contract/routes';
import type { Response } from '../../core/practical';
import { request } from './request';

const key = ['measures'];

/** The measures a school keeps for itself. */
export const useOwnMeasures = () =>
  useQuery({ queryKey: key, queryFn: () => request<OwnMeasures>(routes.measures) });

function useMeasureChange<In>(change: (input: In) => Promise<OwnMeasures>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: change, onSuccess: (kept) => client.setQueryData(key, kept) });
}

export const useKeepMeasure = () =>
  useMeasureChange((measure: Response) => request<OwnMeasures>(routes.measures, { body: { measure } }));

export const useRemoveMeasure = () =>
  useMeasureChange((id: string) => request<OwnMeasures>(routes.measureRemove(id), { body: {} }));
