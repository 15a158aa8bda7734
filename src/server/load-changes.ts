import { changeAfterCut, makeDrawing, type PieceChange } from "@/core/formats";
import { type Client, database, findCutSheet, findProgress, type KeptSheet, type StoredOrder } from "@/db";
import { loadOrder } from "./load";
import { writeOrder } from "./order-document";
import { outcomeErrors } from "./sheet-errors";

export interface LoadedChanges {
  readonly order: StoredOrder;
  readonly client: Client;
  readonly changes: readonly PieceChange[];
  /** Why it could not be drawn by the card as it is now; empty where it could. */
  readonly undrawn: readonly string[];
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
  const { order, card, newest, ...around } = await loadOrder(id);
  const db = await database();
  const kept = await findCutSheet(db, order.id);
  if (kept === undefined) return null;
  // A later card may hold a few readings alone: what it does not say is as it was.
  const now = { ...newest, readings: { ...card.readings, ...newest.readings } };
  const drawn = makeDrawing(writeOrder(order, { ...around, card: now }));
  const done = new Set((await findProgress(db, order.id))?.done);
  const changes = drawn.kind === "sheet" ? changeAfterCut(kept.sheet, drawn.sheet, freeOf(kept, done)) : [];
  const undrawn = drawn.kind === "sheet" ? [] : outcomeErrors(drawn).map(({ message }) => message);
  return { order, client: around.client, changes, undrawn };
}
