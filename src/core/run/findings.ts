import { capitalised, counted, decimalsForError, decimalsOf, formatNumber, listed } from '../format';
import type { Plan } from '../practical';
import type { Rank } from '../review';
import { differenceOfMeans, studentT } from '../statistics';
import { workingOf, type Source, type Working } from '../working';
import type { LevelGroup, ResponseSeries, ResultRow } from './results';

/** What the data can and cannot tell, in a sentence with its working. */
export interface Finding {
  id: string;
  rank: Rank;
  what: string;
  why: string;
  working: Working;
}

const leastSquares: Source = {
  kind: 'handbook',
  text: 'Ordinary least squares; Student’s t on n − 2 degrees of freedom',
};
const welch: Source = {
  kind: 'paper',
  text: 'Welch, Biometrika 34 (1947) 28: difference of two means with unequal spreads',
};

/** The sentences of the margin beside the results, most telling first. */
export function findingsFor(
  plan: Plan,
  rows: readonly ResultRow[],
  series: readonly ResponseSeries[],
): Finding[] {
  return [
    ...series.flatMap((one) => (one.numeric ? trendFindings(plan, one) : comparisonFindings(one))),
    ...series.flatMap(singleStations),
    ...series.flatMap(coarseInstrument),
    ...missingValues(plan, rows),
    ...departures(rows),
    ...prediction(plan, series),
  ];
}

/** A trend along a numeric factor: by how much over the range, or that none can be told. */
function trendFindings(plan: Plan, series: ResponseSeries): Finding[] {
  const { fit, groups, points, response } = series;
  const [first, last] = [groups[0], groups.at(-1)];
  if (!fit || !first || !last || points.length < 4 || first === last) return [];
  const range = last.x - first.x;
  const t = studentT(points.length - 2);
  const change = fit.slope * range;
  const half = t * fit.slopeSe * range;
  const [low, high] = [change - half, change + half];
  const digits = decimalsForError(half / t);
  const n = (value: number) => formatNumber(value, digits);
  const unit = response.unit;
  const working = workingOf(
    [
      {
        text: `slope of ${response.name} on ${plan.factor.name}`,
        value: fit.slope,
        unit: perUnit(unit, plan),
      },
      { text: 'standard error of the slope', value: fit.slopeSe, unit: perUnit(unit, plan) },
      { text: `change = slope × (${formatNumber(last.x)} − ${formatNumber(first.x)})`, value: change, unit },
      { text: `t for 95 % with ${points.length - 2} degrees of freedom`, value: t },
      { text: 'interval = change ± t × SE × range', value: half, unit },
      { text: 'r²', value: fit.r2 },
    ],
    [leastSquares],
  );
  if (low <= 0 && high >= 0) {
    const needed = stationsNeeded(points.length, half, change, groups.length);
    return [
      {
        id: `trend:${response.id}`,
        rank: 'note',
        what: `No trend in ${response.name} can be told`,
        why: `From ${first.label} to ${last.label} it changed by ${n(change)} ${unit}, but anything from ${n(low)} to ${n(high)} fits the data.${needed}`,
        working,
      },
      ...curveFinding(series),
    ];
  }
  const verb = change > 0 ? 'rose' : 'fell';
  return [
    {
      id: `trend:${response.id}`,
      rank: 'note',
      what: `${capitalised(response.name)} ${verb} with ${plan.factor.name}`,
      why: `From ${first.label} to ${last.label} by ${n(Math.abs(change))} ${unit} (95 % interval ${n(Math.min(Math.abs(low), Math.abs(high)))} to ${n(Math.max(Math.abs(low), Math.abs(high)))}).`,
      working,
    },
    ...curveFinding(series),
    ...neighbours(series),
  ];
}

const perUnit = (unit: string, plan: Plan) =>
  `${unit || '1'} per ${plan.factor.kind === 'target' ? '°C' : plan.factor.unit || 'unit'}`;

/** Stations a level would need before an effect of the size seen stood clear of its own interval. */
function stationsNeeded(n: number, half: number, change: number, levels: number): string {
  if (change === 0) return '';
  const each = Math.ceil((n * (half / Math.abs(change)) ** 2) / levels);
  return each > 50
    ? ' If there is one, it is small beside the spread.'
    : ` If it is real, about ${each} stations a level would show it.`;
}

