import { Box, Flex, Heading } from '@chakra-ui/react';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useParams } from 'react-router';
import type { Room } from '../../contract/rooms';
import { counted } from '../../core/format';
import { placeOf, placeShape, type Place } from '../../core/practical';
import {
  equipmentKinds,
  equipmentWords,
  laidOut,
  newEquipment,
  type Equipment,
  type EquipmentKind,
} from '../../core/room';
import { isFull, refusalsOf } from '../../core/shape';
import { useChangeRoom, useRooms } from '../api/queries';
import { Frame } from '../frame/Frame';
import { Lost } from '../frame/Lost';
import { Aside } from '../ui/Aside';
import { QuietButton, WordButton } from '../ui/Button';
import { Choice, NumberField, TextField } from '../ui/fields';
import { KeptState } from '../ui/KeptState';
import { newId } from '../ui/lists';
import { Waiting } from '../ui/Notice';
import { useKept } from '../ui/use-kept';
import { RoomPlan } from './RoomPlan';
import { RoomSheet } from './RoomSheet';
import { thingIcons } from './thing-icons';
import { ThingDetails } from './ThingDetails';

/** A room as it is: what it has, drawn where it stands, and all that is known of each thing. */
export function RoomPage() {
  const { roomId } = useParams();
  const { data: rooms, error } = useRooms();
  if (!rooms) return <Waiting error={error} />;
  const room = rooms.find(({ id }) => id === roomId);
  if (!room) return <Lost />;
  return <OpenRoom key={room.id} room={room} />;
}

/** Kinds that are added here; stations are counted by the room. */
const addable = equipmentKinds.filter((kind) => kind !== 'station');

function OpenRoom({ room }: { room: Room }) {
  const kept = useKeptRoom(room);
  const [chosen, setChosen] = useState<string | null>(null);
  const { value: place, change } = kept;
  const { equipment } = place;
  const setEquipment = (next: (was: Equipment[]) => Equipment[]) =>
    change((was) => ({ ...was, equipment: next(was.equipment) }));
  const patch = (id: string, fields: Partial<Equipment>) =>
    setEquipment((was) => was.map((one) => (one.id === id ? ({ ...one, ...fields } as Equipment) : one)));
  const onMove = (id: string, to: { x: number; y: number } | null) => patch(id, to ?? { x: null, y: null });
  const thing = equipment.find(({ id }) => id === chosen);
  return (
    <Frame
      title={place.name}
      subtitle="What the room has, and where it stands"
      keys={[
        { keys: '← ↑ → ↓', does: 'move what has the focus by a square' },
        { keys: 'Enter', does: 'open it' },
        { keys: 'Delete', does: 'take it off the plan' },
        { keys: 'Ctrl Z', does: 'take the last change back' },
        { keys: 'Ctrl P', does: 'print the room' },
      ]}
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }} className="no-print">
        <Box flex="1" minW="0" bg="sheet" px={{ base: '3', md: '7' }} py="5" overflowX="auto">
          <RoomPlan equipment={equipment} chosen={chosen} edit={{ onChoose: setChosen, onMove }} />
          <NotDrawn
            place={place}
            onChoose={setChosen}
            onDraw={() => setEquipment((was) => laidOut(was, place.stations, newId))}
            onAdd={(kind) =>
              setEquipment((was) => [
                ...was,
                newEquipment(kind, newId(), was.filter((one) => one.kind === kind).length + 1),
              ])
            }
          />
        </Box>
        <Aside name="The room in detail" wide={360} px="6" py="5">
          <KeptState kept={kept} what={place.name} />
          <RoomLines place={place} onPlace={change} />
          {thing ? (
            <ThingDetails
              key={thing.id}
              {...{ place }}
              one={thing}
              onChange={(fields) => patch(thing.id, fields)}
              onTakeAway={() => {
                setChosen(null);
                setEquipment((was) => was.filter(({ id }) => id !== thing.id));
              }}
            />
          ) : (
            <Box color="soft" mt="5">
              Touch a thing on the plan, or step to it with Tab and press Enter, to say what is known of it.
            </Box>
          )}
          <QuietButton
            mt="6"
            display="inline-flex"
            alignItems="center"
            gap="2"
            onClick={() => window.print()}
          >
            <Printer size={16} aria-hidden />
            Print the room
          </QuietButton>
        </Aside>
      </Flex>
      <RoomSheet place={place} />
    </Frame>
  );
}

