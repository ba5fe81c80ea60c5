import { capitalised, counted, decimalsForError, formatNumber, listed } from '../format';
import { judgeLevels, stationsForPair, type LevelsJudged, type PairJudged } from '../inference';
import { medianOf } from '../numeric';
import { workingOf } from '../working';
import {
  comparative,
  named,
  neededWords,
  ofClasses,
  power,
  shownMedian,
  shuffles,
  unlikeSpreads,
} from './effect-words';
import type { Remark } from '../remark';
import type { LevelGroup, ResponseSeries } from './results';

/** Treatments in words: first whether they differ at all, then which from the control, or from each other. */
export function levelFindings({ groups, response, leastSd, ordinal }: ResponseSeries): Remark[] {
  const control = groups.find((group) => group.treatment.control)?.label ?? null;
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

function levelWorking({ groups, response, judged }: LevelContext) {
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
    byMeans ? [unlikeSpreads, power] : [shuffles],
  );
}

/** “Difference 2.3 N, 95 % interval 1.1 to 3.5” or, by ranks, the two medians. */
function differenceWords({ groups, response, judged }: LevelContext, pair: PairJudged): string {
  if (judged.method === 'ranks') {
    const median = (label: string) =>
      shownMedian(
        response,
        groups.find((group) => group.label === label)!,
      );
    return `Median ${median(pair.name)} against ${median(pair.against)}; chance alone parts scores so far ${ofClasses(pair.p)}.`;
  }
  const [low, high] = [pair.low!, pair.high!];
  const digits = decimalsForError((high - low) / 4);
  const n = (value: number) => formatNumber(value, digits);
  const together = judged.pairs.length > 1 ? ', all comparisons counted' : '';
  return `Difference ${n(pair.difference)} ${response.unit}, 95 % interval ${n(low)} to ${n(high)}${together}.`;
}

function toldApart(context: LevelContext, pair: PairJudged): Remark {
  const { groups, response, judged } = context;
  const label = (name: string) => groups.find((group) => group.label === name)!;
  const up =
    judged.method === 'ranks'
      ? medianOf(label(pair.name).values) - medianOf(label(pair.against).values) || pair.difference
      : pair.difference;
  return {
    id: `apart:${response.id}:${label(pair.name).treatment.id}:${label(pair.against).treatment.id}`,
    rank: 'note',
    what: `${capitalised(pair.name)}: ${response.name} ${comparative(response, up > 0)} than ${pair.against}`,
    why: differenceWords(context, pair),
    working: levelWorking(context),
  };
}

function notTold(context: LevelContext, open: readonly PairJudged[]): Remark {
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

function nothingTold(context: LevelContext): Remark {
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
