import { capitalised, decimalsForError, formatNumber, listed } from '../format';
import {
  judgeTwoFactors,
  type EffectJudged,
  type InteractionJudged,
  type LevelPair,
  type TwoFactorsJudged,
} from '../inference';
import { isNumeric, levelLabel, levelsInOrder, type Factor, type Level, type Plan } from '../practical';
import { workingOf, type Source } from '../working';
import { comparative, ofClasses } from './effect-words';
import type { Remark } from '../remark';
import { levelFindings } from './level-findings';
import type { ResponseSeries } from './results';

const source: Source = {
  kind: 'handbook',
  text: 'Differences of treatment means, each treatment by its own spread (Satterthwaite); critical values by drawn classes in which nothing differs, whatever treatment scatters up to five times as much as another; the three questions stepped down (Romano and Wolf, J. Am. Stat. Assoc. 100 (2005) 94)',
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
  // Scores, and treatments that do not hang together: they are held against each other instead.
  if (!judged) return levelFindings(series);
  const crossed = { plan, series, judged, levels };
  if (judged.interaction?.told) return [dependsFinding(crossed, first, second, judged.interaction)];
  return [
    alone(crossed, 0, judged.first),
    alone(crossed, 1, judged.second),
    noDependence(crossed, first, second),
  ];
}

const nameOf = (factor: Factor) => factor.name || 'what changes';

function dependsFinding(
  { plan, series, judged, levels }: Crossed,
  first: Factor,
  second: Factor,
  { p, farthest }: InteractionJudged,
): Remark {
  const { response, groups } = series;
  const digits = decimalsForError(judged.sd / Math.sqrt(groups[0]!.values.length));
  const n = (value: number) => formatNumber(value, digits);
  const meanAt = (a: Level, b: Level) =>
    groups.find(({ treatment }) => treatment.levels[0]!.id === a.id && treatment.levels[1]!.id === b.id)
      ?.mean;
  const rows = levels[1].map((b) => {
    const values = levels[0].flatMap((a) => {
      const mean = meanAt(a, b);
      return mean === undefined ? [] : [`${n(mean)} at ${levelLabel(plan, first, a)}`];
    });
    return `${levelLabel(plan, second, b)}: ${listed(values)}`;
  });
  const [from, to] = farthest.first.map((i) => levels[0][i]!) as [Level, Level];
  const steps = farthest.second.map((i) => {
    const b = levels[1][i]!;
    return `${n(meanAt(to, b)! - meanAt(from, b)!)} at ${levelLabel(plan, second, b)}`;
  });
  return {
    id: `depends:${response.id}`,
    rank: 'note',
    what: `What ${nameOf(first)} does to ${response.name} depends on ${nameOf(second)}`,
    why: `From ${levelLabel(plan, first, from)} to ${levelLabel(plan, first, to)} it changes by ${steps.join(' and by ')}; chance alone parts two such changes so far ${ofClasses(p)}. Means in ${response.unit || 'points'} – ${rows.join('; ')}. Say no more of one without naming the other.`,
    working: working(series, judged),
  };
}

function alone({ plan, series, judged, levels }: Crossed, at: 0 | 1, effect: EffectJudged): Remark {
  const factor = series.factors[at]!;
  const { response } = series;
  const told = effect.pairs.filter((pair) => pair.told);
  const ends = isNumeric(factor) ? endsOf(effect.pairs) : widest(effect.pairs);
  const named = rising(
    ends.told || told.length === 0 ? ends : told.reduce((far, pair) => (pair.z > far.z ? pair : far)),
    isNumeric(factor),
  );
  const digits = decimalsForError((named.high - named.low) / 4);
  const n = (value: number) => formatNumber(value, digits);
  const label = (i: number) => levelLabel(plan, factor, levels[at][i]!);
  const { unit } = response;
  const id = `factor:${response.id}:${factor.id}`;
  const interval = (low: number, high: number) =>
    `95 % interval ${n(low)} to ${n(high)}, all comparisons counted`;
  if (told.length === 0) {
    return {
      ...{ id, rank: 'note', working: working(series, judged) },
      what: `No effect of ${nameOf(factor)} on ${response.name} can be told`,
      why: `From ${label(named.from)} to ${label(named.to)} it changed by ${n(named.difference)} ${unit}, ${interval(named.low, named.high)}. That is not to say there is none.`,
    };
  }
  const [low, high] = [named.low, named.high].map(Math.abs).sort((one, other) => one - other) as [
    number,
    number,
  ];
  const open = ends.told
    ? ''
    : ` ${label(ends.from)} and ${label(ends.to)} cannot be told apart: a difference of ${n(Math.abs(ends.difference))} ${unit}.`;
  return {
    ...{ id, rank: 'note', working: working(series, judged) },
    what: `${capitalised(response.name)} ${comparative(response, named.difference > 0)} at ${label(named.to)} than at ${label(named.from)}`,
    why: `${capitalised(nameOf(factor))}, over all levels of the other: a difference of ${n(Math.abs(named.difference))} ${unit} (${interval(low, high)}).${open}`,
  };
}

/** The lowest level against the highest. */
const endsOf = (pairs: readonly LevelPair[]) =>
  pairs.reduce((far, pair) => (pair.to - pair.from > far.to - far.from ? pair : far));

const widest = (pairs: readonly LevelPair[]) =>
  pairs.reduce((far, pair) => (Math.abs(pair.difference) > Math.abs(far.difference) ? pair : far));

/** Numbers from the lower level to the higher; words from the lower mean to the higher. */
function rising(pair: LevelPair, numeric: boolean): LevelPair {
  if (numeric || pair.difference >= 0) return pair;
  const { from, to, difference, low, high } = pair;
  return { ...pair, from: to, to: from, difference: -difference, low: -high, high: -low };
}

function noDependence({ series, judged }: Crossed, first: Factor, second: Factor): Remark {
  const { interaction } = judged;
  return {
    id: `depends:${series.response.id}`,
    rank: 'note',
    what: `Whether ${nameOf(first)} works otherwise at another ${nameOf(second)} can’t be told`,
    why: interaction
      ? `The lines of the picture part no further than chance parts them ${ofClasses(interaction.p)}. A small dependence could still be there.`
      : 'No treatment has two stations: nothing tells a dependence from the spread.',
    working: working(series, judged),
  };
}

function working(series: ResponseSeries, judged: TwoFactorsJudged) {
  const { response, groups, factors } = series;
  const line = (text: string, effect: { p: number } | null) =>
    effect === null ? [] : [{ text: `${text}: p, the three questions counted together`, value: effect.p }];
  return workingOf(
    [
      ...groups.map((group) => ({ text: `mean, ${group.label}`, value: group.mean, unit: response.unit })),
      {
        text: 'spread within treatments, the instrument’s rounding in it',
        value: judged.sd,
        unit: response.unit,
      },
      { text: 'degrees of freedom', value: judged.df },
      ...line(nameOf(factors[0]!), judged.first),
      ...line(nameOf(factors[1]!), judged.second),
      ...line('the one changing the other', judged.interaction),
    ],
    [source],
  );
}
