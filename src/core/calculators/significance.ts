import { familywiseKinds, simulateFamilywise } from '../inference';
import {
  dunnettTest,
  friedmanTest,
  grubbsTest,
  kruskalWallis,
  meanOf,
  oneWayAnova,
  spearmanCorrelation,
  tukeyHsd,
  welchTest,
} from '../statistics';
import type { Source } from '../working';
import { defineCalculator } from './definition';

const groupsInput = {
  kind: 'groups',
  least: 2,
  leastEach: 1,
  about: 'values of each level by its name',
} as const;
const exampleGroups = { '140 °C': [1.2, 1.5, 1.4], '145 °C': [3.6, 2.7, 3.4], '150 °C': [4.2, 3.9, 3.8] };
const handbook = (text: string): Source => ({ kind: 'handbook', text });
export const told = (p: number, otherwise = 'they can’t be told apart') => ({
  text:
    p < 0.05
      ? 'chance alone makes this in fewer than 1 of 20 classes'
      : `chance alone makes this often enough: ${otherwise}`,
});
const methodWords = {
  exact: 'exact: every way to deal the ranks counted, with the ties there are',
  permutation: 'by 19 999 shuffles, the same every time',
  'chi-square': 'by the chi-square approximation',
  t: 'by Student’s t on n − 2 degrees of freedom',
} as const;

export const oneWayAnovaCalculator = defineCalculator({
  id: 'one-way-anova',
  title: 'Do several levels differ?',
  keywords: 'anova analysis of variance f test levels means compare',
  example: { groups: exampleGroups },
  inputs: { groups: groupsInput },
  compute({ groups }) {
    const { f, dfBetween, dfWithin, p, squaresBetween, squaresWithin, pooledSd } = oneWayAnova(groups);
    return {
      result: { f, dfBetween, dfWithin, p },
      working: [
        ...Object.entries(groups).map(([name, values]) => ({
          text: `mean of ${name}`,
          value: meanOf(values),
        })),
        { text: 'sum of squares between the levels', value: squaresBetween },
        { text: 'sum of squares within them', value: squaresWithin },
        { text: 'F = (between / df) / (within / df)', value: f },
        { text: 'spread within levels, pooled', value: pooledSd },
        told(p),
      ],
      sources: [handbook('One-way analysis of variance; NIST/SEMATECH e-Handbook 7.4.3')],
      warnings: ['Takes equal spread and independent stations for granted.'],
    };
  },
});

export const tukeyHsdCalculator = defineCalculator({
  id: 'tukey-hsd',
  title: 'Which levels differ?',
  keywords: 'tukey pairs compare post hoc multiple levels',
  example: { groups: exampleGroups },
  inputs: { groups: groupsInput },
  compute({ groups }) {
    const pairs = tukeyHsd(groups);
    return {
      result: { pairs: pairs.map((pair) => ({ ...pair })) },
      working: [
        { text: 'interval = difference ± q × pooled SD × √((1/nₐ + 1/n_b)/2), one error rate for all pairs' },
        ...pairs.map(({ a, b, difference, p }) => ({
          text: `${b} − ${a}: p = ${p.toFixed(4)}`,
          value: difference,
        })),
      ],
      sources: [handbook('Tukey’s HSD, Kramer for unequal groups; NIST/SEMATECH e-Handbook 7.4.7.1')],
    };
  },
});

export const dunnett = defineCalculator({
  id: 'dunnett',
  title: 'Which levels differ from the control?',
  keywords: 'dunnett control compare levels many to one',
  example: {
    control: [4.2, 3.9, 3.8],
    groups: { 'citric acid': [3.6, 2.7, 3.4], 'ascorbic acid': [1.2, 1.5, 1.4] },
  },
  inputs: {
    control: { kind: 'numbers', least: 1, about: 'values of the control' },
    groups: { kind: 'groups', least: 1, leastEach: 1, about: 'values of each other level by its name' },
  },
  compute({ control, groups }) {
    const pairs = dunnettTest(control, groups);
    return {
      result: { pairs: pairs.map((pair) => ({ ...pair })) },
      working: [
        { text: 'mean of the control', value: meanOf(control) },
        { text: 'interval = difference ± d × pooled SD × √(1/n + 1/n₀), one error rate for all comparisons' },
        ...pairs.map(({ name, difference, p }) => ({
          text: `${name} − control: p = ${p.toFixed(4)}`,
          value: difference,
        })),
      ],
      sources: [
        { kind: 'paper', text: 'Dunnett, J. Am. Stat. Assoc. 50 (1955) 1096; Biometrics 20 (1964) 482' },
      ],
      warnings: ['Takes equal spread and independent stations for granted.'],
    };
  },
});

export const familywise = defineCalculator({
  id: 'familywise',
  title: 'How often a class in which nothing differs says it does',
  keywords: 'familywise error false positive multiple comparisons simulation',
  example: { design: { levels: 4, replicates: 3 }, kind: 'continuous', classes: 500, seed: 1 },
  inputs: {
    design: {
      kind: 'record',
      fields: {
        levels: { kind: 'number', unit: '', low: 2, high: 12, whole: true, about: 'levels' },
        replicates: { kind: 'number', unit: '', low: 2, high: 12, whole: true, about: 'stations a level' },
      },
      about: 'levels and stations a level',
    },
    kind: {
      kind: 'choice',
      options: familywiseKinds,
      about: 'measured, read to a coarse division, or scored 1 to 5',
    },
    classes: { kind: 'number', unit: '', low: 1, high: 20_000, whole: true, about: 'simulated classes' },
    seed: { kind: 'number', unit: '', low: 0, high: 1e9, whole: true, about: 'where the dice begin' },
  },
  compute({ design, kind, classes, seed }) {
    const { falsePercent, pairsPercent, controlPercent, trendPercent } = simulateFamilywise(
      design,
      kind,
      classes,
      seed,
    );
    return {
      result: { falsePercent, pairsPercent, controlPercent, trendPercent },
      working: [
        { text: 'classes in which nothing differs', value: classes },
        { text: 'said “higher” or “lower” of some pair', value: pairsPercent, unit: '%' },
        { text: 'said it of some level and the control', value: controlPercent, unit: '%' },
        { text: 'said “rose” or “fell”', value: trendPercent, unit: '%' },
      ],
      sources: [{ kind: 'common-practice', text: 'Simulated classes, judged as the results page judges' }],
      warnings: classes < 2000 ? ['Few classes: the figure itself is uncertain by a percent or more.'] : [],
    };
  },
});

