"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import { addCard, addClient, type Card, correctCard, database, findCard, findClient, findShop, listCards } from "@/db";
import { type ReadCardInput, readCardInput } from "./card-input";
import { readId } from "./ids";
import { type ActionResult, NOT_IN_BOOK } from "./result";

/** What saving a card answers; `theirs` is the card that somebody else kept meanwhile. */
export type SavedCard =
  | ActionResult<{ readonly clientId: string }>
  | { readonly ok: false; readonly errors: readonly []; readonly theirs: Card };

const now = () => new Date().toISOString();

const isSeen = (card: Card | undefined, seen: ReadCardInput["seen"]): boolean =>
  (card?.id ?? null) === (seen?.cardId ?? null) && (card?.revision ?? null) === (seen?.revision ?? null);

/** Keeps a new client with the first card. */
export async function saveClient(input: unknown): Promise<SavedCard> {
  const db = await database();
  const card = readCardInput(input, (await findShop(db)).unit);
  if (!card.ok) return card;
  const { name, takenOn, readings, figure, age, as: clientId } = card.value;
  // Kept already: the answer was lost on its way, and the form sent it again.
  if ((await findClient(db, clientId)) !== undefined) return { ok: true, value: { clientId } };
  await db.transaction(async (tx) => {
    await addClient(tx, { id: clientId, name }, now());
    await addCard(tx, { id: randomUUID(), clientId, takenOn, readings, figure, age }, now());
  });
  revalidatePath("/", "layout");
  return { ok: true, value: { clientId } };
}

/** Keeps a new card of a client beside the old ones; who wrote one beside an older newest card is shown the other. */
export async function saveCard(clientId: unknown, input: unknown): Promise<SavedCard> {
  const db = await database();
  const client = await findClient(db, readId(clientId) ?? "");
  if (client === undefined) return NOT_IN_BOOK;
  const card = readCardInput(input, (await findShop(db)).unit);
  if (!card.ok) return card;
  const { takenOn, readings, figure, age, seen, as } = card.value;
  if ((await findCard(db, as))?.clientId === client.id) return { ok: true, value: { clientId: client.id } };
  const newest = (await listCards(db, client.id))[0];
  if (newest !== undefined && !isSeen(newest, seen)) return { ok: false, errors: [], theirs: newest };
  await addCard(db, { id: as, clientId: client.id, takenOn, readings, figure, age }, now());
  revalidatePath("/", "layout");
  return { ok: true, value: { clientId: client.id } };
}

/** Corrects a slip on a kept card; who corrects what somebody else has corrected meanwhile is shown the other. */
export async function saveCorrection(cardId: unknown, input: unknown): Promise<SavedCard> {
  const db = await database();
  const old = await findCard(db, readId(cardId) ?? "");
  if (old === undefined) return NOT_IN_BOOK;
  const card = readCardInput(input, (await findShop(db)).unit);
  if (!card.ok) return card;
  const { takenOn, readings, figure, age, seen } = card.value;
  const corrected = { id: old.id, takenOn, readings, figure, age, revision: old.revision };
  const kept = isSeen(old, seen) && (await correctCard(db, corrected));
  if (!kept) {
    const theirs = await findCard(db, old.id);
    return theirs === undefined ? NOT_IN_BOOK : { ok: false, errors: [], theirs };
  }
  revalidatePath("/", "layout");
  return { ok: true, value: { clientId: old.clientId } };
}
