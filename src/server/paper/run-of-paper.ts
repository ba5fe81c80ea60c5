import type { Run } from '../../contract/runs';
import { clockWords, dayWords } from '../../core/days';
import type { PrepWays, Product } from '../../core/order';
import { codesOf } from '../../core/prep';
import { treatmentAt, type BenchSetting } from '../../core/run';

/** A run on its way to paper. */
export interface PaperRun {
  run: Run;
  ways: PrepWays;
  /** The school’s own packs, for what their labels say. */
  products: readonly Product[];
}

/** What a label or a sheet says of a station’s treatment: its level, or its letter. */
export function marksOf({ run, ways }: PaperRun, setting: BenchSetting): (station: number) => string {
  const at = treatmentAt(run);
  const codes = codesOf(run.plan, { setting, treatmentAt: at, seed: run.seed, blind: ways.blind });
  return (station) => codes.get(at(station) ?? '') ?? '';
}

/** “9B · Thursday 26 Nov 09:15 · Food room 2”. */
export const lessonWords = ({ className, startsAt, place }: Run): string =>
  [className, `${dayWords(startsAt)} ${clockWords(startsAt)}`, place.name].join(' · ');
