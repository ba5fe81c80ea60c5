import { capitalised, counted, decimalsForError, formatNumber, listed } from '../format';
import {
  judgeLevels,
  judgeTrend,
  stationsForPair,
  stationsForTrend,
  type LevelsJudged,
  type PairJudged,
  type TrendJudged,
} from '../inference';
import type { Plan } from '../practical';
import { medianOf } from '../numeric';
import { workingOf, type Source } from '../working';
import type { Finding } from './finding';
import type { LevelGroup, ResponseSeries } from './results';

const leastSquares: Source = {
  kind: 'handbook',
  text: 'Ordinary least squares; Student’s t on n − 2 degrees of freedom; lack of fit against the repeats (Draper and Smith)',
};
const shuffles: Source = {
  kind: 'handbook',
  text: 'Permutation test: the values dealt anew over the stations, all ways or 4999 of them; the largest difference of each deal keeps the error of all pairs together (Westfall and Young)',
};
const means: Record<'control' | 'pairs', Source> = {
  control: { kind: 'paper', text: 'Dunnett, Biometrics 20 (1964) 482: several levels with one control' },
  pairs: {
    kind: 'handbook',
    text: 'Tukey’s HSD, Kramer for unequal groups; NIST/SEMATECH e-Handbook 7.4.7.1',
  },
};
const power: Source = {
  kind: 'handbook',
  text: 'Power by the noncentral t distribution of the test that is used, 80 %',
};

/** “2 %” of classes, or “fewer than 1 in 1000”. */
function ofClasses(p: number): string {
  if (p < 0.001) return 'in fewer than 1 of 1000 classes';
  return `in ${formatNumber(100 * p, p < 0.1 ? 1 : 0)} % of classes`;
}

/** Where a factor has a number: does the response rise or fall along it, and does a line fit? */
export function trendFindings(plan: Plan, series: ResponseSeries): Finding[] {
  const { groups, points, response, leastSd, ordinal } = series;
  const [first, last] = [groups[0], groups.at(-1)];
  if (!first || !last || first === last) return [];
  const judged = judgeTrend(
    points.map(({ x, y, levelId }) => ({ x, y, level: levelId })),
    leastSd,
    ordinal,
  );
  if (!judged) return [];
  return [
    judged.method === 'ranks' ? rankTrend(plan, series, judged) : lineTrend(plan, series, judged),
    ...curveFinding(series, judged),
    ...neighbours({ groups, response, leastSd, ordinal }),
  ];
}

