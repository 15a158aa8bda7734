"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import { makeSheet, withChecks } from "@/core/formats";
import { findGarment, startChoices } from "@/core/garments";
import {
  addOrder,
  changeOrder,
  changeUncut,
  type Database,
  database,
  findCutSheet,
  findOrder,
  findProgress,
  findShop,
  freezeSheet,
  listCards,
  orderStates,
  type StoredCloth,
  type StoredOrder,
} from "@/db";
import { calendarDay as day, readId } from "./ids";
import { loadOrder } from "./load";
import { balanceOf, sayMoney } from "./money";
import { writeOrder } from "./order-document";
import { readInput } from "./read-input";
import { type ActionResult, type FieldError, NOT_IN_BOOK, refuseWith } from "./result";
import { type StoredDecided, sameDecisions } from "./same-decisions";
import { outcomeErrors } from "./sheet-errors";
import { sheetPrint } from "./sheet-print";
import { storedCloth } from "./stored-cloth";

const now = () => new Date().toISOString();
const shortText = v.pipe(v.string(), v.maxLength(60));
const decisions = v.record(v.string(), v.union([v.boolean(), v.number(), shortText]));
type StartedOrder = ActionResult<{ readonly orderId: string }>;

/** Takes an order for a garment on the client's newest card. */
export async function startOrder(
  clientId: unknown,
  garmentId: unknown,
  promised: unknown = null,
): Promise<StartedOrder> {
  const db = await database();
  const garment = typeof garmentId === "string" ? findGarment(garmentId) : undefined;
  const [card] = await listCards(db, readId(clientId) ?? "");
  if (garment === undefined || card === undefined) {
    return refuseWith({ field: "", message: "Take a card of the client first, then choose a garment." });
  }
  const promisedOn = readInput(day, promised);
  const { unit } = await findShop(db);
  const order = {
    id: randomUUID(),
    clientId: card.clientId,
    cardId: card.id,
    garment: garment.id,
    choices: startChoices(garment),
    unit,
    rules: { set: unit === "cm" ? "metric" : "close" },
    cloth: {},
    fittings: [],
    state: "measured" as const,
    promisedOn: promisedOn.success ? promisedOn.output : null,
  };
  await addOrder(db, order, now());
  revalidatePath("/", "layout");
  return { ok: true, value: { orderId: order.id } };
}

/** Takes an earlier order again: the same garment, choices, rules and cloth, on the client's newest card. */
export async function repeatOrder(orderId: unknown): Promise<StartedOrder> {
  const db = await database();
  const earlier = await findOrder(db, readId(orderId) ?? "");
  const [card] = earlier === undefined ? [] : await listCards(db, earlier.clientId);
  if (earlier === undefined || card === undefined) return NOT_IN_BOOK;
  const { clientId, garment, unit, choices, rules, cloth } = earlier;
  const id = randomUUID();
  const again = { id, clientId, cardId: card.id, garment, unit, choices, rules, cloth, fittings: [], promisedOn: null };
  await addOrder(db, { ...again, state: "drafted" }, now());
  revalidatePath("/", "layout");
  return { ok: true, value: { orderId: id } };
}

const decisionsInput = v.object({ choices: decisions, rules: decisions, cloth: storedCloth });

const isTold = (value: unknown) =>
  value !== undefined && value !== false && !(typeof value === "string" && value.trim() === "");

/** The cloth as it was told; an emptied field is left out: cloth still to be bought, or plain. */
function keepCloth(cloth: StoredCloth): StoredCloth {
  return Object.fromEntries(Object.entries(cloth).filter(([, value]) => isTold(value)));
}

const IS_CUT: FieldError = {
  field: "",
  message: "This garment is cut; its sheet stays as it was. Take a new order to change it.",
};

/** Whether nothing of an order is left to be drawn otherwise: all of it is cut. */
async function isWholeCut(db: Database, { id, state }: Pick<StoredOrder, "id" | "state">): Promise<boolean> {
  return state !== "cutting" && (await findCutSheet(db, id)) !== undefined;
}

/** What keeping decisions answers; `theirs` is what another screen decided meanwhile. */
export type SavedDecisions =
  | ActionResult<null>
  | { readonly ok: false; readonly errors: readonly []; readonly theirs: StoredDecided };

const decidedIn = ({ choices, rules, cloth }: StoredDecided): StoredDecided => ({ choices, rules, cloth });

/**
 * Keeps what was decided about a garment; only what can be drawn is kept, and a cut garment keeps its sheet. Who decides
 * beside another screen is shown what that one kept.
 *
 * @param seen what the book said when this screen last looked
 */
