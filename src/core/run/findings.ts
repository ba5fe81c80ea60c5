import { capitalised, counted, decimalsOf, formatNumber, listed } from '../format';
import { isPhoto, type Plan } from '../practical';
import { squaresAboutMean } from '../statistics';
import { workingOf } from '../working';
import type { Remark } from '../remark';
import { levelFindings } from './level-findings';
import { isMissing } from './result-cell';
import type { LevelGroup, Reached, ResponseSeries, ResultRow } from './results';
import { trendFindings } from './trend-findings';
import { twoFactorFindings } from './two-factor-findings';

/** The sentences of the margin beside the results, told as a report is: the answer, then what weakens it. */
export function findingsFor(
  plan: Plan,
  rows: readonly ResultRow[],
  series: readonly ResponseSeries[],
): Remark[] {
  return [
    ...series.flatMap((one) => effectFindings(plan, one)),
    ...series.flatMap(singleStations),
    ...series.flatMap(coarseInstrument),
    ...missingValues(plan, rows),
    ...departures(rows),
    ...prediction(plan, series),
  ];
}

function effectFindings(plan: Plan, series: ResponseSeries): Remark[] {
  if (series.factors.length > 1) return twoFactorFindings(plan, series);
  return series.numeric ? trendFindings(plan, series) : levelFindings(series);
}

function singleStations({ groups, response, factors, numeric, ordinal }: ResponseSeries): Remark[] {
  const single = groups.filter((group) => group.values.length === 1);
  if (groups.length < 2 || single.length === 0) return [];
  const heldAgainstOthers = factors.length > 1 || numeric || ordinal;
  return [
    {
      id: `single:${response.id}`,
      rank: 'check',
      what: `One station only at ${listed(single.map((group) => group.label))}`,
      why: `For ${response.name} its spread is unknown, so no interval can be drawn there${heldAgainstOthers ? '' : ', and it is held against no other level'}.`,
      working: workingOf(
        groups.map((group) => ({ text: `stations at ${group.label}`, value: group.values.length })),
      ),
    },
  ];
}

function pooledSd(groups: readonly LevelGroup[]): number {
  let [squares, df] = [0, 0];
  for (const { values, mean } of groups) {
    squares += squaresAboutMean(values, mean);
    df += values.length - 1;
  }
  return df > 0 ? Math.sqrt(squares / df) : 0;
}

function coarseInstrument({ groups, response, ordinal }: ResponseSeries): Remark[] {
  const division = response.smallestDivision;
  const sd = pooledSd(groups);
  if (ordinal || division === null) return [];
  if (groups.every((group) => group.values.length < 2) || sd >= division / 2) return [];
  return [
    {
      id: `coarse:${response.id}`,
      rank: 'note',
      what: `${capitalised(response.instrument || 'The instrument')} is coarser than the spread of ${response.name}`,
      why: `Repeats differ by less than half a division (${formatNumber(division)} ${response.unit}). The intervals count its rounding; a finer instrument would narrow them.`,
      working: workingOf([
        { text: 'spread within levels (pooled SD)', value: sd, unit: response.unit },
        { text: 'half a division', value: division / 2, unit: response.unit },
      ]),
    },
  ];
}

function missingValues(plan: Plan, rows: readonly ResultRow[]): Remark[] {
  return plan.responses.flatMap((response, i) => {
    const missing = rows.filter((row) => isMissing(row.cells[i]!));
    if (missing.length === 0) return [];
    const all = missing.length === rows.length;
    return [
      {
        id: `missing:${response.id}`,
        rank: 'check' as const,
        what: all
          ? `No ${response.name} logged yet`
          : `No ${response.name} from ${missing.length > 4 ? counted(missing.length, 'station') : stationsInWords(missing)}`,
        why: all
          ? isPhoto(response)
            ? 'Photos are taken on the station page, under Measured.'
            : `Type it in on the bench board: a station, then “${response.name}” and the value.`
          : 'Averages leave them out. If a value was lost, say so as a deviation.',
        working: workingOf([
          { text: 'stations with a value', value: rows.length - missing.length },
          { text: 'stations', value: rows.length },
        ]),
      },
    ];
  });
}

/** “station 3”, “stations 3 and 4”. */
function stationsInWords(rows: readonly ResultRow[]): string {
  const numbers = rows.map((row) => row.station).sort((a, b) => a - b);
  return `station${numbers.length > 1 ? 's' : ''} ${listed(numbers.map(String))}`;
}

/** Off target by more than this is worth a word, °C. */
const offTargetC = 1;

/** Stations that went differently from the plan: deviations, and targets missed. */
function departures(rows: readonly ResultRow[]): Remark[] {
  return rows.flatMap((row): Remark[] => [
    ...row.reached.flatMap((reached) => missedTarget(row, reached)),
    ...(row.deviations.length === 0
      ? []
      : [
          {
            id: `deviation:${row.station}`,
            rank: 'check' as const,
            what: `Station ${row.station} went differently`,
            why: `${row.deviations.join('; ')}. Its points are ringed; decide with the class whether they count.`,
            working: workingOf(row.deviations),
          },
        ]),
  ]);
}

function missedTarget(row: ResultRow, { celsius, targetC, done, cooled, stepId }: Reached): Remark[] {
  const off = celsius === null ? 0 : celsius - targetC;
  // Over is over at once; under only once the step is done.
  const over = off > offTargetC;
  if (celsius === null || !(over || (off < -offTargetC && done))) return [];
  return [
    {
      id: `off-target:${row.station}${row.reached.length > 1 ? `:${stepId}` : ''}`,
      rank: 'check',
      what: `Station ${row.station} was ${formatNumber(Math.abs(off), 1)} °C ${over ? 'over' : 'under'}`,
      why: `It reached ${formatNumber(celsius, 1)} °C; its target was ${formatNumber(targetC, 1)} °C. Plotted where it really stopped, it still tells something.`,
      working: workingOf([
        {
          text: `${cooled ? 'lowest' : 'highest'} reading by the end of the step`,
          value: celsius,
          unit: '°C',
        },
        { text: 'target here', value: targetC, unit: '°C' },
      ]),
    },
  ];
}

function prediction(plan: Plan, series: readonly ResponseSeries[]): Remark[] {
  if (plan.prediction.trim() === '' || series.every((one) => one.points.length === 0)) return [];
  return [
    {
      id: 'prediction',
      rank: 'note',
      what: 'Predicted and measured',
      why: `You expected: “${plan.prediction.replace(/(?<![.\s])[.\s]+$/, '')}”${plan.reason ? `, because ${plan.reason.replace(/(?<![.\s])[.\s]+$/, '')}` : ''}. Does the picture say so?`,
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
