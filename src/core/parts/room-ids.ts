import type * as bodyRoom from "./body-room";
import type * as skirtRoom from "./skirt/skirt-room";

/** What chalks each part of a garment. */
export interface Rooms {
  readonly body: typeof bodyRoom;
  readonly skirt: typeof skirtRoom;
}

export type RoomId = keyof Rooms;
