import { useMemo } from 'react';
import {
  lessonSteps,
  watchesOf,
  type BenchSetting,
  type Notebook,
  type QuickLineContext,
} from '../../core/run';

/** What the quick line has to know of a run, read from its notebook as it stands. */
export function useQuickContext(
  setting: BenchSetting,
  notebook: Notebook,
  unit: 'C' | 'F',
): QuickLineContext {
  return useMemo(() => {
    const stepsDone = (station: number) => {
      const steps = lessonSteps(setting.own(station));
      const done = notebook
        .eventsAt(station)
        .map((event) => steps.findIndex((step) => step.id === event.body.stepId));
      return { steps, last: Math.max(-1, ...done) };
    };
    return {
      plan: setting.plan,
      stations: [...setting.stations].sort((a, b) => a - b),
      unit,
      own: (station) => setting.own(station),
      currentStep(station) {
        const { steps, last } = stepsDone(station);
        return steps[last + 1];
      },
      probe(station) {
        const { steps, last } = stepsDone(station);
        const watches = watchesOf(setting.plan, setting.own(station));
        return (watches.find((one) => steps.indexOf(one.step) > last) ?? watches.at(-1))?.probe ?? 1;
      },
      lastReading: (station, probe) => notebook.lastReading(station, probe),
      lastWritten: (station) => notebook.lastWritten(station),
      lastMeasurement(station, name) {
        const last = notebook.station(station).measurements.findLast((noted) => noted.body.name === name);
        return last ? { id: last.id, value: last.body.value, unit: last.body.unit } : null;
      },
    };
  }, [setting, notebook, unit]);
}
