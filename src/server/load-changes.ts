import { changeAfterCut, type DrawnFree, drawFree, makeDrawing, type PieceChange } from "@/core/formats";
import { freePieces } from "@/core/making";
import { type Client, database, findCutSheet, findProgress, type KeptSheet, type StoredOrder } from "@/db";
import { type LoadedOrder, loadOrder } from "./load";
import { writeOrder } from "./order-document";
import { outcomeErrors } from "./sheet-errors";

export interface LoadedChanges {
  readonly order: StoredOrder;
  readonly client: Client;
  readonly changes: readonly PieceChange[];
  /** Pieces that the order has now and had not when the first was cut. */
  readonly added: readonly string[];
  /** Why it could not be drawn by the card as it is now; empty where it could. */
  readonly undrawn: readonly string[];
  /** Whether something is still to be cut, and may be drawn anew. */
  readonly free: boolean;
  /** The take that this was held against. */
  readonly take: number;
}

/** An order as it is written now, by the newest card: a later one may hold a few readings alone, the rest is as it was. */
function documentNow({ order, card, newest, ...around }: LoadedOrder) {
  const now = { ...newest, readings: { ...card.readings, ...newest.readings } };
  return writeOrder(order, { ...around, card: now });
}

interface Kept {
  readonly kept: KeptSheet;
  /** Pieces that no shears have been near. */
  readonly free: ReadonlySet<string>;
}

async function findFree({ id, state }: Pick<StoredOrder, "id" | "state">): Promise<Kept | null> {
  const db = await database();
  const kept = await findCutSheet(db, id);
  if (kept === undefined) return null;
  const done = new Set((await findProgress(db, id))?.done);
  return { kept, free: freePieces(kept.sheet, done, state !== "cutting") };
}

/** What the order and the client's card, as they are now, would change on a garment that was cut; null where nothing is cut. */
export async function loadChanges(id: string): Promise<LoadedChanges | null> {
  const loaded = await loadOrder(id);
  const found = await findFree(loaded.order);
  if (found === null) return null;
  const { kept, free } = found;
  const drawn = makeDrawing(documentNow(loaded));
  const before = new Set(kept.sheet.pieces.map((piece) => piece.id));
  return {
    order: loaded.order,
    client: loaded.client,
    changes: drawn.kind === "sheet" ? changeAfterCut(kept.sheet, drawn.sheet, free) : [],
    added:
      drawn.kind === "sheet" ? drawn.sheet.pieces.filter((piece) => !before.has(piece.id)).map(({ name }) => name) : [],
    undrawn: drawn.kind === "sheet" ? [] : outcomeErrors(drawn).map(({ message }) => message),
    free: free.size > 0,
    take: kept.take,
  };
}

/** A garment that is being cut with what is free of it drawn anew; null where nothing is cut. */
export async function loadFree(id: string): Promise<(Kept & { readonly drawn: DrawnFree }) | null> {
  const loaded = await loadOrder(id);
  const found = await findFree(loaded.order);
  return found === null ? null : { ...found, drawn: drawFree(found.kept.sheet, documentNow(loaded), found.free) };
}
