import { Box, chakra, Flex } from '@chakra-ui/react';
import { Delete } from 'lucide-react';
import { useState } from 'react';
import { formatNumber, formatTemperature } from '../../core/format';
import { readingRangeC } from '../../core/trace';
import { celsiusFromFahrenheit, fahrenheitFromCelsius } from '../../core/units';
import { parseNumber } from '../ui/fields';
import { TypedInput } from '../ui/TypedInput';
import type { PadProps } from './pad-props';
import { KeepKey, PadKey } from '../ui/pad-keys';

const rows = [
  ['7', '8', '9'],
  ['4', '5', '6'],
  ['1', '2', '3'],
];

const mostTyped = 7;

/** What is typed in a unit, as a temperature, and whether a thermometer can show it. */
function readTyped(typed: string, unit: 'C' | 'F') {
  const value = parseNumber(typed);
  const celsius = value === null ? null : unit === 'F' ? celsiusFromFahrenheit(value) : value;
  const { low, high } = readingRangeC;
  const outside = celsius !== null && (celsius < low || celsius > high);
  const ends = unit === 'F' ? [fahrenheitFromCelsius(low), fahrenheitFromCelsius(high)] : [low, high];
  return { value, celsius: outside ? null : celsius, outside, ends: ends.map((end) => formatNumber(end)) };
}

/** One big pad for the temperature. A slip can be put right: the last reading can be corrected, not erased. */
export function NumberPad({ state, notes, unit, onUnit, onLog }: PadProps) {
  const [typed, setTyped] = useState('');
  const [correcting, setCorrecting] = useState(false);
  const { value, celsius, outside, ends } = readTyped(typed, unit);
  // The thermometer the present step asks for; else the first.
  const probe = state.watch?.probe ?? 1;
  const readings = notes.readings.get(probe);
  const lastId = readings?.ids.at(-1);
  const lastC = readings?.celsius.at(-1);
  const keep = async () => {
    if (celsius === null) return;
    const rounded = Math.round(celsius * 1e4) / 1e4;
    const reading = { kind: 'reading', celsius: rounded, probe, unit, source: 'typed' } as const;
    setTyped('');
    setCorrecting(false);
    await onLog(correcting && lastId ? { kind: 'correction', corrects: lastId, to: reading } : reading);
  };
  /** The reading it stands in place of; null for a new one. */
  const instead = correcting && lastC !== undefined ? formatTemperature(lastC, unit) : null;
  const wrong = outside || (typed !== '' && typed !== '-' && value === null);
  return (
    <Flex direction="column" gap="2" flex="1">
      <Flex align="center" gap="3" minH="44px">
        <TypedInput
          label={instead === null ? 'Temperature' : 'What the last reading should have been'}
          placeholder={instead === null ? 'what the thermometer shows' : `instead of ${instead}`}
          typed={typed}
          most={mostTyped}
          wrong={outside || (typed !== '' && value === null)}
          onTyped={setTyped}
          onEnter={() => void keep()}
        />
        {lastId && (
          <chakra.button
            type="button"
            onClick={() => setCorrecting(!correcting)}
            aria-pressed={correcting}
            color="tawnyDeep"
            fontSize="sm"
            fontWeight="semibold"
            textDecoration="underline"
            minH="44px"
          >
            {correcting ? 'no, a new reading' : 'correct the last'}
          </chakra.button>
        )}
      </Flex>
      {wrong && (
        <Box role="alert" color="ember" fontSize="sm" fontWeight="medium">
          temperature is “{typed}”; allowed: {ends[0]} to {ends[1]} °{unit}
        </Box>
      )}
      <Keys
        typed={typed}
        onType={setTyped}
        unit={unit}
        onUnit={onUnit}
        keepWords={`${correcting ? 'Correct' : 'Keep'}\n${value === null ? '' : `${formatNumber(value)} °${unit}`}`}
        onKeep={celsius === null ? null : () => void keep()}
      />
    </Flex>
  );
}

interface KeysProps extends Pick<PadProps, 'unit' | 'onUnit'> {
  typed: string;
  onType(text: string): void;
  /** What the big key says, in two lines. */
  keepWords: string;
  /** Null: there is nothing to keep. */
  onKeep: (() => void) | null;
}

/** Digits, the other unit, one back, and the big key that keeps it. */
function Keys({ typed, onType, unit, onUnit, keepWords, onKeep }: KeysProps) {
  const other = unit === 'C' ? 'F' : 'C';
  const press = (key: string) => typed.length < mostTyped && onType(typed + key);
  const atRight = [
    <PadKey
      key="unit"
      css={{ fontSize: 'md' }}
      onClick={() => onUnit(other)}
      aria-label={`Type in °${other} instead`}
    >
      °{unit} → °{other}
    </PadKey>,
    <PadKey key="back" aria-label="Take back the last digit" onClick={() => onType(typed.slice(0, -1))}>
      <Box asChild mx="auto">
        <Delete size={24} />
      </Box>
    </PadKey>,
    <KeepKey
      key="keep"
      gridRow="span 2"
      whiteSpace="pre-line"
      disabled={onKeep === null}
      onClick={() => onKeep?.()}
    >
      {keepWords}
    </KeepKey>,
  ];
  return (
    <Box
      display="grid"
      gridTemplateColumns="repeat(4, 1fr)"
      gridAutoRows="minmax(56px, 1fr)"
      gap="2"
      flex="1"
      maxH="330px"
    >
      {rows.flatMap((row, i) => [
        ...row.map((key) => (
          <PadKey key={key} onClick={() => press(key)}>
            {key}
          </PadKey>
        )),
        atRight[i],
      ])}
      <PadKey onClick={() => press('0')}>0</PadKey>
      <PadKey onClick={() => !typed.includes('.') && press('.')}>.</PadKey>
      <PadKey aria-label="minus" onClick={() => onType(typed.startsWith('-') ? typed.slice(1) : `-${typed}`)}>
        −
      </PadKey>
    </Box>
  );
}
