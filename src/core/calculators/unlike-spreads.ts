import { gamesHowell, meanOf, robustTrend, twoWayUnbalanced, welchAnova } from '../statistics';
import type { Source } from '../working';
import { defineCalculator } from './definition';
import { told } from './significance';

const groups = {
  kind: 'groups',
  least: 2,
  leastEach: 2,
  about: 'values of each level by its name, at least two each',
} as const;
const example = { groups: { thin: [4.1, 4.3, 4], middle: [5.2, 6.9, 4.4], thick: [8, 8.2, 8.1] } };
const handbook = (text: string): Source => ({ kind: 'handbook', text });

export const welchAnovaCalculator = defineCalculator({
  id: 'welch-anova',
  title: 'Do several levels differ, with unlike spreads?',
  keywords: 'welch anova unequal variance heteroscedastic levels means compare',
  example,
  inputs: { groups },
  compute({ groups: values }) {
    const { f, dfBetween, dfWithin, p } = welchAnova(values);
    return {
      result: { f, dfBetween, dfWithin, p },
      working: [
        ...Object.entries(values).map(([name, list]) => ({ text: `mean of ${name}`, value: meanOf(list) })),
        { text: 'each mean weighs as its own spread allows: n / variance' },
        { text: 'F by Welch', value: f },
        { text: 'degrees of freedom within, by Welch', value: dfWithin },
        told(p),
      ],
      sources: [handbook('B. L. Welch, On the comparison of several mean values, Biometrika 38 (1951) 330')],
      warnings: [
        'Takes independent stations for granted; with two or three stations a level it sees large differences only.',
      ],
    };
  },
});

export const gamesHowellCalculator = defineCalculator({
  id: 'games-howell',
  title: 'Which levels differ, with unlike spreads?',
  keywords: 'games howell pairs compare post hoc unequal variance',
  example,
  inputs: { groups },
  compute({ groups: values }) {
    const pairs = gamesHowell(values);
    return {
      result: { pairs: pairs.map((pair) => ({ ...pair })) },
      working: [
        {
          text: 'interval = difference ± q × √((sₐ²/nₐ + s_b²/n_b)/2), each pair by its own spread and degrees of freedom',
        },
        ...pairs.map(({ a, b, difference, p }) => ({
          text: `${b} − ${a}: p = ${p.toFixed(4)}`,
          value: difference,
        })),
      ],
      sources: [handbook('P. A. Games and J. F. Howell, J. Educ. Stat. 1 (1976) 113')],
    };
  },
});

export const robustTrendCalculator = defineCalculator({
  id: 'robust-trend',
  title: 'A slope, with unlike spreads',
  keywords: 'regression slope trend robust heteroscedastic hc3 interval',
  example: { x: [140, 140, 145, 145, 150, 150], y: [1.2, 1.5, 3.6, 2.7, 4.2, 3.9] },
  inputs: {
    x: { kind: 'numbers', least: 4, about: 'what was set, as many as y' },
    y: { kind: 'numbers', least: 4, about: 'what was measured' },
  },
  compute({ x, y }) {
    const trend = robustTrend(x, y);
    return {
      result: { ...trend },
      working: [
        { text: 'slope by least squares', value: trend.slope },
        { text: 'each residual / (1 − its pull on the line), squared: HC3' },
        {
          text: 'interval = slope ± t × SE on n − 2 degrees of freedom, half of it',
          value: (trend.high - trend.low) / 2,
        },
        told(trend.p, 'no slope can be told'),
      ],
      sources: [
        handbook(
          'J. G. MacKinnon and H. White, J. Econometrics 29 (1985) 305; J. S. Long and L. H. Ervin, Am. Stat. 54 (2000) 217',
        ),
      ],
      warnings: [
        ...(trend.stationsAtEnds < 4
          ? ['Few stations at the ends: one that went wrong bends the whole line.']
          : []),
        'Takes a straight line and independent stations for granted.',
      ],
    };
  },
});

export const twoWayUnbalancedCalculator = defineCalculator({
  id: 'two-way-unbalanced',
  title: 'Two factors, cells of any number',
  keywords: 'two way anova unbalanced missing station type ii interaction factorial',
  example: {
    rows: [
      { a: 'thin', b: 'hot', value: 4.1 },
      { a: 'thin', b: 'hot', value: 4.4 },
      { a: 'thin', b: 'warm', value: 3.2 },
      { a: 'thick', b: 'hot', value: 8.3 },
      { a: 'thick', b: 'warm', value: 6.1 },
      { a: 'thick', b: 'warm', value: 6.4 },
    ],
  },
  inputs: {
    rows: {
      kind: 'records',
      least: 4,
      fields: {
        a: { kind: 'text', most: 60, example: 'thin', about: 'level of the first factor' },
        b: { kind: 'text', most: 60, example: 'hot', about: 'level of the second factor' },
        value: { kind: 'number', unit: '', low: -1e9, high: 1e9, about: 'what was measured' },
      },
      about: 'one line a station',
    },
  },
  compute({ rows }) {
    const { a, b, interaction, dfError, emptyCells } = twoWayUnbalanced(rows);
    const line = (text: string, effect: { f: number; df: number; p: number }) => [
      { text: `${text}: F on ${effect.df} and ${dfError} degrees of freedom`, value: effect.f },
      { text: `${text}: p`, value: effect.p },
    ];
    return {
      result: {
        a: { ...a },
        b: { ...b },
        interaction: interaction ? { ...interaction } : null,
        dfError,
        emptyCells,
      },
      working: [
        { text: 'each factor: what is left without it, less what is left with both (type II)' },
        ...line('first factor', a),
        ...line('second factor', b),
        ...(interaction
          ? line('the one changing the other', interaction)
          : [{ text: 'the one changing the other: no cell tells' }]),
      ],
      sources: [
        handbook('F. Yates, J. Am. Stat. Assoc. 29 (1934) 51; J. Fox, Applied Regression Analysis, ch. 8'),
      ],
      warnings: [
        ...(emptyCells > 0
          ? [`${emptyCells} of the cells are empty: the interaction is told of the others only.`]
          : []),
        'Takes equal spread and independent stations for granted.',
      ],
    };
  },
});
