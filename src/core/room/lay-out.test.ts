import { describe, expect, it } from 'vitest';
import { accepts } from '../shape';
import {
  checkWords,
  equipmentKinds,
  equipmentShape,
  laidOut,
  lastSquare,
  newEquipment,
  squaresOf,
  type Equipment,
} from '.';

const several = (kind: Equipment['kind'], count: number) =>
  Array.from({ length: count }, (_, i) => newEquipment(kind, `${kind}-${i + 1}`, i + 1));
let made = 0;
const newId = () => `new-${(made += 1)}`;

describe('a first plan of a room', () => {
  it('draws every station and thing in once, none upon another, all on the plan, for rooms of 1 to 40 stations', () => {
    for (const stations of [1, 2, 7, 12, 40]) {
      const things = equipmentKinds.filter((kind) => kind !== 'station').flatMap((kind) => several(kind, 12));
      const room = laidOut(things, stations, newId);
      expect(room.filter(({ kind }) => kind === 'station')).toHaveLength(stations);
      expect(room.every((one) => accepts(equipmentShape, one))).toBe(true);
      const squares = room.flatMap(squaresOf);
      expect(squares.length).toBe(room.length + 5 * stations);
      expect(new Set(squares).size, `${stations} stations`).toBe(squares.length);
    }
  });

  it('puts a hob beside its station and leaves what stands somewhere where it stands', () => {
    const oven = { ...newEquipment('oven', 'mine', 1), x: 8, y: 9 };
    const room = laidOut([oven, ...several('hob', 4)], 4, newId);
    expect(room.find(({ id }) => id === 'mine')).toEqual(oven);
    for (let number = 1; number <= 4; number += 1) {
      const station = room.find((one) => one.kind === 'station' && one.number === number)!;
      const hob = room.find(({ id }) => id === `hob-${number}`)!;
      expect([hob.x! - station.x!, hob.y! - station.y!]).toEqual([3, 0]);
    }
  });

  it('takes stations away that the room has no more', () => {
    const room = laidOut(laidOut([], 6, newId), 4, newId);
    expect(room.map((one) => (one.kind === 'station' ? one.number : 0)).sort()).toEqual([1, 2, 3, 4]);
  });
});

describe('where things stand', () => {
  it('a thing ends on the plan: a station begins three squares before its edge', () => {
    expect(lastSquare('station')).toEqual({ x: 57, y: 58 });
    expect(lastSquare('oven')).toEqual({ x: 59, y: 59 });
    const station = { ...newEquipment('station', 's', 1), x: 2, y: 3 };
    expect(squaresOf(station)).toEqual(['2 3', '3 3', '4 3', '2 4', '3 4', '4 4']);
    expect(squaresOf({ ...station, x: null })).toEqual([]);
    expect(squaresOf({ ...station, y: null })).toEqual([]);
  });

  it('steps aside where something stands already, on to the next row at the edge', () => {
    const wall = Array.from({ length: 3 }, (_, i) => ({
      ...newEquipment('sink', `sink-${i}`, i),
      x: 2 + i,
      y: 0,
    }));
    const [, , , oven] = laidOut([...wall, newEquipment('oven', 'o', 1)], 1, newId);
    expect([oven!.x, oven!.y]).toEqual([5, 0]);
    const row = Array.from({ length: 58 }, (_, i) => ({
      ...newEquipment('sink', `sink-${i}`, i),
      x: 2 + i,
      y: 0,
    }));
    const last = laidOut([...row, newEquipment('oven', 'o', 1)], 1, newId).find(({ id }) => id === 'o')!;
    expect([last.x, last.y]).toEqual([0, 1]);
  });
});

describe('how far a thermometer is off', () => {
  it('is said for ice and for boiling water where each was looked at', () => {
    const thermometer = newEquipment('thermometer', 't', 1) as Extract<Equipment, { kind: 'thermometer' }>;
    const words = (inIceC: number | null, inBoilingC: number | null, boilingC: number | null) =>
      checkWords({ ...thermometer, inIceC, inBoilingC, boilingC });
    expect(words(null, null, null)).toBeNull();
    expect(words(0, null, null)).toBe('right in ice');
    expect(words(0.8, 95.5, 96)).toBe('0.8 °C too high in ice, 0.5 °C too low in boiling water');
    expect(words(-0.3, 96, 96)).toBe('0.3 °C too low in ice, right in boiling water');
    // What water boiled at then is not known: nothing can be said of it.
    expect(words(null, 95.5, null)).toBeNull();
  });
});
