import type { NewRoom } from '../contract/rooms';
import type { SchoolWays } from '../core/days';
import { laidOut, newEquipment, type Equipment, type EquipmentKind } from '../core/room';

/** So many of a kind, each as they usually are but for what is said. */
const several = <K extends EquipmentKind>(
  kind: K,
  count: number,
  patch: Partial<Extract<Equipment, { kind: K }>> = {},
): Equipment[] =>
  Array.from({ length: count }, (_, i) => ({ ...newEquipment(kind, `${kind}-${i + 1}`, i + 1), ...patch }));

const kitchenHas = [
  ...several('hob', 12),
  ...several('oven', 3, { traysPerShelf: 2 }),
  ...several('refrigerator', 2),
  ...several('freezer', 1),
  ...several('microwave', 2),
  ...several('kettle', 3),
  ...several('mixer', 4),
  ...several('sink', 6),
  ...several('balance', 6, { divisionG: 0.1 }),
  ...several('thermometer', 6),
];
const kitchenTools = Object.entries({
  ...{
    'mixing bowl': 14,
    'wooden spoon': 16,
    whisk: 10,
    'rolling pin': 12,
    'baking tray': 16,
    'wire rack': 8,
  },
  ...{ 'table knife': 20, 'measuring jug': 12, cutter: 12, ruler: 12, 'oven gloves': 8, saucepan: 14 },
  ...{ 'rolling strips': 6, skewer: 20, 'colour card': 6, 'knife and board': 14, timer: 12, sieve: 6 },
}).map(([name, count]) => ({ name, count }));

const laboratoryHas = [
  ...several('sink', 5),
  ...several('balance', 10, { divisionG: 0.01, capacityG: 600 }),
  ...several('thermometer', 12, { type: 'liquid', lowC: -10, highC: 110, divisionC: 1, lineC: 1 }),
  ...several('kettle', 2),
  ...several('refrigerator', 1),
];

const stationId = () => {
  let last = 0;
  return () => `station-${(last += 1)}`;
};

/** The rooms of the invented school, drawn. */
export const rooms: NewRoom[] = [
  {
    id: 'room-kitchen',
    name: 'Food room 2',
    kind: 'food-room',
    altitudeM: 1200,
    measuredBoilingC: null,
    stations: 12,
    balanceG: 0.1,
    equipment: laidOut(kitchenHas, 12, stationId()),
    tools: kitchenTools,
  },
  {
    id: 'room-lab',
    name: 'Laboratory 5',
    kind: 'laboratory',
    altitudeM: 1200,
    measuredBoilingC: 95.8,
    stations: 10,
    balanceG: 0.01,
    equipment: laidOut(laboratoryHas, 10, stationId()),
    tools: [],
  },
];

/** Periods of 70 min, a long break, a list to begin and one to end with. */
export const ways: SchoolWays = {
  hours: [1, 2, 3, 4, 5].map((day) => ({ day, fromMin: 7 * 60 + 45, toMin: 16 * 60 + 30 })),
  closed: [],
  bells: [8 * 60, 9 * 60 + 15, 10 * 60 + 45, 12 * 60 + 45, 14 * 60].map((fromMin, i) => ({
    ...{ id: `bell-${i + 1}`, name: String(i + 1), fromMin, toMin: fromMin + 70 },
  })),
  opening: [
    { id: 'hands', words: 'Hands washed for 20 s, nails too', minutes: 1 },
    { id: 'dress', words: 'apron on, hair tied, jewellery off', minutes: 0.5 },
    { id: 'bench', words: 'bench wiped, tray complete, display at zero, oven really on', minutes: 0.5 },
  ],
  closing: [
    { id: 'hobs', words: 'hobs and ovens off, the back rings too', minutes: 0.5 },
    { id: 'tray', words: 'tray complete and given back', minutes: 0.5 },
  ],
};
