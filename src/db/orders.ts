import { and, asc, count, desc, eq, inArray, isNull, ne, type SQL, sql } from "drizzle-orm";
import * as v from "valibot";
import { type CutSheet, cutSheetSchema } from "../core/formats";
import type { Unit } from "../core/length";
import type { Database } from "./connection";
import { takeBack } from "./progress";
import {
  clients,
  cutSheets,
  type OrderState,
  orders,
  type StoredAlteration,
  type StoredCloth,
  type StoredDecisions,
  type StoredFitted,
  type StoredMoney,
  type StoredSpoilt,
  shop,
} from "./schema";

export interface StoredOrder {
  readonly id: string;
  readonly number: number;
  readonly clientId: string;
  readonly cardId: string;
  readonly garment: string;
  /** The shop's tape when the order was taken: another tape since redraws nothing. */
  readonly unit: Unit;
  readonly choices: StoredDecisions;
  readonly rules: StoredDecisions;
  readonly cloth: StoredCloth;
  readonly state: OrderState;
  readonly promisedOn: string | null;
  /** Days on which the client comes for a fitting. */
  readonly fittings: readonly string[];
  readonly spoilt: readonly StoredSpoilt[];
  readonly fitted: readonly StoredFitted[];
  /** Null while nothing was agreed. */
  readonly money: StoredMoney | null;
  /** Of an order without a draft; null where a garment is cut. */
  readonly alteration: StoredAlteration | null;
}

/** What is written of an order after it is cut. */
type AfterCut = "spoilt" | "fitted" | "money" | "alteration";

export interface ListedOrder extends StoredOrder {
  readonly clientName: string;
}

async function select(db: Database, where: SQL | undefined, most?: number): Promise<readonly ListedOrder[]> {
  const query = db
    .select({ order: orders, clientName: clients.name })
    .from(orders)
    .innerJoin(clients, eq(orders.clientId, clients.id))
    .where(where)
    .orderBy(asc(orders.promisedOn), asc(orders.number));
  const rows = await (most === undefined ? query : query.limit(most));
  return rows.map(({ order, clientName }) => ({ ...order, clientName }));
}

/** Every order with its client's name, by the promised day. */
export function listOrders(db: Database): Promise<readonly ListedOrder[]> {
  return select(db, undefined);
}

/** What was seen at the fittings of every order that had one. */
export function listFittedOrders(db: Database): Promise<readonly Pick<StoredOrder, "id" | "clientId" | "fitted">[]> {
  return db
    .select({ id: orders.id, clientId: orders.clientId, fitted: orders.fitted })
    .from(orders)
    .where(sql`jsonb_array_length(${orders.fitted}) > 0`);
}

export function listOrdersOfClient(db: Database, clientId: string): Promise<readonly ListedOrder[]> {
  return select(db, eq(orders.clientId, clientId));
}

/** The orders in a state that are promised first, and no more of them than a page shows. */
export function listOrdersInState(db: Database, state: OrderState, most: number): Promise<readonly ListedOrder[]> {
  return select(db, eq(orders.state, state), most);
}

/** Orders promised or fitted from one day to another, both included; what is collected is past. */
export function listOrdersDue(db: Database, from: string, to: string): Promise<readonly ListedOrder[]> {
  const fitted = sql`exists (select 1 from jsonb_array_elements_text(${orders.fittings}) as day where day between ${from} and ${to})`;
  return select(
    db,
    sql`${ne(orders.state, "collected")} and (${orders.promisedOn} between ${from} and ${to} or ${fitted})`,
  );
}

/** What is promised until a day and not done yet, by its state and its day; alterations, which take as long as they take, left out. */
export async function listPromises(
  db: Pick<Database, "select">,
  until: string,
): Promise<readonly { readonly state: OrderState; readonly promisedOn: string }[]> {
  const rows = await db
    .select({ state: orders.state, promisedOn: orders.promisedOn })
    .from(orders)
    .where(
      and(
        inArray(orders.state, ["measured", "drafted", "cutting", "cut"]),
        isNull(orders.alteration),
        sql`${orders.promisedOn} <= ${until}`,
      ),
    );
  return rows.flatMap(({ state, promisedOn }) => (promisedOn === null ? [] : [{ state, promisedOn }]));
}