/** A straight line that misses a level's mean by more than chance would. */
function curveFinding({ fit, groups, points, response }: ResponseSeries): Finding[] {
  if (!fit || groups.length < 3 || points.length < groups.length + 3) return [];
  const misses = groups
    .filter((group) => group.values.length > 1)
    .map((group) => {
      const off = group.mean - (fit.intercept + fit.slope * group.x);
      const spread = pooledSd(groups) / Math.sqrt(group.values.length);
      return { group, off, ratio: spread > 0 ? Math.abs(off) / spread : 0 };
    })
    .sort((a, b) => b.ratio - a.ratio);
  const worst = misses[0];
  if (!worst || worst.ratio < studentT(points.length - groups.length)) return [];
  const digits = decimalsForError(fit.residualSd / 2);
  return [
    {
      id: `curve:${response.id}`,
      rank: 'note',
      what: `A straight line does not fit ${response.name}`,
      why: `The stations at ${worst.group.label} lie ${formatNumber(Math.abs(worst.off), digits)} ${response.unit} ${worst.off > 0 ? 'above' : 'below'} it, more than their spread explains. Read the levels, not the line.`,
      working: workingOf(
        [
          { text: 'mean of the level − line', value: worst.off, unit: response.unit },
          { text: 'spread within levels (pooled SD)', value: pooledSd(groups), unit: response.unit },
          { text: 'distance / standard error', value: worst.ratio },
        ],
        [leastSquares],
      ),
    },
  ];
}

function pooledSd(groups: readonly LevelGroup[]): number {
  let [squares, df] = [0, 0];
  for (const group of groups) {
    for (const value of group.values) squares += (value - group.mean) ** 2;
    df += group.values.length - 1;
  }
  return df > 0 ? Math.sqrt(squares / df) : 0;
}

/** The two top levels: told apart or not. */
function neighbours({ groups, response }: ResponseSeries): Finding[] {
  const [below, top] = groups.slice(-2);
  if (!below || !top || groups.length < 3 || below.values.length < 2 || top.values.length < 2) return [];
  const { difference, ci95, df } = differenceOfMeans(top.values, below.values);
  if (ci95[0] > 0 || ci95[1] < 0) return [];
  const digits = decimalsForError((ci95[1] - ci95[0]) / 4);
  return [
    {
      id: `neighbours:${response.id}`,
      rank: 'note',
      what: `${below.label} and ${top.label} can’t be told apart by ${response.name}`,
      why: `They differ by ${formatNumber(difference, digits)} ${response.unit}, interval ${formatNumber(ci95[0], digits)} to ${formatNumber(ci95[1], digits)}.`,
      working: workingOf(
        [
          { text: `mean at ${top.label}`, value: top.mean, unit: response.unit },
          { text: `mean at ${below.label}`, value: below.mean, unit: response.unit },
          { text: 'degrees of freedom', value: df },
        ],
        [welch],
      ),
    },
  ];
}

/** Treatments in words: each against the control. */
function comparisonFindings({ groups, response }: ResponseSeries): Finding[] {
  const control = groups.find((group) => group.level.control) ?? groups[0];
  if (!control || control.values.length < 2) return [];
  return groups
    .filter((group) => group !== control && group.values.length > 1)
    .map((group) => {
      const { difference, ci95, df } = differenceOfMeans(group.values, control.values);
      const digits = decimalsForError((ci95[1] - ci95[0]) / 4);
      const n = (value: number) => formatNumber(value, digits);
      const clear = ci95[0] > 0 || ci95[1] < 0;
      return {
        id: `against-control:${response.id}:${group.level.id}`,
        rank: 'note' as const,
        what: clear
          ? `${capitalised(group.label)}: ${response.name} ${difference > 0 ? 'higher' : 'lower'} than ${control.label}`
          : `${capitalised(group.label)} and ${control.label} can’t be told apart by ${response.name}`,
        why: `Difference ${n(difference)} ${response.unit}, 95 % interval ${n(ci95[0])} to ${n(ci95[1])}.`,
        working: workingOf(
          [
            { text: `mean, ${group.label}`, value: group.mean, unit: response.unit },
            { text: `mean, ${control.label}`, value: control.mean, unit: response.unit },
            { text: 'degrees of freedom', value: df },
          ],
          [welch],
        ),
      };
    });
}

