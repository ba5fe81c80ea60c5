import { matchPath, useLocation } from 'react-router';
import type { Place } from '../../core/practical';
import { usePractical, useRooms, useRunOnce } from '../api/queries';

/** The place whose altitude the shelf answers for: the run's, else the practical's room, else the school's first. */
export function useShelfPlace(): Place | null {
  const { pathname } = useLocation();
  const runId = matchPath('/runs/:runId/*', pathname)?.params.runId;
  const practicalId = matchPath('/practicals/:practicalId/*', pathname)?.params.practicalId;
  const { data: run } = useRunOnce(runId);
  const { data: practical } = usePractical(practicalId);
  const { data: rooms = [] } = useRooms();
  return run?.run.place ?? rooms.find((room) => room.id === practical?.plan.roomId) ?? rooms[0] ?? null;
}
