import { describe, expect, it } from 'vitest';
import { accepts } from '../shape';
import { equipmentKinds, equipmentShape, laidOut, newEquipment, squaresOf, type Equipment } from '.';

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
