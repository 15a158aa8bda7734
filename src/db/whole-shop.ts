import { asc, eq, sql } from "drizzle-orm";
import type { Database } from "./connection";
import {
  cards,
  clients,
  cutSheets,
  figureNotes,
  incomingSheets,
  orders,
  practiceTries,
  rehearsals,
  ruleSets,
  shop,
  tableProgress,
} from "./schema";

/** Every row of the shop's book but the sheets that were cut from, table by table. */
export interface ShopRows {
  readonly shop: typeof shop.$inferSelect;
  readonly clients: readonly (typeof clients.$inferSelect)[];
  readonly cards: readonly (typeof cards.$inferSelect)[];
  readonly figureNotes: readonly (typeof figureNotes.$inferSelect)[];
  readonly orders: readonly (typeof orders.$inferSelect)[];
  readonly ruleSets: readonly (typeof ruleSets.$inferSelect)[];
  readonly tableProgress: readonly (typeof tableProgress.$inferSelect)[];
  readonly rehearsals: readonly (typeof rehearsals.$inferSelect)[];
  readonly practiceTries: readonly (typeof practiceTries.$inferSelect)[];
}

/** A sheet that was cut from. There may be thousands, and each is large: they are read and written one at a time. */
export type SheetRow = typeof cutSheets.$inferSelect;

/** What reads rows: the book itself, or a transaction of it. */
export type Reader = Pick<Database, "select" | "execute">;

/** Every row but the sheets; in a transaction nothing is written between one table and the next. */
export async function readShopRows(tx: Reader): Promise<ShopRows> {
  const [own] = await tx.select().from(shop);
  if (own === undefined) throw new Error("expected the shop's one row, found none");
  return {
    shop: own,
    clients: await tx.select().from(clients).orderBy(asc(clients.createdAt), asc(clients.id)),
    cards: await tx.select().from(cards).orderBy(asc(cards.createdAt), asc(cards.id)),
    figureNotes: await tx.select().from(figureNotes).orderBy(asc(figureNotes.createdAt), asc(figureNotes.id)),
    orders: await tx.select().from(orders).orderBy(asc(orders.number)),
    ruleSets: await tx.select().from(ruleSets).orderBy(asc(ruleSets.name), asc(ruleSets.id)),
    tableProgress: await tx.select().from(tableProgress).orderBy(asc(tableProgress.orderId)),
    rehearsals: await tx.select().from(rehearsals).orderBy(asc(rehearsals.startedAt), asc(rehearsals.id)),
    practiceTries: await tx.select().from(practiceTries).orderBy(asc(practiceTries.on), asc(practiceTries.id)),
  };
}

/** The ids of all sheets, the first that was frozen first. */
export async function listSheetIds(tx: Reader): Promise<readonly string[]> {
  const rows = await tx
    .select({ id: cutSheets.id })
    .from(cutSheets)
    .orderBy(asc(cutSheets.frozenAt), asc(cutSheets.id));
  return rows.map(({ id }) => id);
}

/** One sheet; undefined where its client was taken out meanwhile. A sheet that is there never changes. */
export async function readSheetRow(tx: Reader, id: string): Promise<SheetRow | undefined> {
  const [row] = await tx.select().from(cutSheets).where(eq(cutSheets.id, id));
  return row;
}

/** Reads in one moment of the book: what is written meanwhile is not seen. */
export function atOneMoment<Value>(db: Database, read: (tx: Reader) => Promise<Value>): Promise<Value> {
  return db.transaction(read, { isolationLevel: "repeatable read", accessMode: "read only" });
}

/** Stands for the state of the book in this run: it moves with everything that is written. */
export async function writeMark(db: Reader): Promise<string> {
  const { rows } = await db.execute<{ mark: string }>(
    sql`select pg_snapshot_xmax(pg_current_snapshot())::text as mark`,
  );
  return rows[0]?.mark ?? "";
}

/** So many rows go in one statement: the wire protocol counts its parameters in 16 bits. */
const ROWS_AT_ONCE = 500;

/** Tables so that every row comes after those it refers to; the sheets come after all of them. */
const inOrder = [
  ["clients", clients],
  ["cards", cards],
  ["figureNotes", figureNotes],
  ["orders", orders],
  ["ruleSets", ruleSets],
  ["tableProgress", tableProgress],
  ["rehearsals", rehearsals],
  ["practiceTries", practiceTries],
] as const;

/** Puts sheets beside the book, one after another, while others work. */
async function putBeside(db: Database, sheets: AsyncIterable<SheetRow> | Iterable<SheetRow>): Promise<void> {
  // What an earlier one left that never came to its end.
  await db.delete(incomingSheets);
  for await (const sheet of sheets) await db.insert(incomingSheets).values(sheet);
}

/**
 * Puts a whole book in the place of the one that is there: all of it, or nothing of it. Its sheets are put beside it first;
 * then nothing is written between the moment that is kept and the moment that it is replaced: what waits meanwhile finds
 * the new book.
 *
 * @param keepBefore keeps what was there; where it cannot, the book stays as it is
 */
export async function bringBackShop(
  db: Database,
  rows: ShopRows,
  sheets: AsyncIterable<SheetRow> | Iterable<SheetRow>,
  keepBefore: (before: Reader) => Promise<unknown>,
): Promise<void> {
  await putBeside(db, sheets);
  await db.transaction(async (tx) => {
    await keepBefore(tx);
    await tx.execute(sql`select set_config('inner_fold.erasing', 'on', true)`);
    await tx.delete(cutSheets);
    for (const [, table] of [...inOrder].reverse()) await tx.delete(table);
    await tx.update(shop).set({ ...rows.shop, id: 1 });
    for (const [key, table] of inOrder)
      for (let from = 0; from < rows[key].length; from += ROWS_AT_ONCE)
        // Each key names the rows of its own table; the pairs are told apart only by value here.
        await tx.insert(table).values(rows[key].slice(from, from + ROWS_AT_ONCE) as never);
    await tx.insert(cutSheets).select(tx.select().from(incomingSheets));
    await tx.delete(incomingSheets);
  });
}
