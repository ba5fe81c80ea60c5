import { capitalised, counted, decimalsOf, formatNumber, listed } from '../format';
import type { Plan } from '../practical';
import { squaresAboutMean } from '../statistics';
import { workingOf } from '../working';
import type { Finding } from './finding';
import { levelFindings } from './level-findings';
import type { LevelGroup, ResponseSeries, ResultRow } from './results';
import { trendFindings } from './trend-findings';

/** The sentences of the margin beside the results, most telling first. */
export function findingsFor(
  plan: Plan,
  rows: readonly ResultRow[],
  series: readonly ResponseSeries[],
): Finding[] {
  return [
    ...series.flatMap((one) => (one.numeric ? trendFindings(plan, one) : levelFindings(one))),
    ...series.flatMap(singleStations),
    ...series.flatMap(coarseInstrument),
    ...missingValues(plan, rows),
    ...departures(rows),
    ...prediction(plan, series),
  ];
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

function pooledSd(groups: readonly LevelGroup[]): number {
  let [squares, df] = [0, 0];
  for (const { values, mean } of groups) {
    squares += squaresAboutMean(values, mean);
    df += values.length - 1;
  }
  return df > 0 ? Math.sqrt(squares / df) : 0;
}

function coarseInstrument({ groups, response, ordinal }: ResponseSeries): Finding[] {
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
    // Over is over at once; under only once the step is done.
    const over = off > offTargetC;
    if ((over || (off < -offTargetC && row.heatingDone)) && row.reachedC !== null && row.targetC !== null) {
      found.push({
        id: `off-target:${row.station}`,
        rank: 'check',
        what: `Station ${row.station} was ${formatNumber(Math.abs(off), 1)} °C ${over ? 'over' : 'under'}`,
        why: `It reached ${formatNumber(row.reachedC, 1)} °C; its target was ${formatNumber(row.targetC, 1)} °C. Plotted where it really stopped, it still tells something.`,
        working: workingOf([
          {
            text: `${row.cooled ? 'lowest' : 'highest'} reading by the end of the step`,
            value: row.reachedC,
            unit: '°C',
          },
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