/** A garment that was cut, as the logbook lists it: who, what, when, without its sheet. */
export interface LoggedOrder extends ListedOrder {
  readonly cutAt: string;
}

/** What narrows the logbook: letters of a name or a number, and garments; all of it where nothing is said. */
export interface LogFilter {
  readonly letters: string;
  readonly garment: string;
}

/** Every garment that was cut, the last one first. @param most no more of them than a page shows */
export async function listLog(
  db: Database,
  { letters, garment }: LogFilter,
  most?: number,
): Promise<readonly LoggedOrder[]> {
  const like = `%${letters.replace(/[\\%_]/g, "\\$&")}%`;
  const where = and(
    eq(cutSheets.take, 1),
    letters === "" ? undefined : sql`(${clients.name} ilike ${like} or ${orders.number}::text = ${letters})`,
    garment === "" ? undefined : eq(orders.garment, garment),
  );
  const query = db
    .select({ order: orders, clientName: clients.name, cutAt: cutSheets.frozenAt })
    .from(cutSheets)
    .innerJoin(orders, eq(cutSheets.orderId, orders.id))
    .innerJoin(clients, eq(orders.clientId, clients.id))
    .where(where)
    .orderBy(desc(cutSheets.frozenAt), desc(orders.number));
  const rows = await (most === undefined ? query : query.limit(most));
  return rows.map(({ order, clientName, cutAt }) => ({ ...order, clientName, cutAt }));
}

/** How many orders stand in each state. */
export async function countOrders(db: Database): Promise<Readonly<Partial<Record<OrderState, number>>>> {
  const rows = await db.select({ state: orders.state, many: count() }).from(orders).groupBy(orders.state);
  return Object.fromEntries(rows.map(({ state, many }) => [state, many]));
}

export async function findOrder(db: Database, id: string): Promise<StoredOrder | undefined> {
  const [order] = await db.select().from(orders).where(eq(orders.id, id));
  return order;
}

/** Adds an order under the shop's next number; numbers are the shop's own, so that none is skipped. */
export async function addOrder(
  db: Database,
  order: Omit<StoredOrder, "number" | AfterCut> & Partial<Pick<StoredOrder, AfterCut>>,
  now: string,
): Promise<number> {
  return db.transaction(async (tx) => {
    const [row] = await tx
      .update(shop)
      .set({ nextOrderNumber: sql`${shop.nextOrderNumber} + 1` })
      .where(eq(shop.id, 1))
      .returning({ next: shop.nextOrderNumber });
    const number = (row?.next ?? 2) - 1;
    await tx.insert(orders).values({ ...order, number, updatedAt: now });
    return number;
  });
}

/** Changes an order; false where it is not in the book any more. */
export async function changeOrder(
  db: Database,
  id: string,
  change: Partial<Pick<StoredOrder, "choices" | "rules" | "cloth" | "state" | "promisedOn" | "fittings" | "cardId">>,
  now: string,
): Promise<boolean> {
  const changed = await db
    .update(orders)
    .set({ ...change, updatedAt: now })
    .where(eq(orders.id, id))
    .returning({ id: orders.id });
  return changed.length > 0;
}

/**
 * Changes an order of which something is still to be cut; false where all of it was cut meanwhile, and it stays as it is.
 *
 * @param asSeen what it must still say of its decisions: where another screen decided otherwise it stays as that one left it
 */
