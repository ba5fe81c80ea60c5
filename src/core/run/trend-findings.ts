import { capitalised, decimalsForError, formatNumber } from '../format';
import { judgeLevels, judgeTrend, stationsForTrend, type TrendJudged } from '../inference';
import { factorUnit, type Plan } from '../practical';
import { medianOf } from '../numeric';
import { workingOf, type Source } from '../working';
import { levelFindings } from './level-findings';
import { named, neededWords, ofClasses, power, shownMedian, shuffles, unlikeSpreads } from './effect-words';
import type { Remark } from '../remark';
import type { ResponseSeries } from './results';

const leastSquares: Source = {
  kind: 'handbook',
  text: 'Ordinary least squares; the error of the slope, and of each level’s miss, by every level’s own spread (Satterthwaite); critical values by drawn classes in which nothing differs, whatever level scatters up to five times as much as another',
};
/** Where a factor has a number: does the response rise or fall along it, and does a line fit? */
export function trendFindings(plan: Plan, series: ResponseSeries): Remark[] {
  const { groups, points, response, leastSd, ordinal } = series;
  const [first, last] = [groups[0], groups.at(-1)];
  if (!first || !last || first === last) return [];
  const judged = judgeTrend(
    points.map(({ x, y, treatmentId }) => ({ x, y, level: treatmentId })),
    leastSd,
    ordinal,
  );
  if (!judged) return [];
  const curve = curveFinding(series, judged);
  // A hump has no trend, and is not “no effect” either: the levels against each other say what there is.
  if (curve.length > 0 && !judged.told)
    return [...curve, ...levelFindings(series).filter(({ id }) => !id.startsWith('levels:'))];
  return [
    judged.method === 'ranks' ? rankTrend(series, judged) : lineTrend(plan, series, judged),
    ...curve,
    ...neighbours({ groups, response, leastSd, ordinal }),
  ];
}

function lineTrend(plan: Plan, series: ResponseSeries, judged: TrendJudged): Remark {
  const { groups, response, points } = series;
  const factor = series.factors[0]!;
  const [first, last] = [groups[0]!, groups.at(-1)!];
  const { change, low, high, fit, sd, df, told, p } = judged;
  const half = high! - change;
  const digits = decimalsForError(half / 2);
  const n = (value: number) => formatNumber(value, digits);
  const unit = response.unit;
  const slopeUnit = `${unit || '1'} per ${factorUnit(plan, factor) || 'unit'}`;
  const working = workingOf(
    [
      { text: `slope of ${response.name} on ${factor.name}`, value: fit.slope, unit: slopeUnit },
      { text: 'spread about the line, the instrument’s rounding in it', value: sd, unit },
      { text: `change along the range of ${factor.name}`, value: change, unit },
      { text: `interval = change ± t × SE, ${formatNumber(df, 1)} degrees of freedom`, value: half, unit },
      { text: 'chance alone makes such a slope', value: 100 * p, unit: '% of classes' },
      { text: 'r²', value: fit.r2 },
    ],
    [leastSquares, ...(told ? [] : [power])],
  );
  if (!told) {
    const needed = stationsForTrend(
      fit.slope,
      sd,
      groups.map((group) => group.x),
    );
    return {
      id: `trend:${response.id}`,
      rank: 'note',
      what: `No trend in ${response.name} can be told`,
      why: `From ${first.label} to ${last.label} it changed by ${n(change)} ${unit}, but anything from ${n(low!)} to ${n(high!)} fits the data.${neededWords(needed, points.length / groups.length, 'a trend of this size')}`,
      working,
    };
  }
  const [near, far] = [Math.min(Math.abs(low!), Math.abs(high!)), Math.max(Math.abs(low!), Math.abs(high!))];
  return {
    id: `trend:${response.id}`,
    rank: 'note',
    what: `${capitalised(response.name)} ${change > 0 ? 'rose' : 'fell'} with ${factor.name}`,
    why: `From ${first.label} to ${last.label} by ${n(Math.abs(change))} ${unit} (95 % interval ${n(near)} to ${n(far)}).`,
    working,
  };
}

