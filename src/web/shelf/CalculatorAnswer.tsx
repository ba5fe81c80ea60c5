import { Box, chakra, Flex, Heading } from '@chakra-ui/react';
import { useId, useState } from 'react';
import { RefusedValue } from '../../core/bounds';
import {
  allowedFor,
  runCalculator,
  type Calculator,
  type CalculatorAnswer as Answer,
  type InputSpec,
} from '../../core/calculators';
import { WorkingLines } from '../ui/WorkingPopover';
import { textOf, textShape, valueOf } from './input-text';
import { resultLabel } from './result-label';
import { CalculatorResults } from './CalculatorResults';

interface CalculatorAnswerProps {
  calculator: Calculator;
  /** What the question or the room already said. */
  given: Record<string, unknown>;
  uses: string | null;
  onUse(text: string): void;
}

/** A calculator: its inputs as they are typed, its answer in both unit worlds, its working. */
export function CalculatorAnswer({ calculator, given, uses, onUse }: CalculatorAnswerProps) {
  const { id, title, inputs } = calculator;
  const [typed, setTyped] = useState<Record<string, string>>(() => startingText(calculator, given));
  const values: Record<string, unknown> = {};
  for (const [name, spec] of Object.entries(inputs)) {
    const value = valueOf(spec, typed[name] ?? '');
    if (
      value !== undefined &&
      !(spec.kind === 'records' && spec.optional && (value as unknown[]).length === 0)
    ) {
      values[name] = value;
    }
  }
  const { answer, refused } = tried(id, values);
  const at = refused?.field.split(/[.[]/)[0];
  return (
    <>
      <Heading as="h2" fontFamily="heading" fontSize="2xl" fontWeight="semibold">
        {title}
      </Heading>
      {answer && <CalculatorResults answer={answer} uses={uses} onUse={onUse} />}
      <Box
        mt="4"
        display="grid"
        gridTemplateColumns="repeat(auto-fill, minmax(200px, 1fr))"
        columnGap="5"
        rowGap="3"
      >
        {Object.entries(inputs).map(([name, spec]) => (
          <InputLine
            key={name}
            name={name}
            spec={spec}
            text={typed[name] ?? ''}
            refused={at === name ? refused : undefined}
            onText={(text) => setTyped((was) => ({ ...was, [name]: text }))}
          />
        ))}
      </Box>
      {refused && !(at! in inputs) && (
        <Box role="alert" mt="3" color="ember" fontWeight="medium">
          {refused.message}
        </Box>
      )}
      {answer && (
        <Box mt="5">
          {answer.warnings.map((warning) => (
            <Box key={warning} fontSize="sm" mb="1.5" pl="3" borderLeftWidth="3px" borderColor="amber">
              {warning}
            </Box>
          ))}
          <Heading as="h3" fontFamily="heading" fontSize="md" fontWeight="semibold" mt="4" mb="1">
            Working
          </Heading>
          <WorkingLines working={{ lines: answer.working, sources: answer.sources }} />
        </Box>
      )}
    </>
  );
}

/** What stands in the fields at first: what was asked, where one is, and the rest of the example. */
function startingText(
  { inputs, example, oneOf }: Calculator,
  given: Record<string, unknown>,
): Record<string, string> {
  const choices = new Set(oneOf);
  const placed = ['altitudeM', 'localBoilingC'];
  const answered = [...choices].some((name) => name in given) || placed.some((name) => name in given);
  return Object.fromEntries(
    Object.entries(inputs).map(([name, spec]) => {
      const alternative = answered && (choices.has(name) || placed.includes(name));
      const value =
        name in given
          ? given[name]
          : alternative
            ? undefined
            : (example[name] ?? ('fallback' in spec ? rounded(spec.fallback) : undefined));
      return [name, textOf(spec, value)];
    }),
  );
}

/** A default as it is read: a cup of 236.588 ml, not of 236.5882365. */
const rounded = (value: number | string | undefined) =>
  typeof value === 'number' ? Number(value.toPrecision(6)) : value;

function tried(id: string, values: Record<string, unknown>): { answer?: Answer; refused?: RefusedValue } {
  try {
    return { answer: runCalculator(id, values) };
  } catch (error) {
    if (error instanceof RefusedValue) return { refused: error };
    throw error;
  }
}

const look = {
  w: '100%',
  bg: 'sheet',
  borderWidth: '1px',
  borderColor: 'strongRule',
  borderRadius: '6px',
  px: '2.5',
  minH: '40px',
  '&[aria-invalid=true]': { borderColor: 'ember', borderWidth: '2px' },
} as const;
const Line = chakra('input', { base: look });
const Lines = chakra('textarea', { base: { ...look, py: '2' } });
const Choices = chakra('select', { base: look });

interface InputLineProps {
  name: string;
  spec: InputSpec;
  text: string;
  refused: RefusedValue | undefined;
  onText(text: string): void;
}

function InputLine({ name, spec, text, refused, onText }: InputLineProps) {
  const id = useId();
  const { label, unit } = resultLabel(name);
  const { lines, hint } = textShape(spec);
  const empty = text.trim() === '';
  // An input that may be left out and is left out is no mistake; one that is missing says what belongs there.
  const say = refused
    ? `${empty ? `${label} is empty` : refused.message.replace(/; allowed: .*/, '')}; allowed: ${refused.allowed}`
    : hint;
  const shared = {
    id,
    value: text,
    'aria-invalid': refused !== undefined,
    'aria-describedby': `${id}-say`,
  };
  return (
    <Flex direction="column" justify="flex-end" gridColumn={lines > 1 ? '1 / -1' : undefined}>
      <Box asChild display="block" fontWeight="semibold" fontSize="sm" title={allowedFor(spec)}>
        <label htmlFor={id}>
          {label}
          {'unit' in spec && spec.unit ? `, ${spec.unit}` : unit && spec.kind !== 'number' ? `, ${unit}` : ''}
        </label>
      </Box>
      <Box fontSize="xs" color="soft" lineHeight="1.25" mb="1" lineClamp={2}>
        {spec.about}
      </Box>
      {spec.kind === 'choice' || spec.kind === 'flag' ? (
        <Choices {...shared} onChange={(event) => onText(event.target.value)}>
          {(spec.kind === 'flag' ? ['true', 'false'] : spec.options).map((option) => (
            <option key={option}>{option}</option>
          ))}
        </Choices>
      ) : lines > 1 ? (
        <Lines {...shared} rows={lines} onChange={(event) => onText(event.target.value)} />
      ) : (
        <Line {...shared} autoComplete="off" onChange={(event) => onText(event.target.value)} />
      )}
      <Box
        id={`${id}-say`}
        role={refused ? 'alert' : undefined}
        fontSize="xs"
        mt="0.5"
        minH={lines > 1 ? undefined : '1.25em'}
        color={refused ? 'ember' : 'soft'}
        fontWeight={refused ? 'medium' : 'normal'}
      >
        {say}
      </Box>
    </Flex>
  );
}