export const welchT = defineCalculator({
  id: 'welch-t',
  title: 'Do two levels differ?',
  keywords: 't test student welch two means compare',
  example: { a: [4.2, 3.9, 3.8], b: [3.6, 2.7, 3.4] },
  inputs: {
    a: { kind: 'numbers', least: 2, about: 'values of one' },
    b: { kind: 'numbers', least: 2, about: 'values of the other' },
  },
  compute({ a, b }) {
    const { t, df, p, difference, ci95 } = welchTest(a, b);
    return {
      result: { t, df, p, difference, ci95 },
      working: [
        { text: 'mean of a − mean of b', value: difference },
        { text: 't = difference / √(s²ₐ/nₐ + s²_b/n_b)', value: t },
        { text: 'degrees of freedom by Welch', value: df },
        told(p),
      ],
      sources: [{ kind: 'paper', text: 'Welch, Biometrika 34 (1947) 28' }],
      warnings: a.length < 4 || b.length < 4 ? ['Few values: only large differences are found.'] : [],
    };
  },
});

export const kruskalWallisCalculator = defineCalculator({
  id: 'kruskal-wallis',
  title: 'Do several levels differ, by ranks?',
  keywords: 'rank test scores ordinal levels kruskal',
  example: { groups: exampleGroups },
  inputs: { groups: groupsInput },
  compute({ groups }) {
    const { h, df, p, method } = kruskalWallis(groups);
    return {
      result: { h, df, p, method },
      working: [
        {
          text: 'all values ranked together; H from the rank sums of the levels, corrected for ties',
          value: h,
        },
        { text: 'degrees of freedom', value: df },
        { text: `p ${methodWords[method]}`, value: p },
        told(p),
      ],
      sources: [{ kind: 'paper', text: 'Kruskal and Wallis, J. Am. Stat. Assoc. 47 (1952) 583' }],
    };
  },
});

export const friedman = defineCalculator({
  id: 'friedman',
  title: 'Do assessors rank alike?',
  keywords: 'ranking sensory panel assessors friedman preference',
  example: {
    ranks: [
      [1, 2, 3],
      [1, 3, 2],
      [2, 1, 3],
      [1, 2, 3],
    ],
  },
  inputs: {
    ranks: { kind: 'rows', least: 2, leastEach: 2, about: 'one row an assessor, one column a sample' },
  },
  compute({ ranks }) {
    const { chi2, df, p, rankSums, method } = friedmanTest(ranks);
    return {
      result: { chi2, df, p, method },
      working: [
        ...rankSums.map((sum, i) => ({ text: `rank sum of sample ${i + 1}`, value: sum })),
        { text: 'χ² = 12 Σ(R − mean)² / (n k (k + 1)), corrected for ties', value: chi2 },
        { text: `p ${methodWords[method]}`, value: p },
        told(p, 'the samples can’t be told apart'),
      ],
      sources: [{ kind: 'standard', text: 'ISO 8587:2006, ranking; Friedman (1937)' }],
    };
  },
});

export const spearman = defineCalculator({
  id: 'spearman',
  title: 'Do two things rise together?',
  keywords: 'correlation rank spearman monotone together',
  example: { x: [1, 2, 3, 4, 5, 6], y: [2, 1, 4, 3, 6, 5] },
  inputs: {
    x: { kind: 'numbers', least: 3, about: 'one' },
    y: { kind: 'numbers', least: 3, about: 'the other, as many' },
  },
  compute({ x, y }) {
    const { rho, p, method } = spearmanCorrelation(x, y);
    return {
      result: { rho, p, method },
      working: [
        { text: 'correlation of the ranks', value: rho },
        { text: `p ${methodWords[method]}`, value: p },
        told(p, 'no relation can be told'),
      ],
      sources: [handbook('Spearman’s rank correlation; exact p up to ten pairs, then Student’s t on n − 2')],
      warnings: ['That two things rise together does not say that one makes the other.'],
    };
  },
});

export const grubbs = defineCalculator({
  id: 'grubbs',
  title: 'Does one value not belong?',
  keywords: 'outlier wild value reject grubbs',
  example: { values: [4.1, 4.3, 3.9, 4.2, 6.8] },
  inputs: { values: { kind: 'numbers', least: 3, about: 'the repeats' } },
  compute({ values }) {
    const { outlier, g, critical, farthest } = grubbsTest(values);
    return {
      result: { outlier, g, critical },
      working: [
        { text: 'farthest from the mean', value: farthest },
        { text: 'G = its distance / SD', value: g },
        { text: 'critical G, two-sided 5 %', value: critical },
        {
          text:
            outlier === null ? 'it belongs with the others' : 'look into it: what went differently there?',
        },
      ],
      sources: [{ kind: 'handbook', text: 'Grubbs (1969); NIST/SEMATECH e-Handbook 1.3.5.17.1' }],
      warnings: ['An outlier is a question, not a reason to throw a value away.'],
    };
  },
});
