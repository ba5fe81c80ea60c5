import { tablesOf, type BatchFacts } from '../batch';
import type { Place, Plan } from '../practical';
import { benchSetting, type BenchSetting } from './bench-setting';

/** A run as far as its stations’ plans follow from it. */
export interface SettableRun {
  plan: Plan;
  place: Place;
  batch: BatchFacts;
  allocation: readonly { station: number; treatmentId: string }[];
}

/** The treatment of a station; null: none. */
export const treatmentAt =
  ({ allocation }: Pick<SettableRun, 'allocation'>) =>
  (station: number): string | null =>
    allocation.find((one) => one.station === station)?.treatmentId ?? null;

/**
 * What does not change while a run goes on.
 *
 * @param varied ids of ingredients that are not the same at all stations, where the run does not show all of them
 */
export const settingOfRun = (
  { plan, place, batch, allocation }: SettableRun,
  varied: ReadonlySet<string> | null = null,
): BenchSetting =>
  benchSetting(
    plan,
    place,
    new Map(allocation.map(({ station, treatmentId }) => [station, treatmentId])),
    tablesOf(batch),
    varied,
  );
