import { Box, chakra, Flex } from '@chakra-ui/react';
import { format } from 'date-fns';
import { useState } from 'react';
import { Link as RouterLink, useParams } from 'react-router';
import type { Room } from '../../contract/rooms';
import { formatNumber, formatTemperature } from '../../core/format';
import { boilingIn } from '../../core/practical';
import { checkWords, type Equipment } from '../../core/room';
import { thermometersAt, truthIn } from '../../core/run';
import { useThermometerCheck } from '../api/prep-queries';
import { useRooms } from '../api/queries';
import { sayError } from '../api/request';
import { Frame } from '../frame/Frame';
import { QuietButton, WordButton } from '../ui/Button';
import { NumberField } from '../ui/fields';
import { Waiting } from '../ui/Notice';

type Thermometer = Extract<Equipment, { kind: 'thermometer' }>;

/** Thermometers of a room in melting ice and in boiling water: what they are off is put right in its runs. */
export function ThermometersPage() {
  const { roomId } = useParams();
  const { data: rooms, error } = useRooms();
  const room = rooms?.find(({ id }) => id === roomId);
  if (!room) return <Waiting error={error ?? (rooms ? new Error('There is no such room.') : undefined)} />;
  return <OpenThermometers room={room} />;
}

function OpenThermometers({ room }: { room: Room }) {
  const all = room.equipment.filter((one) => one.kind === 'thermometer');
  const { boilingC, basis } = boilingIn(room);
  return (
    <Frame
      title="Thermometers in ice and in boiling water"
      subtitle={`${room.name} · water boils at ${formatTemperature(boilingC)} there, ${basis === 'measured' ? 'measured' : 'by the altitude'}`}
    >
      <Box bg="sheet" flex="1" px={{ base: '4', md: '8' }} py="5">
        <Box maxW="46rem" mb="4" lineHeight="1.5">
          Crushed ice and a little water, stirred, one minute; then boiling water, the bulb off the bottom,
          one minute. Careful: steam burns. What each shows is written here; what it is typed to read in a run
          of this room is put right by it, at the station it lies at.
        </Box>
        {all.length === 0 && (
          <Box color="soft">
            This room has no thermometer yet.{' '}
            <WordButton asChild>
              <RouterLink to={`/rooms/${room.id}`}>add some to the room</RouterLink>
            </WordButton>
          </Box>
        )}
        {all.map((one) => (
          <ThermometerLine key={one.id} room={room} one={one} />
        ))}
      </Box>
    </Frame>
  );
}

function ThermometerLine({ room, one }: { room: Room; one: Thermometer }) {
  const check = useThermometerCheck(room.id);
  const [ice, setIce] = useState(one.inIceC);
  const [boil, setBoil] = useState(one.inBoilingC);
  const [station, setStation] = useState(one.station);
  const same =
    ice === one.inIceC && boil === one.inBoilingC && station === one.station && one.checkedAt !== null;
  return (
    <chakra.form
      aria-label={one.name}
      py="2.5"
      borderBottomWidth="1px"
      borderColor="rule"
      onSubmit={(event) => {
        event.preventDefault();
        check.mutate({
          thermometerId: one.id,
          checkedAt: Date.now(),
          inIceC: ice,
          inBoilingC: boil,
          station,
        });
      }}
    >
      <Flex align="center" columnGap="5" rowGap="1" wrap="wrap">
        <Box fontWeight="bold" w="8.5rem" children={one.name} />
        <AtStation one={one} station={station} onStation={setStation} />
        <Flex align="center" gap="2">
          <span>in ice</span>
          <NumberField
            label={`${one.name} in ice`}
            value={ice}
            low={-15}
            high={15}
            unit="°C"
            mayBeEmpty
            chars={5}
            placeholder="0.0"
            onValue={setIce}
          />
          <span>°C</span>
        </Flex>
        <Flex align="center" gap="2">
          <span>in boiling water</span>
          <NumberField
            label={`${one.name} in boiling water`}
            value={boil}
            low={70}
            high={120}
            unit="°C"
            mayBeEmpty
            chars={6}
            placeholder={formatNumber(boilingIn(room).boilingC, 1)}
            onValue={setBoil}
          />
          <span>°C</span>
        </Flex>
        <QuietButton type="submit" disabled={same || check.isPending || (ice === null && boil === null)}>
          {same ? 'kept' : 'keep'}
        </QuietButton>
      </Flex>
      <ComesTo room={room} one={one} />
      {check.error && (
        <Box role="alert" color="ember" fontSize="sm">
          {sayError(check.error)}
        </Box>
      )}
    </chakra.form>
  );
}

interface AtStationProps {
  one: Thermometer;
  station: number | null;
  onStation(station: number | null): void;
}

const AtStation = ({ one, station, onStation }: AtStationProps) => (
  <Flex align="center" gap="2">
    <span>at station</span>
    <NumberField
      label={`${one.name} lies at station`}
      value={station}
      low={1}
      high={40}
      whole
      mayBeEmpty
      chars={3}
      placeholder="no."
      onValue={onStation}
    />
  </Flex>
);

/** How far it is off, and what that comes to in a run. */
function ComesTo({ room, one }: { room: Room; one: Thermometer }) {
  const put = truthIn(room);
  const here = one.station === null ? [] : (thermometersAt(room).get(one.station) ?? []);
  const probe = here.indexOf(one) + 1;
  return (
    <Box fontSize="sm" color="soft">
      {checkWords(one) ?? 'not checked yet'}
      {one.checkedAt !== null && `, checked ${format(one.checkedAt, 'd MMM HH:mm')}`}
      {one.station !== null &&
        one.checkedAt !== null &&
        `; at station ${one.station}, 100.0 °C typed counts as ${formatTemperature(put(one.station, probe, 100))}`}
      {probe > 1 && `; ${here[0]!.name} lies there too: this one is the station’s thermometer ${probe}`}
    </Box>
  );
}
