import type { Place } from '../core/practical';
import { Id, OneOf, OrNull, Quantity, Text, Whole } from './fields';

/** Altitudes a school can have, m. */
const roomAltitudeRangeM = { low: -430, high: 6000 } as const;

/** A room as it is sent for saving. */
export class RoomInput implements Place {
  @Text(60, 1) name!: string;
  @OneOf(['food-room', 'laboratory']) kind!: 'food-room' | 'laboratory';
  @OrNull() @Quantity(roomAltitudeRangeM.low, roomAltitudeRangeM.high, 'm') altitudeM!: number | null;
  @OrNull() @Quantity(80, 102, '°C') measuredBoilingC!: number | null;
  @Whole(1, 40) stations!: number;
  @Quantity(0.001, 50, 'g') balanceG!: number;
}

/** A new room, with the id its maker gave it. */
export class NewRoom extends RoomInput {
  @Id() id!: string;
}

/** A changed room, with the version it was read at. */
export class RoomEdit extends RoomInput {
  @Whole(1, 1e9) version!: number;
}

export interface Room extends Place {
  id: string;
  version: number;
}
