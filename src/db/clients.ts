import { and, asc, desc, eq, sql } from "drizzle-orm";
import type { FigureKind } from "../core/body";
import type { Database } from "./connection";
import {
  cards,
  clients,
  cutSheets,
  figureNotes,
  orders,
  rehearsals,
  type StoredReadings,
  tableProgress,
} from "./schema";

export interface Client {
  readonly id: string;
  readonly name: string;
}

export interface Card {
  readonly id: string;
  readonly clientId: string;
  readonly takenOn: string;
  readonly readings: StoredReadings;
  /** Whose body it is, and of a child the age in years where it was told. */
  readonly figure: FigureKind;
  readonly age: number | null;
  /** Counts the corrections, so that two who correct the same card are told of each other. */
  readonly revision: number;
}

/** Names as people sort them: Ábel beside Abel, No. 2 before No. 10, whatever the case. */
const inOrder = new Intl.Collator("en", { numeric: true, sensitivity: "base" });
const byName = (one: string, other: string): number => inOrder.compare(one, other) || (one < other ? -1 : 1);

export async function listClients(db: Database): Promise<readonly Client[]> {
  const all = await db.select({ id: clients.id, name: clients.name }).from(clients);
  return all.sort((one, other) => byName(one.name, other.name));
}

export async function findClient(db: Database, id: string): Promise<Client | undefined> {
  const [client] = await db.select({ id: clients.id, name: clients.name }).from(clients).where(eq(clients.id, id));
  return client;
}

/** A client's cards, the newest first. */
export async function listCards(db: Database, clientId: string): Promise<readonly Card[]> {
  return db
    .select()
    .from(cards)
    .where(eq(cards.clientId, clientId))
    .orderBy(desc(cards.takenOn), desc(cards.createdAt));
}

/** Every card of the shop with its client's name, by client and then by day. */
export async function listAllCards(db: Database): Promise<readonly (Card & { readonly clientName: string })[]> {
  const rows = await db
    .select({ card: cards, clientName: clients.name })
    .from(cards)
    .innerJoin(clients, eq(cards.clientId, clients.id))
    .orderBy(asc(cards.takenOn), asc(cards.createdAt));
  // The sort is stable: a client's cards stay by their days.
  return rows
    .map(({ card, clientName }) => ({ ...card, clientName }))
    .sort((one, other) => inOrder.compare(one.clientName, other.clientName));
}

export async function findCard(db: Database, id: string): Promise<Card | undefined> {
  const [card] = await db.select().from(cards).where(eq(cards.id, id));
  return card;
}

/** A database, or a transaction on it. */
type Inserting = Pick<Database, "insert">;

export async function addClient(db: Inserting, client: Client, now: string): Promise<void> {
  await db.insert(clients).values({ ...client, createdAt: now });
}

/** Keeps a new card beside the old ones. */
export async function addCard(db: Inserting, card: Omit<Card, "revision">, now: string): Promise<void> {
  await db.insert(cards).values({ ...card, createdAt: now });
}

/** Corrects a slip on a card that nobody else has corrected since it was read; false when somebody has. */
export async function correctCard(
  db: Database,
  { id, takenOn, readings, figure, age, revision }: Omit<Card, "clientId">,
): Promise<boolean> {
  const kept = await db
    .update(cards)
    .set({ takenOn, readings, figure, age, revision: revision + 1 })
    .where(and(eq(cards.id, id), eq(cards.revision, revision)))
    .returning({ id: cards.id });
  return kept.length > 0;
}

/** Takes a client out of the book with every card, note, order and sheet; nothing of the person stays. */
export async function eraseClient(db: Database, id: string): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.execute(sql`select set_config('inner_fold.erasing', 'on', true)`);
    const own = sql`(select id from ${orders} where client_id = ${id})`;
    await tx.delete(cutSheets).where(sql`${cutSheets.orderId} in ${own}`);
    await tx.delete(tableProgress).where(sql`${tableProgress.orderId} in ${own}`);
    // What was practised on an order of hers has her readings in it.
    await tx.delete(rehearsals).where(sql`${rehearsals.orderId} in ${own}`);
    await tx.delete(orders).where(eq(orders.clientId, id));
    await tx.delete(figureNotes).where(eq(figureNotes.clientId, id));
    await tx.delete(cards).where(eq(cards.clientId, id));
    await tx.delete(clients).where(eq(clients.id, id));
  });
}
