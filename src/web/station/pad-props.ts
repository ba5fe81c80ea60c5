import type { Run } from '../../contract/runs';
import type { RunDoor } from '../api/doors';
import type { EntryBody, StationNotes, StationState } from '../../core/run';

/** What every pad of the station page is given. */
export interface PadProps {
  run: Run;
  door: RunDoor;
  state: StationState;
  notes: StationNotes;
  unit: 'C' | 'F';
  onUnit(unit: 'C' | 'F'): void;
  onLog(body: EntryBody): Promise<unknown>;
}
