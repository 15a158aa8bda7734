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
  freezeSheet,
  keepProgress,
  listCards,
  shopUnit,
} from "@/db";
import { readCardInput } from "./card-input";
import { loadOrder } from "./load";
import { writeOrder } from "./order-document";
import { type ActionResult, refuseWith } from "./result";

const now = () => new Date().toISOString();
const decisions = v.record(v.string(), v.union([v.boolean(), v.number(), v.pipe(v.string(), v.maxLength(60))]));
const id = v.pipe(v.string(), v.maxLength(80));

/** Keeps a new client with the first card. */
export async function saveClient(input: unknown): Promise<ActionResult<{ readonly clientId: string }>> {
  const db = await database();
  const card = readCardInput(input, await shopUnit(db));
  if (!card.ok) return card;
  const clientId = randomUUID();
  await addClient(db, { id: clientId, name: card.value.name }, now());
  await addCard(db, { id: randomUUID(), clientId, takenOn: card.value.takenOn, readings: card.value.readings }, now());
  revalidatePath("/", "layout");
  return { ok: true, value: { clientId } };
}

/** Keeps a new card of a client beside the old ones. */
export async function saveCard(
  clientId: unknown,
  input: unknown,
): Promise<ActionResult<{ readonly clientId: string }>> {
  const db = await database();
  const client = await findClient(db, v.parse(id, clientId));
  if (client === undefined)
    return refuseWith({ field: "", message: "This client is not in the shop's book any more." });
  const card = readCardInput(input, await shopUnit(db));
  if (!card.ok) return card;
  await addCard(
    db,
    { id: randomUUID(), clientId: client.id, takenOn: card.value.takenOn, readings: card.value.readings },
    now(),
  );
  revalidatePath("/", "layout");
  return { ok: true, value: { clientId: client.id } };
}

/** Takes an order for a garment on the client's newest card. */
export async function startOrder(
  clientId: unknown,
  garmentId: unknown,
): Promise<ActionResult<{ readonly orderId: string }>> {
  const db = await database();
  const garment = findGarment(v.parse(id, garmentId));
  const [card] = await listCards(db, v.parse(id, clientId));
  if (garment === undefined || card === undefined)
    return refuseWith({ field: "", message: "Take a card of the client first, then choose a garment." });
  const orderId = randomUUID();
  const rules = { set: (await shopUnit(db)) === "cm" ? "metric" : "close" };
  await addOrder(
    db,
    {
      id: orderId,
      clientId: card.clientId,
      cardId: card.id,
      garment: garment.id,
      choices: {},
      rules,
      cloth: {},
      state: "measured",
      promisedOn: null,
    },
    now(),
  );
  revalidatePath("/");
  return { ok: true, value: { orderId } };
}

const decisionsInput = v.object({
  choices: decisions,
  rules: decisions,
  cloth: v.object({
    width: v.optional(v.pipe(v.string(), v.maxLength(60))),
    length: v.optional(v.pipe(v.string(), v.maxLength(60))),
    oneWay: v.optional(v.boolean()),
  }),
});

/** Keeps what was decided about a garment; only what can be drawn is kept, and a cut garment keeps its sheet. */
export async function saveDecisions(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const loaded = await loadOrder(v.parse(id, orderId));
  if ((await findCutSheet(db, loaded.order.id)) !== undefined)
    return refuseWith({
      field: "",
      message: "This garment is cut; its sheet stays as it was. Take a new order to change it.",
    });
  const { choices, rules, cloth } = v.parse(decisionsInput, input);
  const kept = Object.fromEntries(Object.entries(cloth).filter(([, value]) => value !== undefined));
  const outcome = makeSheet(
    writeOrder({ ...loaded.order, choices, rules, cloth: kept }, loaded.client, loaded.card, loaded.shop),
  );
  if (outcome.kind === "errors")
    return refuseWith(...outcome.errors.map(({ path, message }) => ({ field: path, message })));
  if (outcome.kind === "refused")
    return refuseWith(
      ...outcome.refused.map(({ conflicts, message, remedy }) => ({
        field: conflicts[0] ?? "",
        message: `${message} ${remedy}`,
      })),
    );
  await changeOrder(db, loaded.order.id, { choices, rules, cloth: kept, state: "drafted" }, now());
  revalidatePath("/");
  return { ok: true, value: null };
}

const progressInput = v.object({ stepId: id, done: v.pipe(v.array(id), v.maxLength(500)) });

/** Keeps the place at the table. */
export async function keepPlace(orderId: unknown, input: unknown): Promise<void> {
  await keepProgress(await database(), v.parse(id, orderId), v.parse(progressInput, input), now());
}

/** Freezes the sheet as it is cut from. A draft with an error is not cut. */
export async function cutFromSheet(orderId: unknown): Promise<ActionResult<null>> {
  const loaded = await loadOrder(v.parse(id, orderId));
  const outcome = makeSheet(loaded.document);
  if (outcome.kind !== "sheet")
    return refuseWith({ field: "", message: "This order cannot be drawn as it stands. Look at the garment first." });
  const error = outcome.sheet.checks.find(({ level }) => level === "error");
  if (error !== undefined) return refuseWith({ field: "", message: `${error.text} ${error.remedy}` });
  await freezeSheet(await database(), randomUUID(), loaded.order.id, outcome.sheet, now());
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
