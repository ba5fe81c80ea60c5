import { useMemo } from 'react';
import type { Run, StationRun } from '../../contract/runs';
import { settingOfRun, type BenchSetting } from '../../core/run';

/** What stays the same for all stations of a run. A station is told what differs elsewhere: it knows only its own. */
export const useBenchSetting = (run: Run | StationRun): BenchSetting =>
  useMemo(() => settingOfRun(run, 'varied' in run ? new Set(run.varied) : null), [run]);
