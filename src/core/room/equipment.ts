import {
  about,
  flag,
  id,
  later,
  list,
  number,
  oneOf,
  orNull,
  record,
  text,
  union,
  whole,
  type Of,
} from '../shape';

/** Squares a plan of a room can have each way; a square is half a metre. */
const roomSquares = 60;

const square = () =>
  about('squares from the left, from the front; null: not drawn in', orNull(whole(0, roomSquares - 1)));
const common = { id: id(), name: text(60, 1), x: square(), y: square() };
const celsius = (low: number, high: number) => number(low, high, '°C');

export const ringShape = record('Ring', {
  cm: about('across', number(5, 60, 'cm')),
  watts: about('at each mark, the lowest first', list(number(10, 6000, 'W'), 12)),
});

export const truthShape = record('OvenTruth', {
  set: about('what it was set to', celsius(30, 320)),
  shows: about('what a thermometer in it showed', celsius(20, 350)),
});

/** One thing in a room that a lesson may have to share. */
export const equipmentShape = union('Equipment', 'kind', {
  station: { ...common, number: whole(1, 40) },
  hob: {
    ...common,
    rings: list(ringShape, 8, 1),
    lagMin: about('how long it goes on heating after it is turned down', number(0, 20, 'min')),
  },
  oven: {
    ...common,
    shelves: whole(1, 10),
    traysPerShelf: whole(1, 8),
    fan: flag(),
    heatMin: about('from cold to 180 °C', number(1, 90, 'min')),
    coolMin: about('from 220 to 180 °C with the door shut', number(1, 120, 'min')),
    truth: list(truthShape, 12),
  },
  refrigerator: { ...common, celsius: celsius(-5, 15) },
  freezer: { ...common, celsius: celsius(-40, 0) },
  microwave: { ...common, watts: number(100, 3000, 'W') },
  mixer: { ...common },
  kettle: { ...common, litres: number(0.2, 20, 'L'), watts: number(100, 4000, 'W') },
  sink: { ...common },
  balance: {
    ...common,
    divisionG: number(0.001, 50, 'g'),
    capacityG: number(1, 100_000, 'g'),
  },
  thermometer: {
    ...common,
    type: oneOf(['liquid', 'probe', 'infrared', 'oven', 'dial']),
    lowC: celsius(-100, 500),
    highC: celsius(-50, 1000),
    divisionC: number(0.01, 20, '°C'),
    lineC: about('between printed lines', number(0.01, 50, '°C')),
    checkedAt: about('when it was last checked, ms; null: never', orNull(whole(0, 8.64e15))),
    inIceC: about('what it showed in melting ice', orNull(celsius(-20, 20))),
    inBoilingC: about('what it showed in boiling water', orNull(celsius(70, 120))),
    boilingC: about('what water boiled at then', orNull(celsius(80, 102))),
    station: later(null, about('whose station it lies at; null: nobody has said', orNull(whole(1, 40)))),
  },
});

export type Equipment = Of<typeof equipmentShape>;
export type EquipmentKind = Equipment['kind'];
export type Oven = Extract<Equipment, { kind: 'oven' }>;
export const equipmentKinds = Object.keys({
  station: 0,
  hob: 0,
  oven: 0,
  refrigerator: 0,
  freezer: 0,
  microwave: 0,
  mixer: 0,
  kettle: 0,
  sink: 0,
  balance: 0,
  thermometer: 0,
} satisfies Record<EquipmentKind, 0>) as EquipmentKind[];

/** Trays that find room in an oven at once. */
export const ovenPlaces = (oven: Oven): number => oven.shelves * oven.traysPerShelf;

/** °C an oven gains in a minute, from what it needs from 20 to 180 °C. */
export const ovenRisePerMin = (oven: Oven): number => 160 / oven.heatMin;

/** °C an oven loses in a minute, from what it needs from 220 to 180 °C. */
export const ovenFallPerMin = (oven: Oven): number => 40 / oven.coolMin;
