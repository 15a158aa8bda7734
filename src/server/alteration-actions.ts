"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import { NO_GARMENT } from "@/core/garments";
import { parseLength, type Unit } from "@/core/length";
import { alterPlaces, isToldInWords } from "@/core/making";
import { addOrder, changeCutOrder, database, findOrder, findShop, listCards, type StoredAlterLine } from "@/db";
import { readId } from "./ids";
import { readInput } from "./read-input";
import { type ActionResult, type FieldError, NOT_IN_BOOK, refuseWith } from "./result";

const typed = v.pipe(v.string(), v.trim(), v.maxLength(40));
const lineInput = v.strictObject({
  place: v.picklist(alterPlaces),
  now: typed,
  wanted: typed,
  found: typed,
  how: v.pipe(v.string(), v.trim(), v.maxLength(200)),
});

const now = () => new Date().toISOString();

/** Takes a finished garment in to be altered: an order without a draft. */
export async function startAlteration(
  clientId: unknown,
  what: unknown,
): Promise<ActionResult<{ readonly orderId: string }>> {
  const db = await database();
  const [card] = await listCards(db, readId(clientId) ?? "");
  if (card === undefined) return NOT_IN_BOOK;
  const said = readInput(v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(80)), what);
  if (!said.success)
    return refuseWith({
      field: "what",
      message: "Say what it is, so that it is found again: a grey coat, a wedding dress.",
    });
  const { unit } = await findShop(db);
  const id = randomUUID();
  const order = {
    id,
    clientId: card.clientId,
    cardId: card.id,
    garment: NO_GARMENT,
    unit,
    choices: {},
    rules: {},
    cloth: {},
    fittings: [],
    state: "measured" as const,
    promisedOn: null,
    alteration: { what: said.output, lines: [] },
  };
  await addOrder(db, order, now());
  revalidatePath("/", "layout");
  return { ok: true, value: { orderId: id } };
}

function wrongLengths(line: v.InferOutput<typeof lineInput>, unit: Unit): readonly FieldError[] {
  const wrong = (field: "now" | "wanted" | "found", needed: boolean) => {
    const text = line[field];
    return text === "" ? needed : !parseLength(text, unit).ok;
  };
  const measured = !isToldInWords(line.place);
  return (["now", "wanted", "found"] as const)
    .filter((field) => wrong(field, measured && field !== "found"))
    .map((field) => ({ field, message: "Measure it flat on the garment, like 34 1/2: as found, and as wished." }));
}

/** Adds a line to what is altered: where, as found and as wished. */
export async function addAlterLine(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const order = await findOrder(db, readId(orderId) ?? "");
  if (order?.alteration == null) return NOT_IN_BOOK;
  const parsed = readInput(lineInput, input);
  if (!parsed.success) return refuseWith({ field: "", message: "Say where it is altered." });
  const wrong = wrongLengths(parsed.output, order.unit);
  if (wrong.length > 0) return refuseWith(...wrong);
  const line: StoredAlterLine = { ...parsed.output, id: randomUUID() };
  return changeLines(order.id, (lines) => [...lines, line]);
}

/** Takes a line out. */
export async function dropAlterLine(orderId: unknown, lineId: unknown): Promise<ActionResult<null>> {
  return changeLines(orderId, (lines) => lines.filter(({ id }) => id !== lineId));
}

async function changeLines(
  orderId: unknown,
  change: (lines: readonly StoredAlterLine[]) => readonly StoredAlterLine[],
): Promise<ActionResult<null>> {
  const kept = await changeCutOrder(
    await database(),
    readId(orderId) ?? "",
    ({ alteration }) => (alteration === null ? {} : { alteration: { ...alteration, lines: change(alteration.lines) } }),
    now(),
  );
  if (!kept) return NOT_IN_BOOK;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
