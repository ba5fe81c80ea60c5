import type { Knex } from 'knex';
import type { NewRoom, Room, RoomEdit, RoomInput } from '../../contract/rooms';
import type { Place } from '../../core/practical';
import { notFound, Problem } from '../problems/problem';

interface RoomRow {
  id: string;
  name: string;
  kind: Place['kind'];
  altitude_m: number | null;
  measured_boiling_c: number | null;
  stations: number;
  balance_g: number;
  equipment: string;
  tools: string;
  version: number;
}

const roomOf = (row: RoomRow): Room => ({
  id: row.id,
  name: row.name,
  kind: row.kind,
  altitudeM: row.altitude_m,
  measuredBoilingC: row.measured_boiling_c,
  stations: row.stations,
  balanceG: row.balance_g,
  equipment: JSON.parse(row.equipment) as Room['equipment'],
  tools: JSON.parse(row.tools) as Room['tools'],
  version: row.version,
});

const columnsOf = (room: RoomInput) => ({
  name: room.name.trim(),
  kind: room.kind,
  altitude_m: room.altitudeM,
  measured_boiling_c: room.measuredBoilingC,
  stations: room.stations,
  balance_g: room.balanceG,
  equipment: JSON.stringify(room.equipment),
  tools: JSON.stringify(room.tools),
});

/** Writes a room, in whatever transaction `knex` is; one of the same id stays as it is. */
export async function insertRoom(knex: Knex, room: NewRoom): Promise<void> {
  await knex('rooms')
    .insert({ id: room.id, version: 1, ...columnsOf(room) })
    .onConflict('id')
    .ignore();
}

/** Rooms: the places with their altitude and equipment. */
export class Rooms {
  readonly #knex: Knex;

  constructor(knex: Knex) {
    this.#knex = knex;
  }

  async all(): Promise<Room[]> {
    return (await this.#knex<RoomRow>('rooms').orderBy('name')).map(roomOf);
  }

  async one(id: string): Promise<Room> {
    const row = await this.#knex<RoomRow>('rooms').where({ id }).first();
    if (!row) throw notFound('room', id);
    return roomOf(row);
  }

  /** Adds a room; the same id again is harmless. */
  async add(room: NewRoom): Promise<Room> {
    await insertRoom(this.#knex, room);
    return this.one(room.id);
  }

  /** Changes a room that is still as the editor read it. */
  async change(id: string, edit: RoomEdit): Promise<Room> {
    const changed = await this.#knex('rooms')
      .where({ id, version: edit.version })
      .update({ ...columnsOf(edit), version: edit.version + 1 });
    const room = await this.one(id);
    if (changed === 0) {
      throw new Problem(
        409,
        'Changed in the meantime',
        `${room.name} was changed somewhere else after you opened it.`,
        {
          current: room,
        },
      );
    }
    return room;
  }
}
