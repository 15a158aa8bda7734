import * as body from "./body/body-room";
import * as collar from "./collar/collar-room";
import * as finish from "./finish/finish-room";
import * as grown from "./grown/grown-room";
import * as inside from "./inside/inside-room";
import type { RoomId, Rooms } from "./room-ids";
import * as skirt from "./skirt/skirt-room";
import * as sleeve from "./sleeve/sleeve-room";
import * as trim from "./trim/trim-room";

const rooms: Rooms = { body, skirt, sleeve, collar, grown, trim, inside, finish };

/** What chalks a part of a garment. On the server, in tests and scripts every room is at hand; see `rooms.browser.ts`. */
export function room<Id extends RoomId>(id: Id): Rooms[Id] {
  return rooms[id];
}

/** Brings the rooms that a garment is chalked in; null where they are at hand. */
export function bringRooms(_ids: readonly RoomId[]): Promise<void> | null {
  return null;
}
