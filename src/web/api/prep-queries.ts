import { useMemo } from 'react';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { PantryAnswer, ProductFile, ProductsImported } from '../../contract/pantry';
import type { OrderAnswer, PrepEdit, RunPrep } from '../../contract/prep';
import type { Room, ThermometerCheck } from '../../contract/rooms';
import { routes } from '../../contract/routes';
import { onPacksOf, type Product, type Stock, type Weighing } from '../../core/order';
import type { OnPacks } from '../../core/batch';
import { request } from './request';

export const usePantry = () =>
  useQuery({ queryKey: ['pantry'], queryFn: () => request<PantryAnswer>(routes.pantry) });

/** What the labels of the school’s packs say; undefined until the packs are there. */
export function useOnPacks(): { onPacks: OnPacks | undefined; error: Error | null } {
  const { data, error } = usePantry();
  const onPacks = useMemo(() => data && onPacksOf(data.products), [data]);
  return { onPacks, error };
}

/** The same where a page goes on without them. */
export const noPacks: OnPacks = () => [];

/** How a run is prepared. */
export const useRunPrep = (id: string) =>
  useQuery({ queryKey: ['run', id, 'prep'], queryFn: () => request<RunPrep>(routes.runPrep(id)) });

/** What some days ask for: the query of every form an order has. */
export const orderQuery = (from: number, to: number, without: readonly string[] = []) =>
  `from=${from}&to=${to}${without.length > 0 ? `&without=${without.join(',')}` : ''}`;

/** What one lesson takes, whatever else begins at its bell. */
export const useOrderOf = ({ id, startsAt }: { id: string; startsAt: number }) =>
  useQuery({
    queryKey: ['order', 'of', id, startsAt],
    queryFn: () => request<OrderAnswer>(`${routes.order}?${orderQuery(startsAt, startsAt + 1)}&only=${id}`),
    staleTime: 0,
  });

export const useOrder = (from: number, to: number, without: readonly string[] = []) =>
  useQuery({
    queryKey: ['order', from, to, without.join()],
    queryFn: () => request<OrderAnswer>(`${routes.order}?${orderQuery(from, to, without)}`),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });

export function useSetPrep(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (edit: PrepEdit) => request<RunPrep>(routes.runPrep(id), { method: 'PUT', body: edit }),
    onSuccess: (prep) => {
      client.setQueryData(['run', id, 'prep'], prep);
      return client.invalidateQueries({ queryKey: ['order'] });
    },
  });
}

function usePantryChange<In>(change: (input: In) => Promise<PantryAnswer>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: (pantry) => {
      client.setQueryData(['pantry'], pantry);
      void client.invalidateQueries({ queryKey: ['order'] });
      void client.invalidateQueries({ queryKey: ['run'] });
    },
  });
}

export const useKeepProduct = () =>
  usePantryChange((product: Product) => request<PantryAnswer>(routes.products, { body: { product } }));

export const useRemoveProduct = () =>
  usePantryChange((id: string) => request<PantryAnswer>(routes.productRemove(id), { body: {} }));

export const useSetStock = () =>
  usePantryChange((stock: Stock[]) =>
    request<PantryAnswer>(routes.stock, { method: 'PUT', body: { stock } }),
  );

export const useKeepWeighing = () =>
  usePantryChange((weighing: Weighing) => request<PantryAnswer>(routes.weighings, { body: { weighing } }));

export const useRemoveWeighing = () =>
  usePantryChange((id: string) => request<PantryAnswer>(routes.weighingRemove(id), { body: {} }));

export function useReadProducts() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (file: ProductFile) => request<ProductsImported>(routes.productFile, { body: file }),
    onSuccess: () =>
      Promise.all(['pantry', 'order'].map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}

export function useThermometerCheck(roomId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (check: ThermometerCheck) => request<Room>(routes.thermometerCheck(roomId), { body: check }),
    onSuccess: () =>
      Promise.all(['rooms', 'run'].map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}
