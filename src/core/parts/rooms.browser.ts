import type { RoomId, Rooms } from "./room-ids";

// A page of a bodice must not carry the skirts: what chalks a part comes when a garment that has it is opened. Other
// parties than a browser take `rooms.ts` (package.json, imports).

type Bring = { readonly [Id in RoomId]: () => Promise<Rooms[Id]> };
type Kept = { -readonly [Id in RoomId]?: Rooms[Id] };

const bring: Bring = {
  body: () => import("./body/body-room"),
  skirt: () => import("./skirt/skirt-room"),
  sleeve: () => import("./sleeve/sleeve-room"),
  collar: () => import("./collar/collar-room"),
  grown: () => import("./grown/grown-room"),
  trim: () => import("./trim/trim-room"),
  inside: () => import("./inside/inside-room"),
  finish: () => import("./finish/finish-room"),
};
const here: Kept = {};
const coming = new Map<string, Promise<void>>();

async function furnish<Id extends RoomId>(id: Id): Promise<void> {
  const brought: Kept[Id] = await bring[id]();
  here[id] = brought;
}

/** What chalks a part of a garment. Throws where it was not brought before. */
export function room<Id extends RoomId>(id: Id): Rooms[Id] {
  const found = here[id];
  if (found === undefined) throw new Error(`What chalks the ${id} was not brought.`);
  return found;
}

/** Brings the rooms that a garment is chalked in, one promise for the same rooms; null where they are at hand. */
export function bringRooms(ids: readonly RoomId[]): Promise<void> | null {
  const missing = ids.filter((id) => here[id] === undefined);
  if (missing.length === 0) return null;
  const key = missing.join(" ");
  const known = coming.get(key);
  if (known !== undefined) return known;
  const all = Promise.all(missing.map(furnish)).then(() => {});
  coming.set(key, all);
  // What did not come is asked for again the next time.
  all.catch(() => coming.delete(key));
  return all;
}