export async function saveDecisions(orderId: unknown, input: unknown, seen: unknown): Promise<SavedDecisions> {
  const db = await database();
  const parsed = readInput(decisionsInput, input);
  const before = readInput(decisionsInput, seen);
  const known = readId(orderId);
  if (known === undefined || !parsed.success || !before.success || (await findOrder(db, known)) === undefined)
    return NOT_IN_BOOK;
  const { order, ...around } = await loadOrder(known);
  if (await isWholeCut(db, order)) return refuseWith(IS_CUT);
  const { choices, rules } = parsed.output;
  const cloth = keepCloth(parsed.output.cloth);
  const looked = { ...before.output, cloth: keepCloth(before.output.cloth) };
  if (sameDecisions(order, { choices, rules, cloth })) return { ok: true, value: null };
  if (!sameDecisions(order, looked)) return { ok: false, errors: [], theirs: decidedIn(order) };
  const errors = outcomeErrors(makeSheet(writeOrder({ ...order, choices, rules, cloth }, around)));
  if (errors.length > 0) return refuseWith(...errors);
  // It may have been cut, or decided otherwise, on another screen since it was looked at.
  const state = order.state === "cutting" ? "cutting" : "drafted";
  const kept = { choices, rules, cloth, state } as const;
  if (await changeUncut(db, order.id, kept, now(), decidedIn(order))) return { ok: true, value: null };
  const theirs = await findOrder(db, order.id);
  if (theirs !== undefined && (await isWholeCut(db, theirs))) return refuseWith(IS_CUT);
  return theirs === undefined ? NOT_IN_BOOK : { ok: false, errors: [], theirs: decidedIn(theirs) };
}

/** Draws an order from the client's newest card from now on; a cut garment keeps its own. */
export async function takeNewestCard(orderId: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const order = await findOrder(db, readId(orderId) ?? "");
  const [card] = order === undefined ? [] : await listCards(db, order.clientId);
  if (order === undefined || card === undefined) return NOT_IN_BOOK;
  if (await isWholeCut(db, order)) return refuseWith(IS_CUT);
  if (!(await changeUncut(db, order.id, { cardId: card.id }, now()))) return refuseWith(IS_CUT);
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

const CHANGED: FieldError = {
  field: "",
  message:
    "This garment was changed on another screen since this sheet was drawn. Nothing was kept as cut: look at the sheet as it is now, then say it again.",
};

/**
 * Freezes the sheet as it is cut from: exactly the one that was on the screen. A draft with an error is not cut.
 *
 * @param seen what stands for the sheet on that screen
 */
export async function cutFromSheet(orderId: unknown, seen: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const order = await findOrder(db, readId(orderId) ?? "");
  if (order === undefined) return NOT_IN_BOOK;
  const begun = await findCutSheet(db, order.id);
  if (begun !== undefined && order.state !== "cutting") return refuseWith(IS_CUT);
  // Its first pieces were cut from a sheet that was kept then: now the rest is cut as well.
  if (begun !== undefined) {
    if (sheetPrint(begun.sheet) !== seen) return refuseWith(CHANGED);
    await changeOrder(db, order.id, { state: "cut" }, now());
    revalidatePath("/", "layout");
    return { ok: true, value: null };
  }
  const outcome = makeSheet((await loadOrder(order.id)).document);
  if (outcome.kind !== "sheet")
    return refuseWith({ field: "", message: "This order cannot be drawn as it stands. Look at the garment first." });
  const error = outcome.sheet.checks.find(({ level }) => level === "error");
  if (error !== undefined) return refuseWith({ field: "", message: `${error.text} ${error.remedy}` });
  if (sheetPrint(outcome.sheet) !== seen) return refuseWith(CHANGED);
  const progress = await findProgress(db, order.id);
  const sheet = withChecks(outcome.sheet, progress?.checks ?? {}, progress?.done ?? []);
  const frozen = await freezeSheet(db, randomUUID(), order.id, sheet, now());
  revalidatePath("/", "layout");
  return frozen ? { ok: true, value: null } : refuseWith(IS_CUT);
}

const daysInput = v.object({
  promisedOn: v.nullable(day),
  fittings: v.pipe(v.array(day), v.maxLength(12)),
});

/** Keeps the promised day and the days of fittings. */
export async function keepDays(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const order = await findOrder(db, readId(orderId) ?? "");
  if (order === undefined) return NOT_IN_BOOK;
  const parsed = readInput(daysInput, input);
  if (!parsed.success)
    return refuseWith({ field: "", message: "One of the days is none. Choose it from the calendar." });
  const { promisedOn, fittings } = parsed.output;
  const days = { promisedOn, fittings: [...new Set(fittings)].sort() };
  if (!(await changeOrder(db, order.id, days, now()))) return NOT_IN_BOOK;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

/** Where a garment can be once it is cut. */
const AFTER_CUT = orderStates.slice(orderStates.indexOf("cut"));

/**
 * Says how far the work on a cut garment has come; before the shears only drafting moves it on.
 *
 * @param sure that it is handed over though something is left to pay
 */
export async function moveOn(orderId: unknown, state: unknown, sure: unknown = false): Promise<ActionResult<null>> {
  const db = await database();
  const order = await findOrder(db, readId(orderId) ?? "");
  if (order === undefined) return NOT_IN_BOOK;
  const next = AFTER_CUT.find((one) => one === state);
  // A finished garment that is altered was cut long ago.
  if (next === undefined || (order.alteration === null && (await findCutSheet(db, order.id)) === undefined))
    return refuseWith({ field: "", message: "It is not cut yet. Say so on its cut sheet first." });
  const rest = order.money === null ? null : balanceOf(order.money);
  if (next === "collected" && sure !== true && rest !== null && rest > 0) {
    const { currency } = await findShop(db);
    return refuseWith({
      field: "",
      message: `${sayMoney(rest, currency)} is still to pay. Say it once more to hand it over all the same.`,
    });
  }
  if (!(await changeOrder(db, order.id, { state: next }, now()))) return NOT_IN_BOOK;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
