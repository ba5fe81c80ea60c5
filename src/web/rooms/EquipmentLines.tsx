import { Box, Flex } from '@chakra-ui/react';
import {
  equipmentKinds,
  equipmentWords,
  newEquipment,
  type Equipment,
  type EquipmentKind,
  type Oven,
} from '../../core/room';
import { NumberField, TextField } from '../ui/fields';
import { newId } from '../ui/lists';
import { OvenLine } from './OvenDetails';

interface EquipmentLinesProps {
  equipment: readonly Equipment[];
  onEquipment(equipment: Equipment[]): void;
}

/** Most of one kind in a room. */
const mostOfAKind = 40;
/** Stations are counted by the room itself. */
const kinds = equipmentKinds.filter((kind) => kind !== 'station');

/** What the stations of a room share: how many of each kind; of each oven, how it heats. None: not counted. */
export function EquipmentLines({ equipment, onEquipment }: EquipmentLinesProps) {
  const ovens = equipment.filter((one): one is Oven => one.kind === 'oven');
  const change = (id: string, patch: Partial<Oven>) =>
    onEquipment(equipment.map((one) => (one.id === id ? ({ ...one, ...patch } as Equipment) : one)));
  return (
    <Box as="fieldset">
      <Box as="legend" fontWeight="semibold" fontSize="sm" mb="1">
        What its stations share
      </Box>
      <Box color="soft" fontSize="sm" mb="1.5">
        The timetable counts them. A kind the room has none of is not counted, but for ovens: each station is
        taken to have its own.
      </Box>
      <Box
        display="grid"
        gridTemplateColumns={{ base: '1fr 1fr', sm: '1fr 1fr 1fr' }}
        columnGap="4"
        rowGap="1"
      >
        {kinds.map((kind) => (
          <Box key={kind}>
            <NumberField
              label={`How many ${equipmentWords[kind].many}`}
              value={equipment.filter((one) => one.kind === kind).length}
              low={0}
              high={mostOfAKind}
              whole
              chars={2}
              onValue={(count) => onEquipment(withCount(equipment, kind, count!))}
            />{' '}
            {equipmentWords[kind].many}
          </Box>
        ))}
      </Box>
      {ovens.map((oven, i) => (
        <Flex key={oven.id} wrap="wrap" align="baseline" columnGap="1.5" mt="1.5">
          <TextField
            label={`What oven ${i + 1} is called`}
            value={oven.name}
            most={60}
            onValue={(name) => change(oven.id, { name })}
          />
          <span>:</span>
          <OvenLine one={oven} onChange={(patch) => change(oven.id, patch)} />
        </Flex>
      ))}
    </Box>
  );
}

/** So many of a kind: the last ones go, new ones come as they usually are. */
function withCount(equipment: readonly Equipment[], kind: EquipmentKind, count: number): Equipment[] {
  const own = equipment.filter((one) => one.kind === kind);
  const others = equipment.filter((one) => one.kind !== kind);
  const added = Array.from({ length: Math.max(0, count - own.length) }, (_, i) =>
    newEquipment(kind, newId(), own.length + i + 1),
  );
  return [...others, ...own.slice(0, count), ...added];
}
