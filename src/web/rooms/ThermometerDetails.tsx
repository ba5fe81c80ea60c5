import { Box } from '@chakra-ui/react';
import { boilingIn } from '../../core/practical';
import { checkWords } from '../../core/room';
import { Choice } from '../ui/fields';
import { ThingNumber, type ThingInPlace } from './ThingNumber';

const thermometerTypes = [
  ['probe', 'a probe'],
  ['liquid', 'liquid in glass'],
  ['infrared', 'infrared'],
  ['oven', 'for ovens'],
  ['dial', 'a dial'],
] as const;

/** What a thermometer can show, and what it showed in ice and in boiling water. */
export function ThermometerDetails({ one, place, onChange }: ThingInPlace<'thermometer'>) {
  const { boilingC } = boilingIn(place);
  const number = (of: 'lowC' | 'highC' | 'divisionC' | 'lineC', label: string) => (
    <ThingNumber {...{ one, of, label, unit: '°C' }} onValue={(typed) => onChange({ [of]: typed! })} />
  );
  const checked = (of: 'inIceC' | 'inBoilingC', label: string) => (
    <ThingNumber
      {...{ one, of, label, unit: '°C', chars: 3, mayBeEmpty: true }}
      onValue={(typed) =>
        onChange({
          ...{ [of]: typed, checkedAt: typed === null ? one.checkedAt : Date.now() },
          ...(of === 'inBoilingC' && { boilingC: typed === null ? null : Math.round(boilingC * 10) / 10 }),
        })
      }
    />
  );
  const words = checkWords(one);
  return (
    <>
      <Choice
        label="Kind"
        value={one.type}
        options={thermometerTypes}
        onValue={(type) => onChange({ type })}
      />
      , from {number('lowC', 'Lowest')} to {number('highC', 'Highest')} °C, reads to{' '}
      {number('divisionC', 'Division')} °C, lines every {number('lineC', 'Lines')} °C
      <Box>
        in ice {checked('inIceC', 'Shows in melting ice')} °C, in boiling water{' '}
        {checked('inBoilingC', 'Shows in boiling water')} °C
      </Box>
      <Box color="soft" fontSize="sm">
        {words ?? 'not checked yet'}
        {words &&
          one.checkedAt !== null &&
          `, checked ${new Date(one.checkedAt).toLocaleDateString('en-GB')}`}
      </Box>
    </>
  );
}