function lineTrend(plan: Plan, { groups, response, points }: ResponseSeries, judged: TrendJudged): Finding {
  const [first, last] = [groups[0]!, groups.at(-1)!];
  const { change, low, high, fit, sd, df, told, p } = judged;
  const half = high! - change;
  const digits = decimalsForError(half / 2);
  const n = (value: number) => formatNumber(value, digits);
  const unit = response.unit;
  const slopeUnit = `${unit || '1'} per ${plan.factor.kind === 'target' ? '°C' : plan.factor.unit || 'unit'}`;
  const working = workingOf(
    [
      { text: `slope of ${response.name} on ${plan.factor.name}`, value: fit.slope, unit: slopeUnit },
      { text: 'spread about the line, the instrument’s rounding in it', value: sd, unit },
      { text: `change along the range of ${plan.factor.name}`, value: change, unit },
      { text: `interval = change ± t × SE × range, ${df} degrees of freedom`, value: half, unit },
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
    what: `${capitalised(response.name)} ${change > 0 ? 'rose' : 'fell'} with ${plan.factor.name}`,
    why: `From ${first.label} to ${last.label} by ${n(Math.abs(change))} ${unit} (95 % interval ${n(near)} to ${n(far)}).`,
    working,
  };
}

function rankTrend(plan: Plan, { groups, response }: ResponseSeries, judged: TrendJudged): Finding {
  const { p, told, change } = judged;
  const medians = groups.map((group) => `${group.label} ${formatNumber(medianOf(group.values))}`);
  const verb = change > 0 ? 'rose' : 'fell';
  return {
    id: `trend:${response.id}`,
    rank: 'note',
    what: told
      ? `${capitalised(response.name)} ${verb} with ${plan.factor.name}`
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

/** Stations it would take, by the test that is used; nothing is said where nothing was seen. */
function neededWords(needed: number | null, have: number, what: string): string {
  if (needed === null) return ' If there is one, it is small beside the spread.';
  if (needed <= have) return ' Chance was against it, or there is none.';
  return ` If it is real, about ${needed} stations a level would show ${what} in 8 of 10 classes.`;
}

/** A straight line that misses the levels by more than their repeats explain. */
function curveFinding(series: ResponseSeries, { lackOfFit, fit }: TrendJudged): Finding[] {
  if (!lackOfFit || lackOfFit.p >= 0.05) return [];
  const { response, groups } = series;
  const { worst, f, df, p, sd } = lackOfFit;
  const group = groups.find((one) => one.level.id === worst.level);
  if (!group) return [];
  const digits = decimalsForError(fit.residualSd / 2);
  return [
    {
      id: `curve:${response.id}`,
      rank: 'note',
      what: `A straight line does not fit ${response.name}`,
      why: `The stations at ${group.label} lie ${formatNumber(Math.abs(worst.off), digits)} ${response.unit} ${worst.off > 0 ? 'above' : 'below'} it; misses like these come by chance ${ofClasses(p)}. Read the levels, not the line.`,
      working: workingOf(
        [
          { text: 'mean of the level − line', value: worst.off, unit: response.unit },
          { text: 'spread within levels', value: sd, unit: response.unit },
          { text: `F of the misses on ${df[0]} and ${df[1]} degrees of freedom`, value: f },
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
}: Pick<ResponseSeries, 'groups' | 'response' | 'leastSd' | 'ordinal'>): Finding[] {
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
        [means.pairs],
      ),
    },
  ];
}

const named = (groups: readonly LevelGroup[]) => groups.map(({ label, values }) => ({ name: label, values }));

/** Treatments in words: first whether they differ at all, then which from the control, or from each other. */
export function levelFindings({ groups, response, leastSd, ordinal }: ResponseSeries): Finding[] {
  const control = groups.find((group) => group.level.control)?.label ?? null;
  const judged = judgeLevels({ levels: named(groups), control, leastSd, ordinal });
  if (!judged) return [];
  const context = { groups, response, judged, controlled: control !== null };
  const told = judged.pairs.filter((pair) => pair.told);
  if (told.length === 0) return [nothingTold(context)];
  const open = judged.pairs.filter((pair) => !pair.told);
  return [
    ...told.map((pair) => toldApart(context, pair)),
    ...(open.length > 0 ? [notTold(context, open)] : []),
  ];
}

interface LevelContext {
  groups: readonly LevelGroup[];
  response: ResponseSeries['response'];
  judged: LevelsJudged;
  controlled: boolean;
}

function levelWorking({ groups, response, judged, controlled }: LevelContext) {
  const byMeans = judged.method === 'means';
  return workingOf(
    [
      ...groups.map((group) =>
        judged.method === 'ranks'
          ? { text: `median, ${group.label}`, value: medianOf(group.values), unit: response.unit }
          : { text: `mean, ${group.label}`, value: group.mean, unit: response.unit },
      ),
      ...(judged.sd === null
        ? []
        : [
            {
              text: 'spread within levels, pooled, the instrument’s rounding in it',
              value: judged.sd,
              unit: response.unit,
            },
          ]),
      { text: 'degrees of freedom', value: judged.df },
      {
        text: 'all levels together: chance alone parts them so',
        value: 100 * judged.globalP,
        unit: '% of classes',
      },
      ...judged.pairs.map((pair) => ({
        text: `${pair.name} − ${pair.against}, all comparisons counted together: p`,
        value: pair.p,
      })),
    ],
    [byMeans ? means[controlled ? 'control' : 'pairs'] : shuffles, ...(byMeans ? [power] : [])],
  );
}

/** “Difference 2.3 N, 95 % interval 1.1 to 3.5” or, by ranks, the two medians. */
function differenceWords({ groups, response, judged }: LevelContext, pair: PairJudged): string {
  if (judged.method === 'ranks') {
    const median = (label: string) =>
      formatNumber(medianOf(groups.find((group) => group.label === label)!.values));
    return `Median ${median(pair.name)} against ${median(pair.against)}; chance alone parts scores so far ${ofClasses(pair.p)}.`;
  }
  if (pair.low === null || pair.high === null) {
    return `Difference ${formatNumber(pair.difference, decimalsForError(Math.abs(pair.difference) / 4))} ${response.unit}; the spreads are not alike, so the values were shuffled: chance alone makes it ${ofClasses(pair.p)}.`;
  }
  const digits = decimalsForError((pair.high - pair.low) / 4);
  const n = (value: number) => formatNumber(value, digits);
  const together = judged.pairs.length > 1 ? ', all comparisons counted' : '';
  return `Difference ${n(pair.difference)} ${response.unit}, 95 % interval ${n(pair.low)} to ${n(pair.high)}${together}.`;
}

function toldApart(context: LevelContext, pair: PairJudged): Finding {
  const { groups, response, judged } = context;
  const label = (name: string) => groups.find((group) => group.label === name)!;
  const up =
    judged.method === 'ranks'
      ? medianOf(label(pair.name).values) - medianOf(label(pair.against).values) || pair.difference
      : pair.difference;
  return {
    id: `apart:${response.id}:${label(pair.name).level.id}:${label(pair.against).level.id}`,
    rank: 'note',
    what: `${capitalised(pair.name)}: ${response.name} ${up > 0 ? 'higher' : 'lower'} than ${pair.against}`,
    why: differenceWords(context, pair),
    working: levelWorking(context),
  };
}

function notTold(context: LevelContext, open: readonly PairJudged[]): Finding {
  const { response } = context;
  const pairs = open.map((pair) => `${pair.name} and ${pair.against}`);
  return {
    id: `not-apart:${response.id}`,
    rank: 'note',
    what: `${open.length === 1 ? 'One pair' : `${counted(open.length, 'pair')}`} can’t be told apart by ${response.name}`,
    why: `${capitalised(listed(pairs.slice(0, 6)))}${pairs.length > 6 ? ` and ${pairs.length - 6} more` : ''}. That is not to say they are alike.`,
    working: levelWorking(context),
  };
}

function nothingTold(context: LevelContext): Finding {
  const { groups, response, judged, controlled } = context;
  const widest = judged.pairs.reduce((far, pair) =>
    Math.abs(pair.difference) > Math.abs(far.difference) ? pair : far,
  );
  const needed =
    judged.sd === null ? null : stationsForPair(widest.difference, judged.sd, groups.length, controlled);
  const have = Math.min(...groups.map((group) => group.values.length));
  const more =
    judged.sd === null || widest.difference === 0
      ? ''
      : neededWords(needed, have, 'a difference of this size');
  const two = groups.length === 2;
  return {
    id: `not-apart:${response.id}`,
    rank: 'note',
    what: two
      ? `${capitalised(widest.name)} and ${widest.against} can’t be told apart by ${response.name}`
      : `No difference in ${response.name} can be told`,
    why: `${two ? '' : `Levels as far apart as these come by chance ${ofClasses(judged.globalP)}. Widest: ${widest.name} and ${widest.against}. `}${differenceWords(context, widest)}${more}`,
    working: levelWorking(context),
  };
}