/** A room that is kept while it is edited. */
function useKeptRoom(room: Room) {
  const set = useChangeRoom();
  return useKept<Place>({
    value: placeOf(room),
    version: room.version,
    send: async (place, version, keepalive) =>
      (await set.mutateAsync({ id: room.id, edit: { ...place, version }, keepalive })).version,
    current({ problem }) {
      const current = problem.current as Room;
      return { value: placeOf(current), version: current.version };
    },
    wrong(place) {
      const [refused] = refusalsOf(placeShape, place);
      return refused ? `${refused.field}: allowed is ${refused.allowed}.` : null;
    },
  });
}

/** What the room is, in a few lines. */
function RoomLines({ place, onPlace }: { place: Place; onPlace(change: (was: Place) => Place): void }) {
  return (
    <Box mt="3" lineHeight="1.7">
      <TextField
        label="Name of the room"
        value={place.name}
        needed
        most={60}
        onValue={(name) => onPlace((was) => ({ ...was, name }))}
      />
      ,{' '}
      <Choice
        label="Kind of room"
        value={place.kind}
        options={[
          ['food-room', 'a food room'],
          ['laboratory', 'a laboratory'],
        ]}
        onValue={(kind) => onPlace((was) => ({ ...was, kind }))}
      />{' '}
      with{' '}
      <NumberField
        {...{ label: 'Stations', value: place.stations, low: 1, high: 40, whole: true, chars: 1 }}
        onValue={(stations) => onPlace((was) => ({ ...was, stations: stations! }))}
      />{' '}
      stations.
    </Box>
  );
}

interface NotDrawnProps {
  place: Place;
  onChoose(id: string): void;
  onDraw(): void;
  onAdd(kind: EquipmentKind): void;
}

/** What is not drawn in yet, a way to draw it all in, and more things. */
function NotDrawn({ place, onChoose, onDraw, onAdd }: NotDrawnProps) {
  const left = place.equipment.filter(({ x }) => x === null);
  const drawnStations = place.equipment.filter((one) => one.kind === 'station' && one.x !== null).length;
  const missing = Math.max(0, place.stations - drawnStations);
  return (
    <Box mt="4">
      {(left.length > 0 || missing > 0) && (
        <Flex gap="3" align="center" wrap="wrap">
          <Box color="soft">
            Not on the plan yet:{' '}
            {[left.length > 0 && counted(left.length, 'thing'), missing > 0 && counted(missing, 'station')]
              .filter(Boolean)
              .join(' and ')}
            .
          </Box>
          <QuietButton onClick={onDraw}>Draw them in</QuietButton>
        </Flex>
      )}
      <Flex gap="1.5" wrap="wrap" mt="2">
        {left.map(({ id, name, kind }) => {
          const Icon = thingIcons[kind];
          return (
            <WordButton
              key={id}
              fontSize="sm"
              onClick={() => onChoose(id)}
              display="inline-flex"
              gap="1"
              alignItems="center"
            >
              <Icon size={14} aria-hidden /> {name}
            </WordButton>
          );
        })}
      </Flex>
      {!isFull(placeShape.fields.equipment, place.equipment) && (
        <Flex as="section" aria-label="More things" gap="2" wrap="wrap" mt="4" align="center">
          <Heading as="h2" fontFamily="body" fontSize="md" fontWeight="normal" color="soft">
            The room also has a
          </Heading>
          {addable.map((kind) => {
            const Icon = thingIcons[kind];
            return (
              <QuietButton
                key={kind}
                css={{ minH: '32px', fontSize: 'sm', px: '2.5' }}
                display="inline-flex"
                gap="1.5"
                alignItems="center"
                onClick={() => onAdd(kind)}
              >
                <Icon size={14} aria-hidden /> {equipmentWords[kind].one}
              </QuietButton>
            );
          })}
        </Flex>
      )}
    </Box>
  );
}
