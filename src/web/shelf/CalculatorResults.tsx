import { Box, Flex } from '@chakra-ui/react';
import type { CalculatorAnswer } from '../../core/calculators';
import { formatNumber, formatSignificant } from '../../core/format';
import { otherWorld } from '../../core/shelf';
import { resultLabel, resultText } from './result-label';
import { UseButton } from './UseButton';

interface CalculatorResultsProps {
  answer: CalculatorAnswer;
  /** The field a value would go into; null where there is none. */
  uses: string | null;
  onUse(text: string): void;
}

/** What a calculator answers, in both unit worlds, ids and verdicts in words. */
export function CalculatorResults({ answer, uses, onUse }: CalculatorResultsProps) {
  // Where there is an answer in words, its yes-or-no twin and ids say nothing more.
  const entries = Object.entries(answer.result).filter(
    ([key, value]) =>
      !('verdict' in answer.result && (key === 'safe' || key === 'passes')) &&
      !(key === 'item' && value !== null),
  );
  const main = entries.findIndex(([, value]) => typeof value === 'number');
  return (
    <Box mt="2" role="status">
      {entries.map(([key, value], i) => {
        const { label, unit } = resultLabel(key, value);
        const unitHere = key === 'amount' || key === 'low' || key === 'high' ? amountUnit(answer) : unit;
        return (
          <Flex key={key} gap="4" py="1.5" borderTopWidth="1px" borderColor="rule" align="baseline">
            <Box color="soft" w="9.5rem" flexShrink={0}>
              {label}
            </Box>
            <Box flex="1" minW="0">
              {typeof value === 'number' ? (
                <>
                  <Box as="span" fontSize={i === main ? '2xl' : 'lg'} fontWeight="bold">
                    {resultText(key, value)}
                  </Box>{' '}
                  {unitHere}
                  {otherWorld(value, unitHere) && (
                    <Box as="span" color="soft">
                      {' '}
                      ({otherWorld(value, unitHere)})
                    </Box>
                  )}
                </>
              ) : (
                <ResultWords value={value} />
              )}
            </Box>
            {typeof value === 'number' && (
              <UseButton
                text={formatNumber(Number(value.toPrecision(4)))}
                uses={uses}
                main={i === main}
                onUse={onUse}
              />
            )}
          </Flex>
        );
      })}
    </Box>
  );
}

/** The unit of a result that comes in whatever unit was asked for. */
const amountUnit = ({ id, inputs }: CalculatorAnswer) =>
  id === 'kitchen-measure'
    ? String(inputs.to)
    : id === 'bake-time-scaling' || id === 'cooling-forecast'
      ? 'min'
      : '';

/** An id as it is said: “cannot-tell” is “can’t tell”, “soft-ball” is “soft ball”; a sentence stays as it is. */
const wordsOf = (value: string) =>
  value === 'cannot-tell'
    ? 'can’t tell'
    : /^[a-z]+([-:][a-z]+)*$/.test(value)
      ? value.replaceAll(/[-:]/g, ' ')
      : value;

function ResultWords({ value }: { value: CalculatorAnswer['result'][string] }) {
  if (value === null) return <Box as="span">—</Box>;
  if (typeof value === 'boolean') return <strong>{value ? 'yes' : 'no'}</strong>;
  if (typeof value === 'string') return <strong>{wordsOf(value)}</strong>;
  if (typeof value === 'number') return <>{value}</>;
  if (!Array.isArray(value)) return <ResultWords value={[value]} />;
  if (value.every((one) => typeof one === 'string')) {
    return value.length === 0 ? <Box as="span">—</Box> : <strong>{value.map(wordsOf).join(', ')}</strong>;
  }
  if (value.every((one) => typeof one === 'number')) {
    return <strong>{value.map((one) => formatSignificant(one)).join(' to ')}</strong>;
  }
  return (
    <Box fontSize="sm">
      {value.map((one, i) => (
        <Box key={i}>
          {Object.entries(one)
            .map(([key, part]) => {
              const { label, unit } = resultLabel(key);
              const words =
                typeof part === 'number'
                  ? resultText(key, part)
                  : typeof part === 'boolean'
                    ? part
                      ? 'yes'
                      : 'no'
                    : Array.isArray(part)
                      ? part.join(', ')
                      : part === null
                        ? 'not yet'
                        : wordsOf(part);
              return key === 'name' || key === 'a' || key === 'b'
                ? String(words)
                : `${label} ${words}${unit && ` ${unit}`}`;
            })
            .join(' · ')}
        </Box>
      ))}
    </Box>
  );
}
