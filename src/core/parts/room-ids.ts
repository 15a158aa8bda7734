import type * as bodyRoom from "./body/body-room";
import type * as collarRoom from "./collar/collar-room";
import type * as finishRoom from "./finish/finish-room";
import type * as grownRoom from "./grown/grown-room";
import type * as insideRoom from "./inside/inside-room";
import type * as skirtRoom from "./skirt/skirt-room";
import type * as sleeveRoom from "./sleeve/sleeve-room";
import type * as trimRoom from "./trim/trim-room";

/** What chalks each part of a garment. */
export interface Rooms {
  readonly body: typeof bodyRoom;
  readonly skirt: typeof skirtRoom;
  readonly sleeve: typeof sleeveRoom;
  readonly collar: typeof collarRoom;
  readonly grown: typeof grownRoom;
  readonly trim: typeof trimRoom;
  readonly inside: typeof insideRoom;
  readonly finish: typeof finishRoom;
}

export type RoomId = keyof Rooms;
