import { Box, chakra, Flex } from '@chakra-ui/react';
import { Delete } from 'lucide-react';
import { useState } from 'react';
import { formatNumber, formatTemperature } from '../../core/format';
import { readingRangeC } from '../../core/trace';
import { celsiusFromFahrenheit, fahrenheitFromCelsius } from '../../core/units';
import { parseNumber } from '../ui/fields';
import type { PadProps } from './pad-props';
import { KeepKey, PadKey } from './pad-keys';

const rows = [
  ['7', '8', '9'],
  ['4', '5', '6'],
  ['1', '2', '3'],
];

/** One big pad for the temperature. A slip can be put right: the last reading can be corrected, not erased. */
export function NumberPad({ state, notes, unit, onUnit, onLog }: PadProps) {
  const [typed, setTyped] = useState('');
  const [correcting, setCorrecting] = useState(false);
  const value = parseNumber(typed);
  const celsius = value === null ? null : unit === 'F' ? celsiusFromFahrenheit(value) : value;
  const { low, high } = readingRangeC;
  const outside = celsius !== null && (celsius < low || celsius > high);
  const ends = unit === 'F' ? [fahrenheitFromCelsius(low), fahrenheitFromCelsius(high)] : [low, high];
  // The thermometer the present step asks for; else the first.
  const probe = state.watch?.probe ?? 1;
  const last = notes.readings.get(probe);
  const lastId = last?.ids.at(-1);
  const lastC = last?.celsius.at(-1);
  const press = (key: string) => setTyped((was) => (was.length < 7 ? was + key : was));
  const keep = async () => {
    if (celsius === null || outside) return;
    const reading = {
      kind: 'reading',
      celsius: Math.round(celsius * 1e4) / 1e4,
      probe,
      unit,
      source: 'typed',
    } as const;
    setTyped('');
    setCorrecting(false);
    await onLog(correcting && lastId ? { kind: 'correction', corrects: lastId, to: reading } : reading);
  };

  return (
    <Flex direction="column" gap="2" flex="1">
      <Flex align="center" gap="3" minH="44px">
        <chakra.input
          aria-label={correcting ? 'What the last reading should have been' : 'Temperature'}
          aria-invalid={outside || (typed !== '' && value === null)}
          inputMode="none"
          placeholder={
            correcting && lastC !== undefined
              ? `instead of ${formatTemperature(lastC, unit)}`
              : 'what the thermometer shows'
          }
          value={typed}
          onChange={(event) => setTyped(event.target.value.slice(0, 7))}
          onKeyDown={(event) => event.key === 'Enter' && void keep()}
          flex="1"
          minW="0"
          bg="transparent"
          borderBottomWidth="2px"
          borderColor={outside ? 'ember' : 'strongRule'}
          fontSize={typed ? '2xl' : 'md'}
          fontWeight={typed ? 'bold' : 'normal'}
          minH="44px"
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
      {(outside || (typed !== '' && typed !== '-' && value === null)) && (
        <Box role="alert" color="ember" fontSize="sm" fontWeight="medium">
          temperature is “{typed}”; allowed: {formatNumber(ends[0]!)} to {formatNumber(ends[1]!)} °{unit}
        </Box>
      )}
      <Box
        display="grid"
        gridTemplateColumns="repeat(4, 1fr)"
        gridAutoRows="minmax(56px, 1fr)"
        gap="2"
        flex="1"
        maxH="330px"
      >
        {rows.map((row, i) => (
          <Row key={i} keys={row} onPress={press}>
            {i === 0 && (
              <PadKey
                css={{ fontSize: 'md' }}
                onClick={() => onUnit(unit === 'C' ? 'F' : 'C')}
                aria-label={`Type in °${unit === 'C' ? 'F' : 'C'} instead`}
              >
                °{unit} → °{unit === 'C' ? 'F' : 'C'}
              </PadKey>
            )}
            {i === 1 && (
              <PadKey aria-label="Take back the last digit" onClick={() => setTyped(typed.slice(0, -1))}>
                <Box asChild mx="auto">
                  <Delete size={24} />
                </Box>
              </PadKey>
            )}
            {i === 2 && (
              <KeepKey gridRow="span 2" disabled={celsius === null || outside} onClick={() => void keep()}>
                {correcting ? 'Correct' : 'Keep'}
                <br />
                {value === null ? '' : `${formatNumber(value)} °${unit}`}
              </KeepKey>
            )}
          </Row>
        ))}
        <PadKey onClick={() => press('0')}>0</PadKey>
        <PadKey onClick={() => !typed.includes('.') && press('.')}>.</PadKey>
        <PadKey
          aria-label="minus"
          onClick={() => setTyped((was) => (was.startsWith('-') ? was.slice(1) : `-${was}`))}
        >
          −
        </PadKey>
      </Box>
    </Flex>
  );
}

function Row({
  keys,
  onPress,
  children,
}: {
  keys: readonly string[];
  onPress(key: string): void;
  children: React.ReactNode;
}) {
  return (
    <>
      {keys.map((key) => (
        <PadKey key={key} onClick={() => onPress(key)}>
          {key}
        </PadKey>
      ))}
      {children}
    </>
  );
}
