import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { v7 as uuid } from 'uuid';
import type { Library } from '../../contract/library';
import type { Practical, Revision } from '../../contract/practicals';
import { routes } from '../../contract/routes';
import { planShape, type Plan } from '../../core/practical';
import { longest } from '../../core/shape';
import { request } from './request';

/** Practicals as they are looked for; what was found last stays until the new answer is there. */
export const useLibrary = (search: string) =>
  useQuery({
    queryKey: ['library', search],
    queryFn: () => request<Library>(`${routes.library}?${search}`),
    placeholderData: keepPreviousData,
  });

function useLibraryChange<In, Out>(change: (input: In) => Promise<Out>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () =>
      Promise.all(
        ['library', 'practicals', 'practical', 'revisions'].map((key) =>
          client.invalidateQueries({ queryKey: [key] }),
        ),
      ),
  });
}

export const useArchive = () =>
  useLibraryChange(({ id, archived }: { id: string; archived: boolean }) =>
    request<{ id: string }>(routes.archive(id), { body: { archived } }),
  );

/** Another practical with the same plan; its revisions begin anew. */
export const useDuplicate = () =>
  useLibraryChange(async (id: string) => {
    const { plan } = await request<Practical>(routes.practical(id));
    const body = { id: uuid(), plan: { ...plan, title: titleOfCopy(plan.title) } };
    return request<Practical>(routes.practicals, { body });
  });

const copied = ' (copy)';
const titleOfCopy = (title: string) =>
  title.slice(0, longest(planShape.fields.title) - copied.length).trimEnd() + copied;

/** Keeps a plan as the newest revision: an old one brought back, or one with a trial’s minutes. */
export const useKeepRevision = (id: string) =>
  useLibraryChange(({ plan, basedOn }: { plan: Plan; basedOn: number }) =>
    request<Revision>(routes.revisions(id), { body: { basedOn, plan } }),
  );
