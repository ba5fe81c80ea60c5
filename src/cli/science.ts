import { allowedFor, calculators, runCalculator } from '../core/calculators';
import { formatNumber } from '../core/format';
import { tables, type Cell } from '../core/shelf';
import { tradeFacts } from '../core/simulation';
import type { Source } from '../core/working';

/*
 * The science of the program as a document, made from the registry, the tables and the comparison of the models with the
 * trade: it says what the program does, because the program says it.
 */

const kinds: Record<Source['kind'], string> = {
  standard: 'standard',
  handbook: 'handbook',
  paper: 'paper',
  'common-practice': 'common practice',
  'from-memory': 'from memory',
};

const sourceLine = ({ kind, text }: Source) => `*${kinds[kind]}*: ${text}`;
const cellOfTable = (text: string) => text.replaceAll('|', '\\|').replaceAll('\n', ' ');
const row = (...cells: string[]) => `| ${cells.map(cellOfTable).join(' | ')} |`;

function calculatorPart(): string[] {
  return calculators.flatMap((calculator) => {
    const { id, title, inputs, example } = calculator;
    const { result, working, sources, warnings } = runCalculator(id, example);
    return [
      `### ${title}`,
      '',
      `\`${id}\` answers with ${Object.keys(result)
        .map((key) => `\`${key}\``)
        .join(', ')}.`,
      '',
      row('input', 'what', 'allowed'),
      row('---', '---', '---'),
      ...Object.entries(inputs).map(([name, spec]) =>
        row(`\`${name}\`${spec.optional ? '?' : ''}`, spec.about, allowedFor(spec)),
      ),
      '',
      `Example: \`${JSON.stringify(example)}\``,
      '',
      ...working.map(
        ({ text, value, unit }) =>
          `- ${text}${value === undefined ? '' : `: ${formatNumber(Number(value.toPrecision(4)))}${unit ? ` ${unit}` : ''}`}`,
      ),
      '',
      ...warnings.map((warning) => `> ${warning}`),
      ...(warnings.length > 0 ? [''] : []),
      `Sources: ${sources.map(sourceLine).join('; ')}.`,
      '',
    ];
  });
}

const cellWords = ({ text, value, high, unit }: Cell) =>
  value === undefined
    ? (text ?? '')
    : `${formatNumber(value)}${high === undefined ? '' : ` to ${formatNumber(high)}`} ${unit ?? ''}${text ? ` ${text}` : ''}`.trim();

function tablePart(): string[] {
  return tables.flatMap((table) => [
    `### ${table.title}`,
    '',
    row('', ...table.columns),
    row('---', ...table.columns.map(() => '---')),
    ...table.rows(null).map((one) => row(one.name, ...one.cells.map(cellWords))),
    '',
    ...(table.note ? [table.note, ''] : []),
    `Sources: ${table.sources.map(sourceLine).join('; ')}.`,
    '',
  ]);
}

function factPart(): string[] {
  return [
    row('fact of the trade', 'practice', 'model', 'inside', 'assumed, and why it misses'),
    row('---', '---', '---', '---', '---'),
    ...tradeFacts().map(({ fact, practice, model, unit, low, high, tolerance, note }) => {
      const off = model < low ? model - low : model > high ? model - high : 0;
      const inside =
        off === 0
          ? 'yes'
          : `off by ${formatNumber(Math.abs(off), 1)} ${unit}; ${formatNumber(tolerance)} allowed`;
      return row(fact, practice, `${formatNumber(model, 1)} ${unit}`, inside, note);
    }),
    '',
  ];
}

/** The whole document, Markdown. */
export function scienceDocument(): string {
  return [
    '# The science',
    '',
    'Made by `npm run docs` from the registry of calculators, the tables of the shelf and the simulations; do not edit it.',
    'What was checked against what stands in [checks.md](checks.md).',
    '',
    '## The models beside the facts of the trade',
    '',
    ...factPart(),
    '## Calculators',
    '',
    ...calculatorPart(),
    '## Tables',
    '',
    'As at sea level; in the program those that depend on the boiling point follow the room.',
    '',
    ...tablePart(),
  ]
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trimEnd()
    .concat('\n');
}