export async function changeUncut(
  db: Database,
  id: string,
  change: Partial<Pick<StoredOrder, "choices" | "rules" | "cloth" | "state" | "cardId">>,
  now: string,
  asSeen?: Pick<StoredOrder, "choices" | "rules" | "cloth">,
): Promise<boolean> {
  const uncut = sql`(${orders.state} = 'cutting' or not exists (select 1 from ${cutSheets} where ${cutSheets.orderId} = ${orders.id}))`;
  const seen =
    asSeen === undefined
      ? []
      : [eq(orders.choices, asSeen.choices), eq(orders.rules, asSeen.rules), eq(orders.cloth, asSeen.cloth)];
  const changed = await db
    .update(orders)
    .set({ ...change, updatedAt: now })
    .where(and(eq(orders.id, id), uncut, ...seen))
    .returning({ id: orders.id });
  return changed.length > 0;
}

/** A sheet as it was kept: the one that was cut from is the first take, the next are drawn to what was sewn. */
export interface KeptSheet {
  readonly sheet: CutSheet;
  readonly frozenAt: string;
  readonly take: number;
}

/** Every sheet that an order kept, the first one first. */
export async function listTakes(db: Database, orderId: string): Promise<readonly KeptSheet[]> {
  const rows = await db.select().from(cutSheets).where(eq(cutSheets.orderId, orderId)).orderBy(asc(cutSheets.take));
  return rows.map(({ sheet, frozenAt, take }) => ({ sheet: v.parse(cutSheetSchema, sheet), frozenAt, take }));
}

/** The sheet that an order is worked from; undefined while nothing is cut. */
export async function findCutSheet(db: Database, orderId: string): Promise<KeptSheet | undefined> {
  const newest = db.select().from(cutSheets).where(eq(cutSheets.orderId, orderId)).orderBy(desc(cutSheets.take));
  const [row] = await newest.limit(1);
  return row === undefined
    ? undefined
    : { sheet: v.parse(cutSheetSchema, row.sheet), frozenAt: row.frozenAt, take: row.take };
}

/**
 * Keeps the sheet as it is cut from; false where the order has one already: that stays, and so does what came after.
 *
 * @param state whether all of it is cut, or its first piece
 */
export async function freezeSheet(
  db: Database,
  id: string,
  orderId: string,
  sheet: CutSheet,
  now: string,
  state: "cutting" | "cut" = "cut",
): Promise<boolean> {
  return db.transaction(async (tx) => {
    const row = { id, orderId, sheet, frozenAt: now };
    const frozen = await tx.insert(cutSheets).values(row).onConflictDoNothing().returning({ id: cutSheets.id });
    if (frozen.length === 0) return false;
    await tx.update(orders).set({ state, updatedAt: now }).where(eq(orders.id, orderId));
    return true;
  });
}

/**
 * Keeps a sheet with pieces that were drawn anew to the sewn garment, beside the one that they were cut from before, and
 * takes back the ticks of those pieces; false where another screen kept a take since.
 *
 * @param after the take that was looked at
 */
export async function keepTake(
  db: Database,
  id: string,
  { orderId, after, sheet, steps }: { orderId: string; after: number; sheet: CutSheet; steps: readonly string[] },
  now: string,
): Promise<boolean> {
  return db.transaction(async (tx) => {
    const row = { id, orderId, sheet, frozenAt: now, take: after + 1 };
    const kept = await tx.insert(cutSheets).values(row).onConflictDoNothing().returning({ id: cutSheets.id });
    if (kept.length === 0) return false;
    await takeBack(tx, orderId, steps, now);
    return true;
  });
}

/**
 * Changes what is written of an order after it is cut, as it stands in the book at that moment: two screens that add to it
 * lose nothing of one another's.
 *
 * @returns false where the order is not in the book any more
 */
export async function changeCutOrder(
  db: Database,
  id: string,
  change: (before: Pick<StoredOrder, AfterCut>) => Partial<Pick<StoredOrder, AfterCut>>,
  now: string,
): Promise<boolean> {
  return db.transaction(async (tx) => {
    const [row] = await tx.select().from(orders).where(eq(orders.id, id)).for("update");
    if (row === undefined) return false;
    await tx
      .update(orders)
      .set({ ...change(row), updatedAt: now })
      .where(eq(orders.id, id));
    return true;
  });
}
