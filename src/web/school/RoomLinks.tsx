import { Box, Flex, Heading } from '@chakra-ui/react';
import { Link as RouterLink } from 'react-router';
import { counted } from '../../core/format';
import { equipmentKinds, equipmentWords } from '../../core/room';
import { useRooms } from '../api/queries';

/** The rooms of the school, each with what it has. */
export function RoomLinks() {
  const { data: rooms = [] } = useRooms();
  return (
    <Box as="section" aria-label="Rooms" mt="7">
      <Heading as="h2" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny" mb="1.5">
        Rooms
      </Heading>
      {rooms.length === 0 && <Box color="soft">None yet. A plan’s “Where” makes the first.</Box>}
      {rooms.map(({ id, name, stations, equipment }) => (
        <Box key={id} py="2" borderBottomWidth="1px" borderColor="rule">
          <Flex justify="space-between" gap="3" align="baseline">
            <Box
              asChild
              fontWeight="semibold"
              color="tawnyDeep"
              textDecoration="underline"
              textUnderlineOffset="3px"
            >
              <RouterLink to={`/rooms/${id}`}>{name}</RouterLink>
            </Box>
            <Box color="soft" fontSize="sm">
              {counted(stations, 'station')}
            </Box>
          </Flex>
          <Box color="soft" fontSize="sm">
            {equipmentKinds
              .map((kind) => ({ kind, count: equipment.filter((one) => one.kind === kind).length }))
              .filter(({ kind, count }) => count > 0 && kind !== 'station')
              .map(({ kind, count }) => counted(count, equipmentWords[kind].one, equipmentWords[kind].many))
              .join(', ') || 'nothing counted yet'}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
