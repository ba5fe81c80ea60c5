import type { Run, StationRun } from '../../contract/runs';
import type { Blind } from '../../core/run';

/** What a station is not to know of itself; null: nothing. */
export const blindOf = (run: Run | StationRun): Blind | null => ('blind' in run ? run.blind : null);
