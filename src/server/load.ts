import { notFound } from "next/navigation";
import { makeSheet, type Order, type SheetOutcome } from "@/core/formats";
import type { Unit } from "@/core/length";
import {
  type Card,
  type Client,
  database,
  findCard,
  findClient,
  findCutSheet,
  findOrder,
  findProgress,
  type ListedOrder,
  listCards,
  listClients,
  listOrders,
  type Progress,
  type StoredOrder,
  shopUnit,
} from "@/db";
import { readId } from "./ids";
import { writeOrder } from "./order-document";

/** Everything the orders page shows. */
export async function loadWeek(): Promise<{
  readonly orders: readonly ListedOrder[];
  readonly clients: readonly Client[];
}> {
  const db = await database();
  return { orders: await listOrders(db), clients: await listClients(db) };
}

export interface LoadedClient {
  readonly client: Client;
  readonly cards: readonly Card[];
  readonly orders: readonly ListedOrder[];
  readonly unit: Unit;
}

/** Ids are the shop's own; anything else in an address is no page, and never reaches the database. */
function requireId(id: string): void {
  if (readId(id) === undefined) notFound();
}

export async function loadClient(id: string): Promise<LoadedClient> {
  requireId(id);
  const db = await database();
  const client = await findClient(db, id);
  if (client === undefined) notFound();
  const orders = (await listOrders(db)).filter(({ clientId }) => clientId === id);
  return { client, cards: await listCards(db, id), orders, unit: await shopUnit(db) };
}

export async function loadUnit(): Promise<Unit> {
  return shopUnit(await database());
}

export interface LoadedOrder {
  readonly order: StoredOrder;
  readonly client: Client;
  readonly document: Order;
  readonly shop: Unit;
  readonly card: Card;
}

export async function loadOrder(id: string): Promise<LoadedOrder> {
  requireId(id);
  const db = await database();
  const order = await findOrder(db, id);
  const client = order && (await findClient(db, order.clientId));
  const card = order && (await findCard(db, order.cardId));
  if (order === undefined || client === undefined || card === undefined) notFound();
  const shop = await shopUnit(db);
  return { order, client, card, document: writeOrder(order, client, card, shop), shop };
}

export interface LoadedSheet extends LoadedOrder {
  readonly outcome: SheetOutcome;
  /** When the sheet was cut from; null while it still follows the order. */
  readonly frozenAt: string | null;
  readonly progress: Progress | null;
}

/** The sheet that was cut from, or else the order drawn as it stands now. */
export async function loadSheet(id: string): Promise<LoadedSheet> {
  const loaded = await loadOrder(id);
  const db = await database();
  const kept = await findCutSheet(db, id);
  const outcome: SheetOutcome = kept === undefined ? makeSheet(loaded.document) : { kind: "sheet", sheet: kept.sheet };
  return { ...loaded, outcome, frozenAt: kept?.frozenAt ?? null, progress: (await findProgress(db, id)) ?? null };
}
