import { useMemo } from 'react';
import type { QuickLineContext } from '../../core/run';
import { lessonSteps, type Notebook } from '../../core/run';
import type { Run } from '../../contract/runs';

/** What the quick line has to know of a run, read from its notebook as it stands. */
export function useQuickContext(run: Run, notebook: Notebook, unit: 'C' | 'F'): QuickLineContext {
  return useMemo(
    () => ({
      plan: run.plan,
      stations: run.stations,
      unit,
      currentStep(station) {
        const steps = lessonSteps(run.plan);
        const done = [...notebook.station(station).events, ...notebook.everywhere.events];
        const last = Math.max(
          -1,
          ...done.map((event) => steps.findIndex((step) => step.id === event.body.stepId)),
        );
        return steps[last + 1];
      },
      lastReading: (station, probe) => notebook.lastReading(station, probe),
      lastWritten: (station) => notebook.lastWritten(station),
      lastMeasurement(station, name) {
        const last = notebook.station(station).measurements.findLast((noted) => noted.body.name === name);
        return last ? { id: last.id, value: last.body.value, unit: last.body.unit } : null;
      },
    }),
    [run, notebook, unit],
  );
}
