"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import { fittingSides } from "@/core/making";
import { changeCutOrder, database, findCutSheet, findOrder, type StoredSpoilt } from "@/db";
import { readId } from "./ids";
import { readInput } from "./read-input";
import { today } from "./readings";
import { type ActionResult, NOT_IN_BOOK, refuseWith } from "./result";

const spoiltInput = v.strictObject({
  piece: v.pipe(v.string(), v.maxLength(80)),
  copies: v.pipe(v.number(), v.integer(), v.minValue(1)),
  side: v.picklist(fittingSides),
  why: v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(200)),
});

const now = () => new Date().toISOString();

/** Says that a piece was mis-cut, stained, torn or lost; it stays in the log. */
export async function keepSpoilt(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const order = await findOrder(db, readId(orderId) ?? "");
  if (order === undefined) return NOT_IN_BOOK;
  const parsed = readInput(spoiltInput, input);
  if (!parsed.success)
    return refuseWith({ field: "why", message: "Say which piece, how many of it, and what happened." });
  const kept = await findCutSheet(db, order.id);
  const piece = kept?.sheet.pieces.find(({ id }) => id === parsed.output.piece);
  if (piece === undefined)
    return refuseWith({ field: "", message: "This garment is not cut yet: chalk the piece again where it lies." });
  if (parsed.output.copies > piece.cut.copies)
    return refuseWith({ field: "copies", message: `There are only ${piece.cut.copies} of it.` });
  const entry: StoredSpoilt = { ...parsed.output, id: randomUUID(), on: today(), again: null };
  if (!(await changeCutOrder(db, order.id, ({ spoilt }) => ({ spoilt: [...spoilt, entry] }), now())))
    return NOT_IN_BOOK;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

/** Says that a spoilt piece was cut again, by its frozen outline; or that it was not after all. */
export async function cutAgain(orderId: unknown, entryId: unknown, again: unknown): Promise<ActionResult<null>> {
  const kept = await changeCutOrder(
    await database(),
    readId(orderId) ?? "",
    ({ spoilt }) => ({
      spoilt: spoilt.map((one) => (one.id === entryId ? { ...one, again: again === true ? today() : null } : one)),
    }),
    now(),
  );
  if (!kept) return NOT_IN_BOOK;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
