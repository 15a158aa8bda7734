import { asc, sql } from "drizzle-orm";
import type { Database } from "./connection";
import { cards, clients, cutSheets, figureNotes, orders, ruleSets, shop, tableProgress } from "./schema";

/** Every row of the shop's book, table by table. */
export interface WholeShop {
  readonly shop: typeof shop.$inferSelect;
  readonly clients: readonly (typeof clients.$inferSelect)[];
  readonly cards: readonly (typeof cards.$inferSelect)[];
  readonly figureNotes: readonly (typeof figureNotes.$inferSelect)[];
  readonly orders: readonly (typeof orders.$inferSelect)[];
  readonly cutSheets: readonly (typeof cutSheets.$inferSelect)[];
  readonly ruleSets: readonly (typeof ruleSets.$inferSelect)[];
  readonly tableProgress: readonly (typeof tableProgress.$inferSelect)[];
}

/** Every row, read in a transaction: nothing is written between one table and the next. */
async function readRows(tx: Pick<Database, "select">): Promise<WholeShop> {
  const [own] = await tx.select().from(shop);
  if (own === undefined) throw new Error("expected the shop's one row, found none");
  return {
    shop: own,
    clients: await tx.select().from(clients).orderBy(asc(clients.createdAt), asc(clients.id)),
    cards: await tx.select().from(cards).orderBy(asc(cards.createdAt), asc(cards.id)),
    figureNotes: await tx.select().from(figureNotes).orderBy(asc(figureNotes.createdAt), asc(figureNotes.id)),
    orders: await tx.select().from(orders).orderBy(asc(orders.number)),
    cutSheets: await tx.select().from(cutSheets).orderBy(asc(cutSheets.frozenAt), asc(cutSheets.id)),
    ruleSets: await tx.select().from(ruleSets).orderBy(asc(ruleSets.name), asc(ruleSets.id)),
    tableProgress: await tx.select().from(tableProgress).orderBy(asc(tableProgress.orderId)),
  };
}

/** Reads the whole book as it stands at one moment. */
export async function readWholeShop(db: Database): Promise<WholeShop> {
  return db.transaction(readRows, { isolationLevel: "repeatable read" });
}

/** So many rows go in one statement: the wire protocol counts its parameters in 16 bits. */
const ROWS_AT_ONCE = 500;

/** Tables so that every row comes after those it refers to. */
const inOrder = [
  ["clients", clients],
  ["cards", cards],
  ["figureNotes", figureNotes],
  ["orders", orders],
  ["cutSheets", cutSheets],
  ["ruleSets", ruleSets],
  ["tableProgress", tableProgress],
] as const;

/**
 * Puts a whole book in the place of the one that is there: all of it, or nothing of it. Nothing is written between the
 * moment that is kept and the moment that it is replaced: what waits meanwhile finds the new book.
 *
 * @param keepBefore keeps what was there; where it cannot, the book stays as it is
 */
export async function bringBackShop(
  db: Database,
  whole: WholeShop,
  keepBefore: (before: WholeShop) => Promise<unknown>,
): Promise<void> {
  await db.transaction(async (tx) => {
    await keepBefore(await readRows(tx));
    await tx.execute(sql`select set_config('inner_fold.erasing', 'on', true)`);
    for (const [, table] of [...inOrder].reverse()) await tx.delete(table);
    await tx.update(shop).set({ ...whole.shop, id: 1 });
    for (const [key, table] of inOrder) {
      const rows = whole[key];
      for (let from = 0; from < rows.length; from += ROWS_AT_ONCE)
        // Each key names the rows of its own table; the pairs are told apart only by value here.
        await tx.insert(table).values(rows.slice(from, from + ROWS_AT_ONCE) as never);
    }
  });
}
