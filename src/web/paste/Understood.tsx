import { Box, chakra, Flex } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';
import { minutesWords } from '../../core/practical';
import type { FormulaLine, RecipeStep } from '../../core/recipe';
import { RowShell } from './RowShell';
import type { Reading } from './use-reading';

const rounded = (value: number) => formatNumber(Number(value.toPrecision(4)));
/** Grams as a balance would show them. */
const grams = (value: number) => formatNumber(value >= 20 ? Math.round(value) : Number(value.toPrecision(2)));

/** “140–150 ml”, “2”, “to taste”. */
function amountWords({
  amount,
  amountHigh,
  unit,
}: Pick<FormulaLine, 'amount' | 'amountHigh' | 'unit'>): string {
  if (amount === null) return unit === 'to-taste' ? 'to taste' : '';
  const number = `${fractionWords(amount)}${amountHigh === null ? '' : `–${fractionWords(amountHigh)}`}`;
  return unit === 'each' ? number : `${number} ${unit === 'floz' ? 'fl oz' : unit}`;
}

const fractions: readonly (readonly [number, string])[] = [
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
];

/** Kitchen fractions as they are written; anything else as a number. */
function fractionWords(value: number): string {
  const whole = Math.floor(value + 1e-9);
  const part = fractions.find(([share]) => Math.abs(value - whole - share) < 0.002);
  if (!part || whole > 20) return rounded(value);
  return `${whole === 0 ? '' : whole}${part[1]}`;
}

const massWords = ({ mass }: FormulaLine) => {
  if (!mass) return '';
  const wide = mass.high / Math.max(mass.low, 1e-9) > 1.5;
  return `${wide ? 'about ' : ''}${grams(mass.usual)} g`;
};

/** What was understood: the formula line by line, then the method. */
export function Understood({ reading }: { reading: Reading }) {
  const { now } = reading;
  const open = now.open.map(({ contradiction }) => contradiction);
  return (
    <>
      {now.formula.length === 0 && <Nothing>No ingredient was found.</Nothing>}
      {now.formula.map((line) => (
        <FormulaRow
          key={line.was ?? line.name}
          line={line}
          reading={reading}
          contested={contradictionOf(line, open)}
        />
      ))}
      <Box h="5" />
      {now.steps.length === 0 && <Nothing>No step was found.</Nothing>}
      {now.steps.map((step, i) => (
        <StepRow
          key={step.was}
          step={step}
          number={i + 1}
          reading={reading}
          contested={stepContradiction(step, open)}
        />
      ))}
    </>
  );
}

const Nothing = ({ children }: { children: string }) => (
  <Box color="soft" py="2">
    {children}
  </Box>
);

type Open = Reading['now']['open'][number]['contradiction'][];

const contradictionOf = (line: FormulaLine, open: Open) =>
  open.some(
    ({ kind, text }) =>
      ['amount', 'sachet', 'unused'].includes(kind) && text.toLowerCase().startsWith(line.name.toLowerCase()),
  );

const stepContradiction = (step: RecipeStep, open: Open) =>
  open.some(
    ({ kind, answers, lines }) =>
      ['temperature', 'time', 'portions', 'unlisted'].includes(kind) &&
      lines.includes(step.line) &&
      (kind === 'temperature'
        ? step.temperatures.length > 0
        : kind === 'time'
          ? step.minutesLow !== null
          : answers.length > 0 &&
            (kind !== 'unlisted' ||
              answers.some((one) => one.does === 'add' && step.text.toLowerCase().includes(one.name)))),
  );

interface FormulaRowProps {
  line: Reading['now']['formula'][number];
  reading: Reading;
  contested: boolean;
}

function FormulaRow({ line, reading, contested }: FormulaRowProps) {
  const was = line.was;
  const unsure = was !== null && reading.now.doubtful.includes(was);
  const said = [amountWords(line), line.name, line.state].filter((one) => one !== '').join(' ');
  const why = unsure ? line.doubts.join('; ') : '';
  const small = [
    line.size,
    line.state,
    line.optional ? 'optional' : '',
    line.section === '' ? '' : `for the ${line.section}`,
    line.note,
  ]
    .filter((one) => one !== '')
    .join(', ');
  return (
    <RowShell
      id={`ingredient-${was ?? `added-${line.name}`}`}
      label={`${said}${line.mass ? `, ${massWords(line)}` : ''}${why === '' ? '' : `; not sure: ${why}`}${contested ? '; contradicts' : ''}`}
      columns="8.5rem 1fr 6.5rem 1rem"
      typed={line.text}
      doubt={contested ? 'contradicts' : unsure ? 'unsure' : null}
      most={200}
      onAccept={was === null ? undefined : () => reading.acceptLine(was)}
      onType={(typed) => was !== null && reading.typeLine(was, typed)}
    >
      <Box textAlign="right" fontWeight="bold">
        {amountWords(line)}
      </Box>
      <Box minW="0">
        {line.name}
        {small !== '' && <Small>{small}</Small>}
        {why !== '' && <Small color="amberInk">{why}</Small>}
      </Box>
      <Box textAlign="right" color="soft">
        {massWords(line)}
      </Box>
      <Box fontWeight="bold" color={contested ? 'ember' : 'amberInk'} aria-hidden>
        {contested ? '!' : unsure ? '?' : ''}
      </Box>
    </RowShell>
  );
}

const Small = chakra('span', { base: { color: 'soft', fontSize: 'sm', ml: '2' } });

interface StepRowProps {
  step: Reading['now']['steps'][number];
  number: number;
  reading: Reading;
  contested: boolean;
}

function StepRow({ step, number, reading, contested }: StepRowProps) {
  const was = step.was!;
  const uses = step.uses.map((i) => reading.now.formula[i]?.name).filter((name) => name !== undefined);
  const time = minutesWords({ minutes: step.minutesLow, minutesTo: step.minutesHigh, per: step.per });
  return (
    <RowShell
      id={`step-${was}`}
      label={`Step ${number}: ${step.text}${time === '' ? '' : `, ${time}`}${contested ? '; contradicts' : ''}`}
      columns="1.6rem 1fr 7.5rem"
      typed={step.text}
      doubt={contested ? 'contradicts' : null}
      most={1200}
      onType={(typed) => reading.typeStep(was, typed)}
    >
      <Box fontWeight="bold" textAlign="right">
        {number}
      </Box>
      <Box minW="0">
        {step.text}
        {uses.length > 0 && (
          <Box fontSize="sm" color="soft">
            {uses.join(', ')}
          </Box>
        )}
      </Box>
      <Flex direction="column" align="flex-end" color="soft">
        {time !== '' && <span>{time}</span>}
        {step.celsius !== null && <span>{formatNumber(step.celsius)} °C</span>}
      </Flex>
    </RowShell>
  );
}
