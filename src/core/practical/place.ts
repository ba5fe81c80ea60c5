import { equipmentShape } from '../room';
import { about, later, list, number, once, oneOf, orNull, record, text, whole, type Of } from '../shape';

/** Altitudes a school can have, m. */
const roomAltitudeRangeM = { low: -430, high: 6000 } as const;

const placeFields = {
  name: text(60, 1),
  kind: oneOf(['food-room', 'laboratory']),
  altitudeM: orNull(number(roomAltitudeRangeM.low, roomAltitudeRangeM.high, 'm')),
  measuredBoilingC: about('what water boils at there, read on a thermometer', orNull(number(80, 102, '°C'))),
  stations: whole(1, 40),
  balanceG: about('smallest division of its balances', number(0.001, 50, 'g')),
  equipment: later(
    [],
    about('what its stations share; a kind it has none of is not counted', once(list(equipmentShape, 200))),
  ),
  tools: later(
    [],
    about(
      'small tools it has, by name: what is not listed is not counted',
      list(record('RoomTool', { name: text(60, 1), count: whole(0, 999) }), 100),
    ),
  ),
} as const;

/** The place a practical is done in, as far as the computation asks. */
export const placeShape = record('Place', placeFields);
export type Place = Of<typeof placeShape>;

/** The place in anything that has one, such as a room with its id: what the computation asks of it, no more. */
export function placeOf({
  name,
  kind,
  altitudeM,
  measuredBoilingC,
  stations,
  balanceG,
  equipment,
  tools,
}: Place): Place {
  return { name, kind, altitudeM, measuredBoilingC, stations, balanceG, equipment, tools };
}
