import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { routes } from '../../contract/routes';
import type { Teacher, Who } from '../../contract/who';
import { useSchool } from '../api/queries';
import { request } from '../api/request';

const key = ['who'];

/** Who the program takes us for. */
export const useWho = () =>
  useQuery({ queryKey: key, queryFn: () => request<Who>(routes.who), staleTime: Infinity, retry: 10 });

/** The teacher’s name as it stands on prints: who is signed in, or where nobody need be, the school’s. */
export function useTeacherName(): string {
  const { data: who } = useWho();
  const { data: school } = useSchool();
  return (who?.open === false ? who.teacher?.name : school?.teacher) ?? '';
}

/** One of the ways in or out; what it answers is who we are from then on. */
export function useDoor(path: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: object) => request<Who>(path, { body }),
    onSuccess: async (who) => {
      client.setQueryData(key, who);
      // What was refused to nobody is asked for again.
      if (who.teacher) await client.refetchQueries({ predicate: ({ state }) => state.status === 'error' });
    },
  });
}

export const useTeachers = () =>
  useQuery({ queryKey: ['teachers'], queryFn: () => request<Teacher[]>(routes.teachers) });

/** A change of the teachers; it answers with all of them. */
export function useTeacherChange() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ path, body }: { path: string; body: object }) => request<Teacher[]>(path, { body }),
    onSuccess: (teachers) => client.setQueryData(['teachers'], teachers),
  });
}
