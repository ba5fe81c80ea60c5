import { useMemo } from 'react';
import type { Run, StationRun } from '../../contract/runs';
import { tablesOf } from '../../core/batch';
import { benchSetting, type BenchSetting } from '../../core/run';

/** What stays the same for all stations of a run. */
export const useBenchSetting = (run: Run | StationRun): BenchSetting =>
  useMemo(
    () =>
      benchSetting(
        run.plan,
        run.place,
        new Map(run.allocation.map((one) => [one.station, one.treatmentId])),
        tablesOf(run.batch),
        // A station knows only its own treatment: what differs elsewhere it is told.
        'varied' in run ? new Set(run.varied) : null,
      ),
    [run],
  );
