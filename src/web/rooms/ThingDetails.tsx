import { Box, Flex, Heading } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { WordButton } from '../ui/Button';
import { TextField } from '../ui/fields';
import { HobDetails } from './HobDetails';
import { OvenDetails } from './OvenDetails';
import { ThermometerDetails } from './ThermometerDetails';
import { ThingNumber, type ThingInPlace } from './ThingNumber';

/** All that is known of one thing of a room. */
export function ThingDetails({ onTakeAway, ...props }: ThingInPlace & { onTakeAway(): void }) {
  const { one, onChange } = props;
  return (
    <Box as="section" aria-label={one.name} mt="5">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" mb="1">
        <TextField label="Name" value={one.name} needed most={60} onValue={(name) => onChange({ name })} />
      </Heading>
      <Box lineHeight="1.7">{detailsOf(props)}</Box>
      <Flex gap="4" mt="3">
        {one.x !== null && (
          <WordButton fontSize="sm" onClick={() => onChange({ x: null, y: null })}>
            take it off the plan
          </WordButton>
        )}
        <WordButton fontSize="sm" onClick={onTakeAway}>
          the room has it no more
        </WordButton>
      </Flex>
    </Box>
  );
}

function detailsOf({ one, place, onChange }: ThingInPlace): ReactNode {
  switch (one.kind) {
    case 'station':
      return <Box color="soft">Station {one.number}. How many there are is said above.</Box>;
    case 'hob':
      return <HobDetails {...{ one, place, onChange }} />;
    case 'oven':
      return <OvenDetails {...{ one, onChange }} />;
    case 'thermometer':
      return <ThermometerDetails {...{ one, place, onChange }} />;
    case 'refrigerator':
    case 'freezer':
      return (
        <>
          at{' '}
          <ThingNumber
            {...{ one, of: 'celsius', label: 'Temperature', unit: '°C' }}
            onValue={(celsius) => onChange({ celsius: celsius! })}
          />{' '}
          °C
        </>
      );
    case 'microwave':
      return (
        <>
          <ThingNumber
            {...{ one, of: 'watts', label: 'Power', unit: 'W' }}
            onValue={(watts) => onChange({ watts: watts! })}
          />{' '}
          W
        </>
      );
    case 'kettle':
      return (
        <>
          <ThingNumber
            {...{ one, of: 'litres', label: 'Holds', unit: 'L' }}
            onValue={(litres) => onChange({ litres: litres! })}
          />{' '}
          L,{' '}
          <ThingNumber
            {...{ one, of: 'watts', label: 'Power', unit: 'W' }}
            onValue={(watts) => onChange({ watts: watts! })}
          />{' '}
          W
        </>
      );
    case 'balance':
      return (
        <>
          reads to{' '}
          <ThingNumber
            {...{ one, of: 'divisionG', label: 'Division', unit: 'g' }}
            onValue={(divisionG) => onChange({ divisionG: divisionG! })}
          />{' '}
          g, carries{' '}
          <ThingNumber
            {...{ one, of: 'capacityG', label: 'Capacity', unit: 'g' }}
            onValue={(capacityG) => onChange({ capacityG: capacityG! })}
          />{' '}
          g
        </>
      );
    case 'mixer':
    case 'sink':
      return null;
  }
}
