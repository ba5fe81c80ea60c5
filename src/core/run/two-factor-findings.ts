import { capitalised, decimalsForError, formatNumber, listed } from '../format';
import { judgeTwoFactors, type EffectJudged, type TwoFactorsJudged } from '../inference';
import { isNumeric, levelLabel, levelsInOrder, type Factor, type Level, type Plan } from '../practical';
import { workingOf, type Source } from '../working';
import { comparative, ofClasses } from './effect-words';
import type { Remark } from '../remark';
import { levelFindings } from './level-findings';
import type { ResponseSeries } from './results';

const source: Source = {
  kind: 'handbook',
  text: 'Two-way analysis of variance with repeats (NIST/SEMATECH e-Handbook 7.4.3.7); Holm for the three questions together',
};

interface Crossed {
  plan: Plan;
  series: ResponseSeries;
  judged: TwoFactorsJudged;
  /** Levels that were measured, in the order they are read. */
  levels: [Level[], Level[]];
}

/** Two factors: whether the one changes what the other does; if not, what each does on its own. */
export function twoFactorFindings(plan: Plan, series: ResponseSeries): Remark[] {
  const [first, second] = series.factors as [Factor, Factor];
  const measured = (factor: Factor, i: number) =>
    levelsInOrder(factor).filter((level) =>
      series.groups.some((group) => group.treatment.levels[i]?.id === level.id),
    );
  const levels: [Level[], Level[]] = [measured(first, 0), measured(second, 1)];
  const cells = levels[0].map((a) =>
    levels[1].map(
      (b) =>
        series.groups.find(
          ({ treatment }) => treatment.levels[0]!.id === a.id && treatment.levels[1]!.id === b.id,
        )?.values ?? [],
    ),
  );
  const judged = series.ordinal ? null : judgeTwoFactors(cells, series.leastSd);
  // Scores, gaps and single stations: treatments are held against each other instead.
  if (!judged) return levelFindings(series);
  const crossed = { plan, series, judged, levels };
  if (judged.interaction.told) return [dependsFinding(crossed, first, second)];
  return [
    alone(crossed, 0, judged.first, judged.firstMeans, judged.halfFirst),
    alone(crossed, 1, judged.second, judged.secondMeans, judged.halfSecond),
    noDependence(crossed, first, second),
  ];
}

const nameOf = (factor: Factor) => factor.name || 'what changes';

function dependsFinding({ plan, series, judged, levels }: Crossed, first: Factor, second: Factor): Remark {
  const { response, groups } = series;
  const digits = decimalsForError(judged.sd / Math.sqrt(groups[0]!.values.length));
  const rows = levels[1].map((b) => {
    const values = levels[0].map((a) => {
      const group = groups.find(
        ({ treatment }) => treatment.levels[0]!.id === a.id && treatment.levels[1]!.id === b.id,
      )!;
      return `${formatNumber(group.mean, digits)} at ${levelLabel(plan, first, a)}`;
    });
    return `${levelLabel(plan, second, b)}: ${listed(values)}`;
  });
  return {
    id: `depends:${response.id}`,
    rank: 'note',
    what: `What ${nameOf(first)} does to ${response.name} depends on ${nameOf(second)}`,
    why: `Means in ${response.unit || 'points'} – ${rows.join('; ')}. Chance alone parts them so ${ofClasses(judged.interaction.p)}: say no more of one without naming the other.`,
    working: working(series, judged),
  };
}

