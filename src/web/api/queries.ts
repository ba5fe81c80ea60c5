import { QueryClient, useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Class, ClassNeeds, NewClass } from '../../contract/classes';
import type {
  NewPractical,
  Practical,
  PracticalSummary,
  RevisionPage,
  RunSummary,
} from '../../contract/practicals';
import type { CalendarAddress, Jobs, RunTimetable } from '../../contract/days';
import type { Imported } from '../../contract/run-file';
import type { NewRoom, Room, RoomEdit } from '../../contract/rooms';
import { routes } from '../../contract/routes';
import type { NewRun, RunNow, RunRemarks } from '../../contract/runs';
import type { School, StorageState, SchoolWaysEdit } from '../../contract/school';
import { request, Unreachable } from './request';

/** A server that was away is asked again after so long, ms, as long as a page wants the answer. */
const awayMs = 10_000;

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      // A refusal will be refused again; a server that is away may come back.
      retry: (count, error) => error instanceof Unreachable && count < 3,
      refetchInterval: ({ state }) => (state.error instanceof Unreachable ? awayMs : false),
    },
  },
});

export const useSchool = () =>
  useQuery({ queryKey: ['school'], queryFn: () => request<School>(routes.school), staleTime: Infinity });

/** How the copies of the database go; asked again now and then, for it may be a page that stays open for days. */
export const useBackups = () =>
  useQuery({
    queryKey: ['backups'],
    queryFn: () => request<StorageState>(routes.backups),
    refetchInterval: 10 * 60_000,
  });

export const useRooms = () => useQuery({ queryKey: ['rooms'], queryFn: () => request<Room[]>(routes.rooms) });

export const useClasses = () =>
  useQuery({ queryKey: ['classes'], queryFn: () => request<Class[]>(routes.classes) });

/** Practicals that are in use; those put away stand in the library. */
export const usePracticals = () =>
  useQuery({
    queryKey: ['practicals'],
    queryFn: () => request<PracticalSummary[]>(routes.practicals),
    select: (all) => all.filter((one) => !one.archived),
  });

const practicalQuery = (id: string) => ({
  queryKey: ['practical', id],
  queryFn: () => request<Practical>(routes.practical(id)),
});

export const usePractical = (id: string | undefined) =>
  useQuery({ ...practicalQuery(id!), enabled: id !== undefined });

/** Asks for a practical that a page will need. */
export const fetchPracticalAhead = (id: string): void => void queryClient.prefetchQuery(practicalQuery(id));

/** Revisions, newest first, page by page. */
export const useRevisions = (id: string, wanted: boolean) =>
  useInfiniteQuery({
    queryKey: ['revisions', id],
    queryFn: ({ pageParam }) =>
      request<RevisionPage>(routes.revisions(id) + (pageParam === null ? '' : `?before=${pageParam}`)),
    initialPageParam: null as number | null,
    getNextPageParam: (last) => (last.earlier ? last.revisions.at(-1)!.number : undefined),
    enabled: wanted,
    staleTime: 0,
  });

export const useRuns = (from: number, to: number) =>
  useQuery({
    queryKey: ['runs', from, to],
    queryFn: () => request<RunSummary[]>(`${routes.runs}?from=${from}&to=${to}`),
  });

export const useRunOnce = (id: string | undefined) =>
  useQuery({
    queryKey: ['run', id],
    queryFn: () => request<RunNow>(routes.run(id!)),
    enabled: id !== undefined,
  });

/** The timetable of a run with the jobs around it; the room, the plan and the school may have changed since it was asked. */
export const useRunTimetable = (id: string | undefined) =>
  useQuery({
    queryKey: ['run', id, 'timetable'],
    queryFn: () => request<RunTimetable>(routes.runTimetable(id!)),
    enabled: id !== undefined,
    staleTime: 0,
  });

/** Jobs before and after lessons that begin in a span of days. */
export const useJobs = (from: number, to: number) =>
  useQuery({
    queryKey: ['jobs', from, to],
    queryFn: () => request<Jobs>(`${routes.jobs}?from=${from}&to=${to}`),
    refetchInterval: 5 * 60_000,
  });

export const useSetWays = () =>
  useChange(
    ({ edit, keepalive }: { edit: SchoolWaysEdit; keepalive: boolean }) =>
      request<School>(routes.schoolWays, { method: 'PUT', body: edit, keepalive }),
    'school',
    'jobs',
    'run',
  );

export const useCalendarAddress = () =>
  useChange(
    (open: boolean) =>
      open
        ? request<CalendarAddress>(routes.calendarAddress, { body: {} })
        : request<CalendarAddress>(routes.calendarClose, { body: {} }),
    'school',
  );

export const useRunRemarks = (id: string | undefined) =>
  useQuery({
    queryKey: ['run', id, 'remarks'],
    queryFn: () => request<RunRemarks>(routes.runRemarks(id!)),
    enabled: id !== undefined,
  });

function useChange<In, Out>(change: (input: In) => Promise<Out>, ...touched: string[]) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () => Promise.all(touched.map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}

export const useAddPractical = () =>
  useChange((body: NewPractical) => request<Practical>(routes.practicals, { body }), 'practicals');

export const useAddRoom = () => useChange((body: NewRoom) => request<Room>(routes.rooms, { body }), 'rooms');

export const useChangeRoom = () =>
  useChange(
    ({ id, edit, keepalive = false }: { id: string; edit: RoomEdit; keepalive?: boolean }) =>
      request<Room>(routes.room(id), { method: 'PUT', body: edit, keepalive }),
    'rooms',
  );

export const useAddClass = () =>
  useChange((body: NewClass) => request<Class>(routes.classes, { body }), 'classes');

export const useSetRiskScale = () =>
  useChange(
    (words: string[]) => request<School>(routes.riskScale, { method: 'PUT', body: { words } }),
    'school',
  );

export const useSetNeeds = (id: string) =>
  useChange(
    (needs: ClassNeeds) => request<Class>(routes.classNeeds(id), { method: 'PUT', body: needs }),
    'classes',
  );

export const useAddRun = () =>
  useChange((body: NewRun) => request<RunNow>(routes.runs, { body }), 'runs', 'practical');

export const useImport = () =>
  useChange(
    (bytes: Blob) => request<Imported>(routes.imports, { method: 'POST', bytes }),
    'runs',
    'practicals',
    'rooms',
    'classes',
  );
