import { placeShape, type Place } from '../core/practical';
import { about, id, number, orNull, record, whole, type Of } from '../core/shape';
import { classOf } from './class-of';

/** A new room, with the id its maker gave it. */
export const newRoomShape = record('NewRoom', { id: id(), ...placeShape.fields });
export const NewRoom = classOf(newRoomShape);
export type NewRoom = Of<typeof newRoomShape>;

/** A room as a form has it. */
export const RoomInput = classOf(placeShape);
export type RoomInput = Place;

/** A changed room, with the version it was read at. */
const roomEditShape = record('RoomEdit', { version: whole(1, 1e9), ...placeShape.fields });
export const RoomEdit = classOf(roomEditShape);
export type RoomEdit = Of<typeof roomEditShape>;

/** What a thermometer showed. */
const thermometerCheckShape = record('ThermometerCheck', {
  thermometerId: id(),
  checkedAt: about('ms since 1970', whole(0, 8.64e15)),
  inIceC: about('in melting ice', orNull(number(-20, 20, '°C'))),
  inBoilingC: about('in boiling water', orNull(number(70, 120, '°C'))),
  station: about('whose station it lies at; null: nobody has said', orNull(whole(1, 40))),
});
export const ThermometerCheck = classOf(thermometerCheckShape);
export type ThermometerCheck = Of<typeof thermometerCheckShape>;

export interface Room extends Place {
  id: string;
  version: number;
}
