import type { Room, ThermometerCheck } from '../../contract/rooms';
import { boilingIn } from '../../core/practical';
import { refusedField } from '../problems/problem';
import type { Rooms } from '../rooms/rooms';

/** What thermometers showed in ice and in boiling water. */
export class ThermometerChecks {
  readonly #rooms: Rooms;

  constructor(rooms: Rooms) {
    this.#rooms = rooms;
  }

  /** Keeps a check with what water boils at there; the same again is harmless. */
  async keep(roomId: string, check: ThermometerCheck): Promise<Room> {
    for (let tries = 0; ; tries += 1) {
      const { id, version, ...room } = await this.#rooms.one(roomId);
      const known = room.equipment.find((one) => one.id === check.thermometerId);
      if (known?.kind !== 'thermometer') {
        throw refusedField('/thermometerId', check.thermometerId, `a thermometer of ${room.name}`);
      }
      const { inIceC, inBoilingC, checkedAt, station } = check;
      const boilingC = boilingIn(room).boilingC;
      const equipment = room.equipment.map((one) =>
        one === known ? { ...known, inIceC, inBoilingC, checkedAt, boilingC, station } : one,
      );
      try {
        return await this.#rooms.change(id, { ...room, equipment, version });
      } catch (error) {
        // Somebody else changed the room meanwhile: this one thing is put into what stands there now.
        if (tries >= 3) throw error;
      }
    }
  }
}
