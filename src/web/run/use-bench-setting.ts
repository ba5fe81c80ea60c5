import { useMemo } from 'react';
import type { Run } from '../../contract/runs';
import { benchSetting, type BenchSetting } from '../../core/run';
import { useCode } from '../api/use-code';

/** What stays the same for all stations of a run. Grams and the syrup of a batch come with the ingredients table, a little later. */
export function useBenchSetting(run: Run): BenchSetting {
  const data = useCode('batch', () => import('../../core/batch'));
  return useMemo(
    () =>
      benchSetting(
        run.plan,
        run.place,
        new Map(run.allocation.map((one) => [one.station, one.treatmentId])),
        data?.batchTables ?? null,
      ),
    [run, data],
  );
}
