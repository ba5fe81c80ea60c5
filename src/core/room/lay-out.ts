import { newEquipment } from './new-equipment';
import type { Equipment, EquipmentKind } from './equipment';

/** How many squares a thing takes on the plan of a room, across and deep; a square is half a metre. */
export const footprint = (kind: EquipmentKind): { wide: number; deep: number } =>
  kind === 'station' ? { wide: 3, deep: 2 } : { wide: 1, deep: 1 };

/** Walls along which things stand, by kind (common practice). */
const walls: Partial<Record<EquipmentKind, 'back' | 'right' | 'left' | 'front'>> = {
  oven: 'back',
  refrigerator: 'back',
  freezer: 'back',
  microwave: 'back',
  sink: 'right',
  balance: 'left',
  thermometer: 'front',
  kettle: 'front',
  mixer: 'front',
};
/** Squares between the fronts of two rows of stations, and between two stations of a row. */
const [rowApart, stationApart] = [4, 5];

/**
 * A first plan of a room: stations in rows with a hob beside each, ovens and cold along the back wall, sinks at the right,
 * balances at the left, what is carried about at the front. Nothing that stands somewhere already is moved.
 *
 * @param newId makes ids for stations that are not drawn yet
 */
export function laidOut(equipment: readonly Equipment[], stations: number, newId: () => string): Equipment[] {
  const known = new Set(equipment.flatMap((one) => (one.kind === 'station' ? [one.number] : [])));
  const all = [
    ...equipment.filter((one) => one.kind !== 'station' || one.number <= stations),
    ...Array.from({ length: stations }, (_, i) => i + 1)
      .filter((number) => !known.has(number))
      .map((number) => newEquipment('station', newId(), number)),
  ];
  const across = Math.ceil(Math.sqrt(1.4 * stations));
  const wide = 3 + across * stationApart;
  const deep = 4 + Math.ceil(stations / across) * rowApart;
  const taken = new Set(all.flatMap((one) => squaresOf(one)));
  const stationAt = (number: number) => ({
    x: 3 + ((number - 1) % across) * stationApart,
    y: 3 + Math.floor((number - 1) / across) * rowApart,
  });
  const along = new Map<string, number>();
  let hob = 0;
  return all.map((one): Equipment => {
    if (one.x !== null && one.y !== null) return one;
    if (one.kind === 'station') return placed(one, stationAt(one.number), taken);
    if (one.kind === 'hob') {
      hob += 1;
      const { x, y } = stationAt(Math.min(hob, stations));
      return placed(one, { x: x + 3, y: y + (hob > stations ? 1 : 0) }, taken);
    }
    const wall = walls[one.kind] ?? 'front';
    const n = along.get(wall) ?? 0;
    along.set(wall, n + 1);
    const step = 2 * n;
    const spot =
      wall === 'back'
        ? { x: 2 + step, y: 0 }
        : wall === 'right'
          ? { x: wide, y: 2 + step }
          : wall === 'left'
            ? { x: 0, y: 2 + step }
            : { x: 2 + n, y: deep };
    return placed(one, spot, taken);
  });
}

/** Most squares a plan has each way. */
const most = 59;

function placed<E extends Equipment>(one: E, spot: { x: number; y: number }, taken: Set<string>): E {
  let { x, y } = { x: Math.min(spot.x, most), y: Math.min(spot.y, most) };
  // Where something stands already, the next square along.
  for (let tries = 0; tries < 3600; tries += 1) {
    const squares = squaresOf({ ...one, x, y });
    if (!squares.some((square) => taken.has(square))) {
      squares.forEach((square) => taken.add(square));
      return { ...one, x, y };
    }
    x = x < most ? x + 1 : 0;
    if (x === 0) y = y < most ? y + 1 : 0;
  }
  return { ...one, x, y };
}

/** Squares a thing stands on, as “x y”; none where it is not drawn in. */
export function squaresOf({ kind, x, y }: Pick<Equipment, 'kind' | 'x' | 'y'>): string[] {
  if (x === null || y === null) return [];
  const { wide, deep } = footprint(kind);
  return Array.from({ length: wide * deep }, (_, i) => `${x + (i % wide)} ${y + Math.floor(i / wide)}`);
}

/** The last square a thing of a kind can begin at, across and deep, so that all of it is on the plan. */
export function lastSquare(kind: EquipmentKind): { x: number; y: number } {
  const { wide, deep } = footprint(kind);
  return { x: most + 1 - wide, y: most + 1 - deep };
}
