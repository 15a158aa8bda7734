import { changeAfterCut, makeDrawing, type PieceChange } from "@/core/formats";
import { type Client, database, findCutSheet, findProgress, type KeptSheet, type StoredOrder } from "@/db";
import { loadOrder } from "./load";
import { writeOrder } from "./order-document";

export interface LoadedChanges {
  readonly order: StoredOrder;
  readonly client: Client;
  readonly changes: readonly PieceChange[];
}

/** Pieces whose cut is not ticked, of a sheet on which something else is: those are still free. */
function freeOf({ sheet }: KeptSheet, done: ReadonlySet<string>): ReadonlySet<string> {
  const cuts = sheet.steps.filter(({ phase }) => phase === "cut");
  const any = cuts.some(({ id }) => done.has(id));
  const isCut = (piece: string) => {
    const own = cuts.filter((step) => step.piece === piece);
    return !any || own.length === 0 || own.some(({ id }) => done.has(id));
  };
  return new Set(sheet.pieces.filter(({ id }) => !isCut(id)).map(({ id }) => id));
}

/** What the client's card, as it is now, would change on a garment that was cut; null where nothing is cut. */
export async function loadChanges(id: string): Promise<LoadedChanges | null> {
  const { order, newest, ...around } = await loadOrder(id);
  const db = await database();
  const kept = await findCutSheet(db, order.id);
  if (kept === undefined) return null;
  const drawn = makeDrawing(writeOrder(order, { ...around, card: newest }));
  const done = new Set((await findProgress(db, order.id))?.done);
  const changes = drawn.kind === "sheet" ? changeAfterCut(kept.sheet, drawn.sheet, freeOf(kept, done)) : [];
  return { order, client: around.client, changes };
}
