import { desc, eq } from "drizzle-orm";
import type { Database } from "./connection";
import { cards, clients, type StoredReadings } from "./schema";

export interface Client {
  readonly id: string;
  readonly name: string;
}

export interface Card {
  readonly id: string;
  readonly clientId: string;
  readonly takenOn: string;
  readonly readings: StoredReadings;
}

export async function listClients(db: Database): Promise<readonly Client[]> {
  return db.select({ id: clients.id, name: clients.name }).from(clients).orderBy(clients.name);
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
export async function addCard(db: Inserting, card: Card, now: string): Promise<void> {
  await db.insert(cards).values({ ...card, createdAt: now });
}
