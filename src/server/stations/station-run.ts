import type { Run, StationRun } from '../../contract/runs';
import { batchFacts, batchTables } from '../../core/batch';
import { planOfStation } from '../../core/practical';
import { benchSetting } from '../../core/run';

/** A run with what one station needs of it: its own treatment and steps; nothing of other stations, nothing for the teacher. */
export function stationRun(run: Run, station: number): StationRun {
  const own = run.allocation.find((one) => one.station === station);
  const plan = planOfStation(run.plan, own?.treatmentId);
  const treatments = new Map(run.allocation.map((one) => [one.station, one.treatmentId]));
  return {
    ...run,
    plan,
    batch: batchFacts(plan),
    stations: [station],
    allocation: own ? [own] : [],
    students: 0,
    seed: 0,
    varied: [...benchSetting(run.plan, run.place, treatments, batchTables).varied],
  };
}
