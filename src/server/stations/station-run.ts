import type { Run, StationRun } from '../../contract/runs';
import { batchFacts, batchTables } from '../../core/batch';
import { blindPlan, planOfStation, type Plan } from '../../core/practical';
import { codesOf } from '../../core/prep';
import {
  benchSetting,
  blindName,
  isHidden,
  treatmentAt,
  type BenchSetting,
  type Blind,
} from '../../core/run';

/**
 * A run with what one station needs of it: its own treatment and steps; nothing of other stations, nothing for the teacher.
 *
 * @param blind whether it carries a letter in place of its level
 */
export function stationRun(run: Run, station: number, blind: boolean): StationRun {
  const own = run.allocation.find((one) => one.station === station);
  const treatments = new Map(run.allocation.map((one) => [one.station, one.treatmentId]));
  const setting = benchSetting(run.plan, run.place, treatments, batchTables);
  const letter = blind && own ? blindOf(run, own.treatmentId, setting) : null;
  const { plan, treatmentId } = planAt(run.plan, own?.treatmentId, letter);
  return {
    ...run,
    plan,
    batch: batchFacts(plan),
    stations: [station],
    allocation: own && treatmentId !== undefined ? [{ ...own, treatmentId }] : [],
    students: 0,
    seed: 0,
    varied: [...setting.varied],
    blind: letter,
  };
}

/** The plan a station is sent; where it is blind nothing in it tells what is hidden. */
function planAt(whole: Plan, treatmentId: string | undefined, blind: Blind | null) {
  const plan = planOfStation(whole, treatmentId);
  if (!blind) return { plan, treatmentId };
  return blindPlan(plan, new Set(blind.hidden), (id) => blindName(whole, id));
}

function blindOf(run: Run, treatmentId: string, setting: BenchSetting): Blind {
  const codes = codesOf(run.plan, { setting, treatmentAt: treatmentAt(run), seed: run.seed, blind: true });
  return {
    letter: codes.get(treatmentId) ?? '',
    hidden: run.plan.formula.flatMap(({ id, by }) => (isHidden(by, setting.varied.has(id)) ? [id] : [])),
  };
}
