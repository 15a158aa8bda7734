"use server";

import { revalidatePath } from "next/cache";
import * as v from "valibot";
import { changeCutOrder, database, type StoredMoney } from "@/db";
import { readId } from "./ids";
import { NO_MONEY, notANumber, readAmount } from "./money";
import { readInput } from "./read-input";
import { today } from "./readings";
import { type ActionResult, NOT_IN_BOOK, refuseWith } from "./result";

const typed = v.pipe(v.string(), v.trim(), v.maxLength(20));
const agreedInput = v.strictObject({
  price: typed,
  deposit: typed,
  note: v.pipe(v.string(), v.trim(), v.maxLength(200)),
});
const paidInput = v.strictObject({ amount: typed });

const UNREAD = refuseWith({ field: "", message: "That is no money of an order." });

async function change(orderId: unknown, to: (before: StoredMoney) => StoredMoney): Promise<ActionResult<null>> {
  const db = await database();
  const now = new Date().toISOString();
  const kept = await changeCutOrder(db, readId(orderId) ?? "", ({ money }) => ({ money: to(money ?? NO_MONEY) }), now);
  if (!kept) return NOT_IN_BOOK;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

/** Keeps what was agreed: the price, and the deposit that is wished for. What was paid stays. */
export async function keepAgreed(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const parsed = readInput(agreedInput, input);
  if (!parsed.success) return UNREAD;
  const wrong = (["price", "deposit"] as const).filter(
    (field) => parsed.output[field] !== "" && readAmount(parsed.output[field]) === null,
  );
  if (wrong.length > 0) return refuseWith(...wrong.map(notANumber));
  return change(orderId, (before) => ({ ...before, ...parsed.output }));
}

/** Writes down a payment, today's. */
export async function addPaid(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const parsed = readInput(paidInput, input);
  if (!parsed.success) return UNREAD;
  const { amount } = parsed.output;
  if ((readAmount(amount) ?? 0) === 0) return refuseWith(notANumber("amount"));
  return change(orderId, (before) => ({ ...before, paid: [...before.paid, { on: today(), amount }] }));
}

/** Takes a payment out that was written by mistake. @param index its place in the list, and what it says there */
export async function dropPaid(orderId: unknown, index: unknown, amount: unknown): Promise<ActionResult<null>> {
  return change(orderId, (before) => ({
    ...before,
    paid: before.paid.filter((one, at) => at !== index || one.amount !== amount),
  }));
}
