"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import { parseSignedLength } from "@/core/length";
import { fittingSides } from "@/core/making";
import { addFigureNote, database, dropFigureNote, eraseClient, findClient, findShop, switchFigureNote } from "@/db";
import { renewBookMark } from "./book-mark";
import { figureLines, figurePieces } from "./figure-places";
import { readId } from "./ids";
import { readInput } from "./read-input";
import { type ActionResult, NOT_IN_BOOK, refuseWith } from "./result";
import { withUnit } from "./with-unit";

const noteInput = v.object({
  piece: v.picklist(figurePieces.map(({ id }) => id)),
  line: v.picklist(figureLines.map(({ id }) => id)),
  amount: v.pipe(v.string(), v.maxLength(60)),
  side: v.optional(v.picklist(fittingSides), "both"),
  why: v.pipe(
    v.string(),
    v.trim(),
    v.minLength(1, "Say what it is for, so that it can be judged later."),
    v.maxLength(200),
  ),
});

/** Keeps what a client's figure asks for; it stands in the drafts that follow. */
export async function keepNote(clientId: unknown, input: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const client = await findClient(db, readId(clientId) ?? "");
  if (client === undefined) return NOT_IN_BOOK;
  const parsed = readInput(noteInput, input);
  if (!parsed.success)
    return refuseWith(...parsed.issues.map(({ path, message }) => ({ field: String(path?.[0]?.key ?? ""), message })));
  const { unit } = await findShop(db);
  const { amount, ...rest } = parsed.output;
  const length = parseSignedLength(amount, unit);
  if (!length.ok || Math.abs(length.value.inches) > 4) {
    return refuseWith({ field: "amount", message: "Write how much, like 1/2 or −1 cm; no more than 4 in (10 cm)." });
  }
  const note = { ...rest, id: randomUUID(), clientId: client.id, amount: withUnit(amount, unit), inUse: true };
  await addFigureNote(db, note, new Date().toISOString());
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

/** Switches a figure note off or on; what is cut stays as it was. */
export async function switchNote(noteId: unknown, inUse: unknown): Promise<ActionResult<null>> {
  await switchFigureNote(await database(), readId(noteId) ?? "", inUse === true);
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

export async function dropNote(noteId: unknown): Promise<ActionResult<null>> {
  await dropFigureNote(await database(), readId(noteId) ?? "");
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

/** Takes a client out of the book, with every card, order and sheet. The name must be typed, so that no tap does it. */
export async function takeOutClient(clientId: unknown, typedName: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const client = await findClient(db, readId(clientId) ?? "");
  if (client === undefined) return NOT_IN_BOOK;
  if (typeof typedName !== "string" || typedName.trim() !== client.name) {
    return refuseWith({
      field: "name",
      message: `Nothing was taken out. Write the name as it stands: ${client.name}.`,
    });
  }
  await eraseClient(db, client.id);
  renewBookMark();
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
