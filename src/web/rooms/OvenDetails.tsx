import { Box, Flex } from '@chakra-ui/react';
import { truthShape } from '../../core/room';
import { isFull, range } from '../../core/shape';
import { Choice, NumberField } from '../ui/fields';
import { MoreButton, RemoveButton } from '../ui/line-tools';
import { withoutAt, withPatchAt } from '../ui/lists';
import { fieldOf, ThingNumber, type ThingProps } from './ThingNumber';

/** What an oven holds, and how long it takes to get hot and less hot. */
export function OvenLine({ one, onChange }: ThingProps<'oven'>) {
  const number = (of: 'shelves' | 'traysPerShelf' | 'heatMin' | 'coolMin', label: string, unit = '') => (
    <ThingNumber
      {...{ one, of, unit }}
      label={`${label} ${one.name}`}
      onValue={(typed) => onChange({ [of]: typed! })}
    />
  );
  return (
    <span>
      {number('shelves', 'Shelves of')} shelves of {number('traysPerShelf', 'Trays a shelf of')} trays, at 180
      °C after {number('heatMin', 'Minutes to 180 °C of', 'min')} min, from 220 down to 180 °C in{' '}
      {number('coolMin', 'Minutes to cool of', 'min')} min
    </span>
  );
}

/** All that is known of an oven. */
export function OvenDetails({ one, onChange }: ThingProps<'oven'>) {
  const truth = (at: number, of: 'set' | 'shows', label: string) => (
    <NumberField
      {...{ label, value: one.truth[at]![of], ...range(truthShape.fields[of]), unit: '°C', chars: 3 }}
      onValue={(typed) => onChange({ truth: withPatchAt(one.truth, at, { [of]: typed! }) })}
    />
  );
  return (
    <>
      <OvenLine one={one} onChange={onChange} />,{' '}
      <Choice
        label="Fan"
        value={one.fan ? 'fan' : 'none'}
        options={[
          ['fan', 'with a fan'],
          ['none', 'without a fan'],
        ]}
        onValue={(fan) => onChange({ fan: fan === 'fan' })}
      />
      {one.truth.map((_, at) => (
        <Flex key={at} role="group" gap="1.5" align="baseline">
          <Box>
            set to {truth(at, 'set', 'Set to')} °C it is {truth(at, 'shows', 'Thermometer in it shows')} °C
          </Box>
          <RemoveButton what="this setting" onClick={() => onChange({ truth: withoutAt(one.truth, at) })} />
        </Flex>
      ))}
      {!isFull(fieldOf('oven', 'truth'), one.truth) && (
        <MoreButton onClick={() => onChange({ truth: [...one.truth, { set: 180, shows: 180 }] })}>
          what a thermometer in it showed
        </MoreButton>
      )}
    </>
  );
}
