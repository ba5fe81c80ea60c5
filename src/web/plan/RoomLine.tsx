import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { formatNumber, formatTemperature } from '../../core/format';
import { boilingIn } from '../../core/practical';
import { useRooms } from '../api/queries';
import { WordButton } from '../ui/Button';
import { Choice } from '../ui/fields';
import { usePlan } from './edit-context';
import { Row } from './Row';
import { RoomDialog } from './RoomDialog';

const basisWords = {
  measured: 'measured here',
  altitude: 'from the altitude',
  'sea-level': 'as at sea level',
};

/** Where it is done, and how water boils there. */
export function RoomLine() {
  const { plan, place, edit } = usePlan();
  const { data: rooms = [] } = useRooms();
  const [editing, setEditing] = useState<'none' | 'change' | 'new'>('none');
  const boiling = boilingIn(place);
  const room = rooms.find((one) => one.id === plan.roomId);
  const options: (readonly [string, string])[] = [
    ['', 'no room yet'],
    ...rooms.map((one) => [one.id, one.name] as const),
  ];
  return (
    <Row name="Where">
      <Flex wrap="wrap" columnGap="2" align="baseline">
        <Choice
          label="Room"
          value={plan.roomId ?? ''}
          options={options}
          onValue={(id) => edit('room', (was) => ({ ...was, roomId: id === '' ? null : id }))}
        />
        {place && (
          <Box as="span" color="soft">
            {place.kind === 'laboratory' ? 'science laboratory' : 'food room'}
            {place.altitudeM !== null && `, ${formatNumber(place.altitudeM)} m`};
          </Box>
        )}
        <Box as="span" color="soft">
          water boils at <strong>{formatTemperature(boiling.boilingC)}</strong> (
          {formatTemperature(boiling.boilingC, 'F')}), {basisWords[boiling.basis]}
        </Box>
        {room && (
          <WordButton fontSize="sm" onClick={() => setEditing('change')}>
            change the room
          </WordButton>
        )}
        {room && (
          <WordButton asChild fontSize="sm">
            <RouterLink to={`/rooms/${room.id}`}>draw it</RouterLink>
          </WordButton>
        )}
        <WordButton fontSize="sm" onClick={() => setEditing('new')}>
          new room
        </WordButton>
      </Flex>
      {editing !== 'none' && (
        <RoomDialog
          room={editing === 'change' ? room : undefined}
          onClose={() => setEditing('none')}
          onSaved={(saved) => {
            setEditing('none');
            edit('room', (was) => ({ ...was, roomId: saved.id }));
          }}
        />
      )}
    </Row>
  );
}
