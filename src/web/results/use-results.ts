import { useMemo } from 'react';
import type { Run } from '../../contract/runs';
import { levelsInOrder, temperatureStep } from '../../core/practical';
import { classTable, findingsFor, responseSeries, type Notebook, type PlotAt } from '../../core/run';
import { fallBelowSeaLevel, sugarStages } from '../../core/sugar';
import { extremesKept } from '../../core/trace';
import { boilingIn } from '../../core/practical';
import type { StageBand, TraceLine } from '../charts/TraceChart';
import { levelColour } from '../theme/heat-scale';

/** Buckets a trace is drawn in: two points each, more than the pixels it has. */
const drawnBuckets = 300;

/** Everything the results page shows, computed from the notebook as it stands. */
export function useResults(run: Run, notebook: Notebook, version: number, plotAt: PlotAt) {
  return useMemo(() => {
    const { plan, place } = run;
    const levels = new Map(run.allocation.map((one) => [one.station, one.levelId]));
    const ordered = levelsInOrder(plan.factor);
    const colourOf = (levelId: string) =>
      levelColour(
        ordered.findIndex((level) => level.id === levelId),
        ordered.length,
      );
    const rows = classTable(plan, place, levels, notebook);
    const series = plan.responses.map((_, i) => responseSeries(plan, rows, i, plotAt));
    return {
      rows,
      colourOf,
      series: series.filter((one) => one.points.length > 0),
      findings: findingsFor(plan, rows, series),
      traces: tracesOf(run, notebook, colourOf),
      bands: plan.thermometer.in === 'syrup' ? bandsHere(boilingIn(place).boilingC) : [],
      boilingC: plan.thermometer.in === 'syrup' ? boilingIn(place).boilingC : null,
    };
    // The notebook grows in place: its version says so.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [run, notebook, version, plotAt]);
}

function tracesOf(run: Run, notebook: Notebook, colourOf: (levelId: string) => string): TraceLine[] {
  const hot = temperatureStep(run.plan);
  return run.allocation.flatMap(({ station, levelId }): TraceLine[] => {
    const notes = notebook.station(station);
    const trace = notes.readings.get(1);
    if (!trace || trace.seconds.length < 2) return [];
    const kept = extremesKept(trace, drawnBuckets);
    const done = [...notes.events, ...notebook.everywhere.events].find(
      (event) => event.body.stepId === hot?.id,
    );
    const endS = done ? (done.at - notebook.zeroMs) / 1000 : null;
    const at = endS === null ? -1 : trace.seconds.findLastIndex((second) => second <= endS);
    const level = run.plan.factor.levels.find((one) => one.id === levelId);
    return [
      {
        station,
        label: level ? String(level.value ?? level.words) : '',
        colour: colourOf(levelId),
        seconds: kept.map((i) => trace.seconds[i]!),
        celsius: kept.map((i) => trace.celsius[i]!),
        end: at >= 0 ? { seconds: trace.seconds[at]!, celsius: trace.celsius[at]! } : null,
      },
    ];
  });
}

/** The stages as they lie on the thermometers of this place. */
function bandsHere(boilingC: number): StageBand[] {
  const fall = fallBelowSeaLevel(boilingC);
  return sugarStages
    .filter((stage) => stage.highC !== null)
    .map((stage) => ({ name: stage.name, lowC: stage.lowC - fall, highC: stage.highC! - fall }));
}
