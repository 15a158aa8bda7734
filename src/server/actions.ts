"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import { makeSheet } from "@/core/formats";
import { findGarment } from "@/core/garments";
import {
  addCard,
  addClient,
  addOrder,
  changeOrder,
  database,
  findClient,
  findCutSheet,
  findOrder,
  freezeSheet,
  listCards,
  type StoredCloth,
  shopUnit,
} from "@/db";
import { readCardInput } from "./card-input";
import { readId } from "./ids";
import { loadOrder } from "./load";
import { writeOrder } from "./order-document";
import { type ActionResult, refuseWith } from "./result";

const now = () => new Date().toISOString();
const shortText = v.pipe(v.string(), v.maxLength(60));
const decisions = v.record(v.string(), v.union([v.boolean(), v.number(), shortText]));

const NOT_IN_BOOK = refuseWith({ field: "", message: "This client or order is not in the shop's book any more." });

/** Keeps a new client with the first card. */
export async function saveClient(input: unknown): Promise<ActionResult<{ readonly clientId: string }>> {
  const db = await database();
  const card = readCardInput(input, await shopUnit(db));
  if (!card.ok) return card;
  const clientId = randomUUID();
  const { name, takenOn, readings } = card.value;
  await db.transaction(async (tx) => {
    await addClient(tx, { id: clientId, name }, now());
    await addCard(tx, { id: randomUUID(), clientId, takenOn, readings }, now());
  });
  revalidatePath("/", "layout");
  return { ok: true, value: { clientId } };
}

/** Keeps a new card of a client beside the old ones. */
export async function saveCard(
  clientId: unknown,
  input: unknown,
): Promise<ActionResult<{ readonly clientId: string }>> {
  const db = await database();
  const client = await findClient(db, readId(clientId) ?? "");
  if (client === undefined) return NOT_IN_BOOK;
  const card = readCardInput(input, await shopUnit(db));
  if (!card.ok) return card;
  const { takenOn, readings } = card.value;
  await addCard(db, { id: randomUUID(), clientId: client.id, takenOn, readings }, now());
  revalidatePath("/", "layout");
  return { ok: true, value: { clientId: client.id } };
}

/** Takes an order for a garment on the client's newest card. */
export async function startOrder(
  clientId: unknown,
  garmentId: unknown,
): Promise<ActionResult<{ readonly orderId: string }>> {
  const db = await database();
  const garment = typeof garmentId === "string" ? findGarment(garmentId) : undefined;
  const [card] = await listCards(db, readId(clientId) ?? "");
  if (garment === undefined || card === undefined) {
    return refuseWith({ field: "", message: "Take a card of the client first, then choose a garment." });
  }
  const orderId = randomUUID();
  const rules = { set: (await shopUnit(db)) === "cm" ? "metric" : "close" };
  const order = {
    id: orderId,
    clientId: card.clientId,
    cardId: card.id,
    garment: garment.id,
    choices: {},
    rules,
    cloth: {},
  };
  await addOrder(db, { ...order, state: "measured", promisedOn: null }, now());
  revalidatePath("/");
  return { ok: true, value: { orderId } };
}

const clothInput = v.object({
  width: v.optional(shortText),
  length: v.optional(shortText),
  oneWay: v.optional(v.boolean()),
});
const decisionsInput = v.object({ choices: decisions, rules: decisions, cloth: clothInput });

/** The cloth as it was told; an emptied field is cloth still to be bought. */
function keepCloth({ width = "", length = "", oneWay = false }: v.InferOutput<typeof clothInput>): StoredCloth {
  return {
    ...(width.trim() === "" ? {} : { width }),
    ...(length.trim() === "" ? {} : { length }),
    ...(oneWay ? { oneWay } : {}),
  };
}

/** Keeps what was decided about a garment; only what can be drawn is kept, and a cut garment keeps its sheet. */
export async function saveDecisions(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const parsed = v.safeParse(decisionsInput, input);
  const known = readId(orderId);
  if (known === undefined || !parsed.success || (await findOrder(db, known)) === undefined) return NOT_IN_BOOK;
  const { order, client, card, shop } = await loadOrder(known);
  if ((await findCutSheet(db, order.id)) !== undefined) {
    return refuseWith({
      field: "",
      message: "This garment is cut; its sheet stays as it was. Take a new order to change it.",
    });
  }
  const { choices, rules, cloth } = parsed.output;
  const outcome = makeSheet(writeOrder({ ...order, choices, rules, cloth: keepCloth(cloth) }, client, card, shop));
  if (outcome.kind === "errors")
    return refuseWith(...outcome.errors.map(({ path, message }) => ({ field: path, message })));
  if (outcome.kind === "refused") {
    return refuseWith(
      ...outcome.refused.map(({ conflicts, message, remedy }) => ({
        field: conflicts[0] ?? "",
        message: `${message} ${remedy}`,
      })),
    );
  }
  await changeOrder(db, order.id, { choices, rules, cloth: keepCloth(cloth), state: "drafted" }, now());
  return { ok: true, value: null };
}

/** Freezes the sheet as it is cut from. A draft with an error is not cut. */
export async function cutFromSheet(orderId: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const order = await findOrder(db, readId(orderId) ?? "");
  if (order === undefined) return NOT_IN_BOOK;
  const outcome = makeSheet((await loadOrder(order.id)).document);
  if (outcome.kind !== "sheet")
    return refuseWith({ field: "", message: "This order cannot be drawn as it stands. Look at the garment first." });
  const error = outcome.sheet.checks.find(({ level }) => level === "error");
  if (error !== undefined) return refuseWith({ field: "", message: `${error.text} ${error.remedy}` });
  await freezeSheet(db, randomUUID(), order.id, outcome.sheet, now());
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