function alone(
  { plan, series, judged, levels }: Crossed,
  at: 0 | 1,
  effect: EffectJudged,
  means: readonly number[],
  half: number,
): Remark {
  const factor = series.factors[at]!;
  const { response } = series;
  const digits = decimalsForError(half / 2);
  const n = (value: number) => formatNumber(value, digits);
  const [low, high] = extremes(means, isNumeric(factor));
  const difference = means[high]! - means[low]!;
  const labels = [low, high].map((i) => levelLabel(plan, factor, levels[at][i]!));
  const interval = `95 % interval ${n(difference - half)} to ${n(difference + half)}, all comparisons counted`;
  const unit = response.unit;
  if (!effect.told) {
    return {
      id: `factor:${response.id}:${factor.id}`,
      rank: 'note',
      what: `No effect of ${nameOf(factor)} on ${response.name} can be told`,
      why: `From ${labels[0]} to ${labels[1]} it changed by ${n(difference)} ${unit}, ${interval}. That is not to say there is none.`,
      working: working(series, judged),
    };
  }
  // The test above is of all levels together: what is said of two of them is what their own difference shows.
  const pair = Math.abs(difference) > half ? ([low, high] as const) : farthest(means);
  const apart = means[pair[1]]! - means[pair[0]]!;
  const [from, to] = pair.map((i) => levelLabel(plan, factor, levels[at][i]!));
  const all = `${capitalised(nameOf(factor))}, over all levels of the other`;
  if (Math.abs(apart) <= half) {
    return {
      id: `factor:${response.id}:${factor.id}`,
      rank: 'note',
      what: `${capitalised(response.name)} differs with ${nameOf(factor)}; between which levels can’t be told`,
      why: `${all}: levels as far apart come by chance ${ofClasses(effect.p)}. The two farthest apart, ${from} and ${to}, differ by ${n(Math.abs(apart))} ${unit}, 95 % interval ${n(Math.abs(apart) - half)} to ${n(Math.abs(apart) + half)}, all comparisons counted.`,
      working: working(series, judged),
    };
  }
  const ends =
    pair[0] === low && pair[1] === high
      ? ''
      : ` ${labels[0]} and ${labels[1]} cannot be told apart: a difference of ${n(Math.abs(difference))} ${unit}.`;
  return {
    id: `factor:${response.id}:${factor.id}`,
    rank: 'note',
    what: `${capitalised(response.name)} ${comparative(response, apart > 0)} at ${to} than at ${from}`,
    why: `${all}: a difference of ${n(Math.abs(apart))} ${unit} (95 % interval ${n(Math.abs(apart) - half)} to ${n(Math.abs(apart) + half)}, all comparisons counted).${ends}`,
    working: working(series, judged),
  };
}

/** The two levels whose means are farthest apart, in their order. */
function farthest(means: readonly number[]): readonly [number, number] {
  const [least, most] = [means.indexOf(Math.min(...means)), means.indexOf(Math.max(...means))];
  return [Math.min(least, most), Math.max(least, most)];
}

/** Numbers from the lowest level to the highest; words from the lowest mean to the highest. */
function extremes(means: readonly number[], numeric: boolean): [number, number] {
  if (numeric) return [0, means.length - 1];
  return [means.indexOf(Math.min(...means)), means.indexOf(Math.max(...means))];
}

function noDependence({ series, judged }: Crossed, first: Factor, second: Factor): Remark {
  return {
    id: `depends:${series.response.id}`,
    rank: 'note',
    what: `Whether ${nameOf(first)} works otherwise at another ${nameOf(second)} can’t be told`,
    why: `The lines of the picture part no further than chance parts them ${ofClasses(judged.interaction.p)}. A small dependence could still be there.`,
    working: working(series, judged),
  };
}

function working(series: ResponseSeries, judged: TwoFactorsJudged) {
  const { response, groups, factors } = series;
  const line = (text: string, { f, df, p }: EffectJudged) => [
    { text: `${text}: F on ${df[0]} and ${df[1]} degrees of freedom`, value: f },
    { text: `${text}: p, the three questions counted together`, value: p },
  ];
  return workingOf(
    [
      ...groups.map((group) => ({ text: `mean, ${group.label}`, value: group.mean, unit: response.unit })),
      {
        text: 'spread within treatments, the instrument’s rounding in it',
        value: judged.sd,
        unit: response.unit,
      },
      ...line(nameOf(factors[0]!), judged.first),
      ...line(nameOf(factors[1]!), judged.second),
      ...line('the one changing the other', judged.interaction),
    ],
    [source],
  );
}
