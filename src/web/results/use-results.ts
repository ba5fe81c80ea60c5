import { useMemo } from 'react';
import type { Run } from '../../contract/runs';
import {
  boilingIn,
  factorsWithLevels,
  isPhoto,
  levelsInOrder,
  treatmentOf,
  treatmentsOf,
  type Plan,
  type Response,
} from '../../core/practical';
import {
  asMadeAt,
  classTable,
  responseSeries,
  watchesOf,
  type BenchSetting,
  type Notebook,
  type PlotAt,
  type ResultRow,
} from '../../core/run';
import { fallBelowSeaLevel, sugarStages } from '../../core/sugar';
import { extremesKept, withoutWild } from '../../core/trace';
import type { StageBand, TraceLine } from '../charts/TraceChart';
import { levelColour } from '../theme/heat-scale';
import { useFindings } from './use-findings';

/** Buckets a trace is drawn in: two points each, more than the pixels it has. */
const drawnBuckets = 300;

/** Everything the results page shows, computed from the notebook as it stands. */
export function useResults(
  run: Run,
  setting: BenchSetting,
  notebook: Notebook,
  version: number,
  plotAt: PlotAt,
) {
  const results = useMemo(() => {
    const { plan, place } = run;
    const colourOf = colours(plan);
    const rows = classTable(setting, notebook);
    const series = plan.responses.map((_, i) => responseSeries(plan, rows, i, plotAt));
    const syrup = plan.thermometers.some((one) => one.in === 'syrup');
    return {
      rows,
      colourOf,
      all: series,
      series: series.filter((one) => one.points.length > 0),
      photos: photosOf(plan, rows),
      made: rows
        .filter(({ station }) => notebook.station(station).weighed.length > 0)
        .map(({ station, label }) => ({ station, label, made: asMadeAt(setting, notebook, station) })),
      traces: tracesOf(run, setting, notebook, colourOf),
      bands: syrup ? bandsHere(boilingIn(place).boilingC) : [],
      boilingC: syrup ? boilingIn(place).boilingC : null,
    };
    // The notebook grows in place: its version says so.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [run, setting, notebook, version, plotAt]);
  return { ...results, findings: useFindings(`${run.id} ${plotAt}`, run.plan, results.rows, results.all) };
}

/** The pictures of one response, treatment by treatment. */
export interface PhotoSeries {
  response: Response;
  groups: { id: string; label: string; photos: { id: string; picture: string; of: string }[] }[];
}

function photosOf(plan: Plan, rows: readonly ResultRow[]): PhotoSeries[] {
  return plan.responses.flatMap((response, i): PhotoSeries[] => {
    if (!isPhoto(response)) return [];
    const groups = treatmentsOf(plan).map(({ id, label }) => ({
      id,
      label,
      photos: rows
        .filter((row) => row.treatment?.id === id)
        .flatMap((row) =>
          row.cells[i]!.photos.map(({ id: entry, picture, piece }) => ({
            id: entry,
            picture,
            of: `station ${row.station}${piece === null ? '' : `, piece ${piece}`}`,
          })),
        ),
    }));
    return groups.some((group) => group.photos.length > 0) ? [{ response, groups }] : [];
  });
}

/** The colour of a treatment: with two factors that of its level of the second, as the first lies along the axis. */
function colours(plan: Plan): (treatmentId: string) => string {
  const second = factorsWithLevels(plan)[1];
  const order = second
    ? levelsInOrder(second).map((level) => level.id)
    : treatmentsOf(plan).map((one) => one.id);
  return (treatmentId) => {
    const key = second ? treatmentOf(plan, treatmentId)?.levels[1]?.id : treatmentId;
    return levelColour(order.indexOf(key ?? ''), order.length);
  };
}

function tracesOf(
  run: Run,
  setting: BenchSetting,
  notebook: Notebook,
  colourOf: (treatmentId: string) => string,
): TraceLine[] {
  const several = factorsWithLevels(run.plan).length > 1;
  return run.allocation.flatMap(({ station, treatmentId }): TraceLine[] => {
    const notes = notebook.station(station);
    const own = setting.ownWith(station, notebook);
    const watches = watchesOf(run.plan, own);
    const probes = watches.length === 0 ? [1] : [...new Set(watches.map((watch) => watch.probe))];
    return probes.flatMap((probe): TraceLine[] => {
      const trace = notes.readings.get(probe);
      if (!trace || trace.seconds.length < 2) return [];
      const { kept: settled, wild } = withoutWild(trace);
      const kept = extremesKept(settled, drawnBuckets);
      const last = watches.findLast((watch) => watch.probe === probe);
      const done = notebook.eventsAt(station).find((event) => event.body.stepId === last?.step.id);
      const endS = done ? (done.at - notebook.zeroMs) / 1000 : null;
      const at = endS === null ? -1 : trace.seconds.findLastIndex((second) => second <= endS);
      const level = own.treatment?.levels[0];
      const label = several ? (own.treatment?.label ?? '') : level ? String(level.value ?? level.words) : '';
      return [
        {
          station,
          label,
          colour: colourOf(treatmentId),
          seconds: kept.map((i) => settled.seconds[i]!),
          celsius: kept.map((i) => settled.celsius[i]!),
          wild,
          end: at >= 0 ? { seconds: trace.seconds[at]!, celsius: trace.celsius[at]! } : null,
        },
      ];
    });
  });
}

/** The stages as they lie on the thermometers of this place. */
function bandsHere(boilingC: number): StageBand[] {
  const fall = fallBelowSeaLevel(boilingC);
  return sugarStages
    .filter((stage) => stage.highC !== null)
    .map((stage) => ({ name: stage.name, lowC: stage.lowC - fall, highC: stage.highC! - fall }));
}
