import { describe, expect, it } from 'vitest';
import { linesOf } from './testing/answers';

const rare = 'chance alone makes this in fewer than 1 of 20 classes';
const often = 'chance alone makes this often enough: they can’t be told apart';

/** Whole workings again, of the statistics: small numbers, worked out on paper. */
const worked: [id: string, inputs: object, lines: (string | RegExp)[]][] = [
  // Mean 5.25, squares 10.5625 + 1.5625 + 0.5625 + 14.0625 = 26.75; t of 3 is 3.182: 3.182 × 1.493 = 4.752.
  [
    'describe',
    { values: [2, 4, 6, 9] },
    [
      'mean = Σx / n | 5.25',
      /^SD = .* \| 2\.986$/,
      'SEM = SD / √n | 1.493',
      'interval = mean ± t(n − 1) × SEM, half of it | 4.752',
    ],
  ],
  [
    'describe',
    { values: [2.5, 2.5] },
    [
      'mean = Σx / n | 2.5',
      /^SD = .* \| 0$/,
      'SEM = SD / √n | 0',
      'all read the same: interval = mean ± half the last digit | 0.05',
    ],
  ],
  // Sxx 5, Sxy 11; residuals 0.3, 0.1, −1.1, 0.7: √(1.8 / 2) = 0.9487.
  [
    'linear-fit',
    { x: [0, 1, 2, 3], y: [1, 3, 4, 8] },
    [
      /^y = intercept/,
      /^slope = .* \| 2\.2$/,
      'intercept = ȳ − slope × x̄ | 0.7',
      'residual SD on n − 2 degrees of freedom | 0.9487',
    ],
  ],
  // Means 2, 4, 7 about 13/3: 3 × (49 + 1 + 64)/9 = 38; within 2 + 2 + 14 = 18; (38/2)/(18/6) = 6.333.
  // F(0.05; 2, 6) is 5.14 in the tables.
  [
    'one-way-anova',
    { groups: { a: [1, 2, 3], b: [3, 4, 5], c: [5, 6, 10] } },
    [
      'mean of a | 2',
      'mean of b | 4',
      'mean of c | 7',
      'sum of squares between the levels | 38',
      'sum of squares within them | 18',
      'F = (between / df) / (within / df) | 6.333',
      'spread within levels, pooled | 1.732',
      rare,
    ],
  ],
  [
    'one-way-anova',
    { groups: { a: [1, 2, 3], b: [2, 3, 4] } },
    [
      'mean of a | 2',
      'mean of b | 3',
      'sum of squares between the levels | 1.5',
      'sum of squares within them | 4',
      'F = (between / df) / (within / df) | 1.5',
      'spread within levels, pooled | 1',
      often,
    ],
  ],
  [
    'tukey-hsd',
    { groups: { a: [1, 2, 3], b: [2, 3, 4] } },
    // With two groups Tukey is Student: t = 1.2247 on 4, p = 0.2879.
    [/one error rate for all pairs$/, 'b − a: p = 0.2879 | 1'],
  ],
  [
    'dunnett',
    { control: [1, 2, 3], groups: { a: [2, 3, 4] } },
    ['mean of the control | 2', /one error rate for all comparisons$/, 'a − control: p = 0.2879 | 1'],
  ],
  // s² 1 and 13: √(14/3) = 2.160; −5/2.160; (14/3)²/((1/9 + 169/9)/2) = 2.306.
  [
    'welch-t',
    { a: [1, 2, 3], b: [4, 6, 11] },
    ['mean of a − mean of b | -5', /^t = .* \| -2\.315$/, 'degrees of freedom by Welch | 2.306', often],
  ],
  // Ranks 1 to 3 against 4 to 6: 12/42 × (36 + 225)/3 − 21 = 3.857; two of the 20 deals are as far apart.
  [
    'kruskal-wallis',
    { groups: { a: [1, 2, 3], b: [4, 5, 6] } },
    [
      /corrected for ties \| 3\.857$/,
      'degrees of freedom | 1',
      'p exact: every way to deal the ranks counted, with the ties there are | 0.1',
      often,
    ],
  ],
  // Friedman’s table: rank sums 4, 9, 11 of four rows, χ² 6.5, p 0.042.
  [
    'friedman',
    {
      ranks: [
        [1, 2, 3],
        [1, 2, 3],
        [1, 3, 2],
        [1, 2, 3],
      ],
    },
    [
      'rank sum of sample 1 | 4',
      'rank sum of sample 2 | 9',
      'rank sum of sample 3 | 11',
      /^χ² = .* \| 6\.5$/,
      'p exact: every way to deal the ranks counted, with the ties there are | 0.04167',
      rare,
    ],
  ],
  [
    'friedman',
    {
      ranks: [
        [1, 2],
        [2, 1],
      ],
    },
    [
      'rank sum of sample 1 | 3',
      'rank sum of sample 2 | 3',
      /^χ² = .* \| 0$/,
      /^p exact/,
      'chance alone makes this often enough: the samples can’t be told apart',
    ],
  ],
  // 16 of the 120 orders of five are as far from none as 0.8.
  [
    'spearman',
    { x: [1, 2, 3, 4, 5], y: [2, 1, 4, 3, 5] },
    [
      'correlation of the ranks | 0.8',
      'p exact: every way to deal the ranks counted, with the ties there are | 0.1333',
      'chance alone makes this often enough: no relation can be told',
    ],
  ],
  // NIST/SEMATECH e-Handbook 1.3.5.17.1: G = 2.4687, critical 2.1266 two-sided for n = 8 (tables).
  [
    'grubbs',
    { values: [199.31, 199.53, 200.19, 200.82, 201.92, 201.95, 202.18, 245.57] },
    [
      'farthest from the mean | 245.6',
      'G = its distance / SD | 2.469',
      'critical G, two-sided 5 % | 2.127',
      'look into it: what went differently there?',
    ],
  ],
  [
    'grubbs',
    { values: [1, 2, 4] },
    // (4 − 7/3) / 1.5275 = 1.091; the table’s 1.155 for three.
    [
      'farthest from the mean | 4',
      'G = its distance / SD | 1.091',
      /^critical G, two-sided 5 % \| 1\.15[45]$/,
      'it belongs with the others',
    ],
  ],
  // ISO 4120, table A.1: 8 of 12 needed for 5 %, probability 0.0188.
  [
    'triangle-test',
    { correct: 8, trials: 12 },
    [
      'guessing is right one time in three',
      'P(8 or more of 12 by guessing) | 0.01876',
      'right answers needed for 5 % | 8',
    ],
  ],
  // (1/3)² = 0.1111: two assessors cannot show it.
  [
    'triangle-test',
    { correct: 2, trials: 2 },
    [
      'guessing is right one time in three',
      'P(2 or more of 2 by guessing) | 0.1111',
      'so few that even all right would not do',
    ],
  ],
  // Wilson 1927: (0.75 + z²/40 ± z √(0.1875/20 + z²/1600)) / (1 + z²/20).
  [
    'paired-preference',
    { preferA: 15, trials: 20 },
    [
      /one time in two$/,
      'P(as uneven as 15 of 20, either way) | 0.04139',
      'who prefer A | 75 %',
      '95 % interval of that (Wilson), from | 53.13 %',
      'to | 88.81 %',
    ],
  ],
  // 0.5/(2√3), 0.4/2, 0.6/√4: 0.3884; 0.3884⁴/(0.3⁴/3) = 8.426; t of 8.426 degrees (stdlib) 2.286 × 0.3884.
  [
    'uncertainty',
    { division: 0.5, calibration: 0.4, sd: 0.6, repeats: 4 },
    [
      'resolution: division / (2 √3) | 0.1443',
      'calibration / 2 | 0.2',
      'repeats: SD / √n | 0.3',
      'in quadrature | 0.3884',
      /^effective degrees of freedom .* \| 8\.426$/,
      'coverage factor: t for 95 % on those | 2.286',
      'standard × coverage factor: 95 % | 0.8878',
    ],
  ],
  [
    'uncertainty',
    { division: 0 },
    [
      'resolution: division / (2 √3) | 0',
      'calibration / 2 | 0',
      'repeats: SD / √n | 0',
      'in quadrature | 0',
      /^coverage factor/,
      'standard × coverage factor: 95 % | 0',
    ],
  ],
  [
    'design-power',
    { sd: 1, replicates: 17, levels: 2 },
    // Cohen 1988, table 2.4.1: 17 a group show one SD with 80 %; with two levels Tukey is Student.
    [
      'degrees of freedom = levels × (replicates − 1) | 32',
      /^one pair of levels, .* \| 0\.99\d+$/,
      /^any pair, .* \| 0\.99\d+$/,
    ],
  ],
  ['serving-orders', { samples: 4, assessors: 4 }, [/^Williams’s squares/, 'assessors for a full round | 4']],
  [
    'serving-orders',
    { samples: 5, assessors: 4 },
    [/^Williams’s squares/, 'assessors for a full round | 10'],
  ],
];

describe('the working of statistics, every line by hand', () => {
  it.each(worked)('%s %j', (id, inputs, wanted) => {
    expect(linesOf(id, inputs)).toEqual(
      wanted.map((line) => (typeof line === 'string' ? line : (expect.stringMatching(line) as string))),
    );
  });
});