function rankTrend({ groups, response, factors }: ResponseSeries, judged: TrendJudged): Remark {
  const { p, told, change } = judged;
  const medians = groups.map((group) => `${group.label} ${shownMedian(response, group)}`);
  const verb = change > 0 ? 'rose' : 'fell';
  return {
    id: `trend:${response.id}`,
    rank: 'note',
    what: told
      ? `${capitalised(response.name)} ${verb} with ${factors[0]!.name}`
      : `No trend in ${response.name} can be told`,
    why: `Medians: ${medians.join(', ')}. Chance alone would lean the scores so far ${ofClasses(p)}. Points of a score have no fixed width, so their order is judged and no interval given.`,
    working: workingOf(
      [
        {
          text: 'scores ranked together and dealt anew over the stations; as far or farther',
          value: 100 * p,
          unit: '%',
        },
        ...groups.map((group) => ({ text: `median at ${group.label}`, value: medianOf(group.values) })),
      ],
      [shuffles],
    ),
  };
}

/** A straight line that misses the levels by more than their repeats explain. */
function curveFinding(series: ResponseSeries, { lackOfFit, fit }: TrendJudged): Remark[] {
  if (!lackOfFit?.told) return [];
  const { response, groups } = series;
  const { worst, p, sd } = lackOfFit;
  const group = groups.find((one) => one.treatment.id === worst.level);
  if (!group) return [];
  const digits = decimalsForError(fit.residualSd / 2);
  return [
    {
      id: `curve:${response.id}`,
      rank: 'note',
      what: `A straight line does not fit ${response.name}`,
      why: `The stations at ${group.label} lie ${formatNumber(Math.abs(worst.off), digits)} ${response.unit} ${worst.off > 0 ? 'above' : 'below'} it; a miss as far out comes by chance ${ofClasses(p)}. Read the levels, not the line.`,
      working: workingOf(
        [
          { text: 'mean of the level − line', value: worst.off, unit: response.unit },
          { text: 'spread within levels', value: sd, unit: response.unit },
          {
            text: `standard error of that miss, ${formatNumber(worst.df, 1)} degrees of freedom`,
            value: worst.se,
            unit: response.unit,
          },
          { text: 'chance alone makes this', value: 100 * p, unit: '% of classes' },
        ],
        [leastSquares],
      ),
    },
  ];
}

/** The two top levels of an ordered factor: where they are not told apart, that is said. */
function neighbours({
  groups,
  response,
  leastSd,
  ordinal,
}: Pick<ResponseSeries, 'groups' | 'response' | 'leastSd' | 'ordinal'>): Remark[] {
  if (groups.length < 3 || ordinal) return [];
  const judged = judgeLevels({ levels: named(groups), control: null, leastSd, ordinal });
  const [below, top] = [groups.at(-2)!, groups.at(-1)!];
  const pair = judged?.pairs.find((one) => one.name === top.label && one.against === below.label);
  if (!pair || pair.told || pair.low === null || pair.high === null || pair.low > 0 || pair.high < 0)
    return [];
  const digits = decimalsForError((pair.high - pair.low) / 4);
  const n = (value: number) => formatNumber(value, digits);
  return [
    {
      id: `neighbours:${response.id}`,
      rank: 'note',
      what: `${below.label} and ${top.label} can’t be told apart by ${response.name}`,
      why: `They differ by ${n(pair.difference)} ${response.unit}, interval ${n(pair.low)} to ${n(pair.high)}, all pairs of levels counted.`,
      working: workingOf(
        [
          { text: `mean at ${top.label}`, value: top.mean, unit: response.unit },
          { text: `mean at ${below.label}`, value: below.mean, unit: response.unit },
          { text: 'degrees of freedom', value: judged!.df },
        ],
        [unlikeSpreads],
      ),
    },
  ];
}
