"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import type { CutSheet } from "@/core/formats";
import { formatLength, parseSignedLength } from "@/core/length";
import { answerFitting, fittingSides, roomInSeams, ruleOfSeen, seenIds } from "@/core/making";
import { nameSeen } from "@/core/wording";
import {
  addFigureNote,
  changeCutOrder,
  database,
  findCutSheet,
  findOrder,
  type StoredFitted,
  type StoredOrder,
} from "@/db";
import { figurePieces } from "./figure-places";
import { readId } from "./ids";
import { readInput } from "./read-input";
import { today } from "./readings";
import { type ActionResult, NOT_IN_BOOK, refuseWith } from "./result";
import { withUnit } from "./with-unit";

const seenInput = v.strictObject({
  seen: v.picklist(seenIds),
  amount: v.pipe(v.string(), v.trim(), v.maxLength(60)),
  side: v.picklist(fittingSides),
  pinned: v.boolean(),
  by: v.pipe(v.string(), v.trim(), v.maxLength(60)),
});

/** More than this no fitting alters: it was read wrong, or the garment is another's. */
const MOST = 8;

const NOT_CUT = refuseWith({
  field: "",
  message: "This garment is not cut yet: there is nothing to fit. Say on its cut sheet that it is.",
});
const UNREAD = refuseWith({ field: "", message: "Say what you see, and on which side." });

const now = () => new Date().toISOString();

/** An order that was cut, with the sheet that it was cut from. */
async function cutOrder(orderId: unknown) {
  const db = await database();
  const order = await findOrder(db, readId(orderId) ?? "");
  const kept = order === undefined ? undefined : await findCutSheet(db, order.id);
  return { db, order, sheet: kept?.sheet };
}

/** Writes down what was seen at a fitting. */
export async function keepFitted(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const { db, order, sheet } = await cutOrder(orderId);
  if (order === undefined) return NOT_IN_BOOK;
  if (sheet === undefined) return NOT_CUT;
  const parsed = readInput(seenInput, input);
  if (!parsed.success) return UNREAD;
  const { amount, ...told } = parsed.output;
  const length = parseSignedLength(amount, order.unit);
  if (!length.ok || length.value.inches <= 0 || length.value.inches > MOST)
    return refuseWith({
      field: "amount",
      message: `Write how much in all, like ${order.unit === "cm" ? "2,5" : "1 1/2"}; no more than 8 in (20 cm).`,
    });
  const rule = ruleOfSeen[told.seen];
  const value = rule === undefined ? undefined : sheet.resolved.rules[rule]?.value;
  const entry: StoredFitted = {
    ...told,
    id: randomUUID(),
    on: today(),
    typed: withUnit(amount, order.unit),
    inches: length.value.inches,
    done: false,
    ...(rule === undefined || value === undefined ? {} : { rule: { id: rule, value } }),
  };
  const kept = await changeCutOrder(db, order.id, ({ fitted }) => ({ fitted: [...fitted, entry] }), now());
  if (!kept) return NOT_IN_BOOK;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

async function changeEntry(
  orderId: unknown,
  entryId: unknown,
  change: (entry: StoredFitted) => StoredFitted | null,
): Promise<ActionResult<null>> {
  const db = await database();
  const kept = await changeCutOrder(
    db,
    readId(orderId) ?? "",
    ({ fitted }) => ({
      fitted: fitted.flatMap((entry) => {
        const changed = entry.id === entryId ? change(entry) : entry;
        return changed === null ? [] : [changed];
      }),
    }),
    now(),
  );
  if (!kept) return NOT_IN_BOOK;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

/** Says that something seen was sewn since, or that it was not after all. */
export async function doneFitted(orderId: unknown, entryId: unknown, done: unknown): Promise<ActionResult<null>> {
  return changeEntry(orderId, entryId, (entry) => ({ ...entry, done: done === true }));
}

/** Takes an entry out that was written by mistake. */
export async function dropFitted(orderId: unknown, entryId: unknown): Promise<ActionResult<null>> {
  return changeEntry(orderId, entryId, () => null);
}

/** The piece of a half that has a mark at the side on that line: the whole of it, or its side panel. */
function pieceAtSide({ pieces }: CutSheet, half: "front" | "back", line: string): string | null {
  const marked = pieces.find((piece) => piece.half === half && piece.marks.some(({ id }) => id === `${line}/side`));
  return figurePieces.find(({ id }) => id === marked?.id)?.id ?? null;
}

/** Keeps what was seen as notes on the figure: they stand in the next drafts, and can be switched off. */
export async function noteFitted(orderId: unknown, entryId: unknown): Promise<ActionResult<null>> {
  const { db, order, sheet } = await cutOrder(orderId);
  const entry = order?.fitted.find(({ id }) => id === entryId);
  if (order === undefined || sheet === undefined || entry === undefined) return NOT_IN_BOOK;
  const [answer] = answerFitting(roomInSeams(sheet), [
    { seen: entry.seen, amount: entry.inches, side: entry.side },
  ]).answers;
  if (answer?.next.kind !== "note" || answer.next.line === "hem")
    return refuseWith({ field: "", message: "This is set right by a rule or a reading, not by a note." });
  const { next } = answer;
  const places = next.pieces.flatMap((half) => pieceAtSide(sheet, half, next.line) ?? []);
  if (places.length === 0)
    return refuseWith({
      field: "",
      message: "This garment has no such line at its side: write the note on the client's page.",
    });
  for (const piece of places) await addFigureNote(db, noteOf(order, entry, piece, next.line, next.each), now());
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

function noteOf(order: StoredOrder, entry: StoredFitted, piece: string, line: string, each: number) {
  return {
    id: randomUUID(),
    clientId: order.clientId,
    piece,
    line,
    amount: `${each < 0 ? "-" : ""}${formatLength(Math.abs(each), "in")} in`,
    why: `${nameSeen(entry.seen)}, fitting of order ${order.number}`,
    side: entry.side,
    inUse: true,
  };
}