function singleStations({ groups, response }: ResponseSeries): Finding[] {
  const single = groups.filter((group) => group.values.length === 1);
  if (groups.length < 2 || single.length === 0) return [];
  return [
    {
      id: `single:${response.id}`,
      rank: 'check',
      what: `One station only at ${listed(single.map((group) => group.label))}`,
      why: `For ${response.name} its spread is unknown, so no interval can be drawn there.`,
      working: workingOf(
        groups.map((group) => ({ text: `stations at ${group.label}`, value: group.values.length })),
      ),
    },
  ];
}

function coarseInstrument({ groups, response }: ResponseSeries): Finding[] {
  const division = response.smallestDivision;
  const sd = pooledSd(groups);
  if (division === null || groups.every((group) => group.values.length < 2) || sd >= division / 2) return [];
  return [
    {
      id: `coarse:${response.id}`,
      rank: 'note',
      what: `${capitalised(response.instrument || 'The instrument')} is coarser than the spread of ${response.name}`,
      why: `Repeats differ by less than half a division (${formatNumber(division)} ${response.unit}): the intervals drawn are too narrow.`,
      working: workingOf([
        { text: 'spread within levels (pooled SD)', value: sd, unit: response.unit },
        { text: 'half a division', value: division / 2, unit: response.unit },
      ]),
    },
  ];
}

function missingValues(plan: Plan, rows: readonly ResultRow[]): Finding[] {
  return plan.responses.flatMap((response, i) => {
    const missing = rows.filter((row) => row.cells[i]?.mean === null);
    if (missing.length === 0) return [];
    const all = missing.length === rows.length;
    return [
      {
        id: `missing:${response.id}`,
        rank: 'check' as const,
        what: all
          ? `No ${response.name} logged yet`
          : `No ${response.name} from ${missing.length > 4 ? counted(missing.length, 'station') : `station ${listed(missing.map((row) => String(row.station)))}`}`,
        why: all
          ? `Type it in on the bench board: a station, then “${response.name}” and the value.`
          : 'Averages leave them out. If a value was lost, say so as a deviation.',
        working: workingOf([
          { text: 'stations with a value', value: rows.length - missing.length },
          { text: 'stations', value: rows.length },
        ]),
      },
    ];
  });
}

/** Off target by more than this is worth a word, °C. */
const offTargetC = 1;

/** Stations that went differently from the plan: deviations, and targets missed. */
function departures(rows: readonly ResultRow[]): Finding[] {
  return rows.flatMap((row): Finding[] => {
    const off = row.reachedC !== null && row.targetC !== null ? row.reachedC - row.targetC : 0;
    const found: Finding[] = [];
    if (off > offTargetC && row.reachedC !== null && row.targetC !== null) {
      found.push({
        id: `off-target:${row.station}`,
        rank: 'check',
        what: `Station ${row.station} was ${formatNumber(off, 1)} °C over`,
        why: `It reached ${formatNumber(row.reachedC, 1)} °C; its target was ${formatNumber(row.targetC, 1)} °C. Plotted where it really stopped, it still tells something.`,
        working: workingOf([
          { text: 'highest reading by the end of the step', value: row.reachedC, unit: '°C' },
          { text: 'target here', value: row.targetC, unit: '°C' },
        ]),
      });
    }
    if (row.deviations.length > 0) {
      found.push({
        id: `deviation:${row.station}`,
        rank: 'check',
        what: `Station ${row.station} went differently`,
        why: `${row.deviations.join('; ')}. Its points are ringed; decide with the class whether they count.`,
        working: workingOf(row.deviations),
      });
    }
    return found;
  });
}

function prediction(plan: Plan, series: readonly ResponseSeries[]): Finding[] {
  if (plan.prediction.trim() === '' || series.every((one) => one.points.length === 0)) return [];
  return [
    {
      id: 'prediction',
      rank: 'note',
      what: 'Predicted and measured',
      why: `You expected: “${plan.prediction.replace(/[.\s]+$/, '')}”${plan.reason ? `, because ${plan.reason.replace(/[.\s]+$/, '')}` : ''}. Does the picture say so?`,
      working: workingOf(
        series.flatMap((one) =>
          one.groups.map((group) => ({
            text: `${one.response.name} at ${group.label}`,
            value: Number(group.mean.toFixed(decimalsOf((one.response.smallestDivision ?? 0.1) / 10))),
            unit: one.response.unit,
          })),
        ),
      ),
    },
  ];
}
