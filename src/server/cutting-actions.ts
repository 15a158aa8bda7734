"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import { database, keepTake } from "@/db";
import { readId } from "./ids";
import { loadFree } from "./load-changes";
import { type ActionResult, NOT_IN_BOOK, refuseWith } from "./result";
import { outcomeErrors } from "./sheet-errors";

const TAKEN = refuseWith({
  field: "",
  message: "Another screen has kept a sheet of this garment meanwhile. Look at that first.",
});

/**
 * Draws whatever is not cut yet anew, by the order and the card as they are now, and keeps it beside the sheet before. What is
 * cut stays as it was.
 *
 * @param seen the take that was looked at
 */
export async function drawFreeAnew(orderId: unknown, seen: unknown): Promise<ActionResult<null>> {
  const id = readId(orderId);
  const loaded = id === undefined ? null : await loadFree(id);
  if (id === undefined || loaded === null) return NOT_IN_BOOK;
  const { kept, free, drawn } = loaded;
  if (kept.take !== seen) return TAKEN;
  if (free.size === 0)
    return refuseWith({ field: "", message: "Every piece is cut: there is nothing left to draw otherwise." });
  if (drawn.kind === "cut-otherwise")
    return refuseWith({
      field: "",
      message: `${drawn.pieces.join(", ")}: cut already, and the order would not have it any more. Change that back, or take a new order.`,
    });
  if (drawn.kind !== "sheet") return refuseWith(...outcomeErrors(drawn));
  const error = drawn.sheet.checks.find(({ level, piece }) => level === "error" && piece !== null && free.has(piece));
  if (error !== undefined) return refuseWith({ field: "", message: `${error.text} ${error.remedy}` });
  const steps = kept.sheet.steps
    .filter(({ piece, phase }) => free.has(piece) && (phase === "chalk" || phase === "check"))
    .map(({ id: step }) => step);
  const take = { orderId: id, after: kept.take, sheet: drawn.sheet, steps };
  if (!(await keepTake(await database(), randomUUID(), take, new Date().toISOString()))) return TAKEN;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
