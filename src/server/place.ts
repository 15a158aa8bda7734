import * as v from "valibot";
import { keptCheckSchema } from "@/core/formats";
import { addTries, database, findOrder, findProgress, keepProgress, type Progress } from "@/db";
import { keepCutting } from "./cutting";
import { readId } from "./ids";
import { triesOfWaivers } from "./practice-of-waivers";
import { readInput } from "./read-input";
import { type FieldError, refuseWith } from "./result";

const stepId = v.pipe(v.string(), v.maxLength(120));
const steps = v.pipe(v.array(stepId), v.maxLength(500));
const changeInput = v.object({
  stepId,
  ticked: steps,
  unticked: v.optional(steps, []),
  checks: v.optional(v.record(stepId, keptCheckSchema)),
});

const GONE = {
  ...refuseWith({ field: "", message: "This order is not in the shop's book any more." }),
  missing: true,
} as const;
const GARBLED = {
  ...refuseWith({
    field: "",
    message: "What the table sent cannot be read: it is cut short or of another Inner Fold.",
  }),
  missing: false,
} as const;

/** What the table is answered; `missing` says that the order itself is gone. */
export type PlaceAnswer<Value> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly errors: readonly FieldError[]; readonly missing: boolean };

/** Keeps the step in hand, and adds what was ticked or taken back to what other browsers ticked. */
export async function keepPlace(orderId: unknown, input: unknown): Promise<PlaceAnswer<Progress>> {
  const db = await database();
  const parsed = readInput(changeInput, input);
  const order = await findOrder(db, readId(orderId) ?? "");
  if (order === undefined) return GONE;
  if (!parsed.success) return GARBLED;
  const now = new Date().toISOString();
  const before = (await findProgress(db, order.id))?.checks ?? {};
  const kept = await keepProgress(db, order.id, parsed.output, now);
  // Who let it be cut is named: what was chalked otherwise than drawn counts with what she practises.
  await addTries(db, triesOfWaivers(before, kept.checks, now));
  await keepCutting(db, order.id, parsed.output.ticked, kept, now);
  return { ok: true, value: kept };
}

/** Where the table stands with an order, for a second browser that follows; null before the first step. */
export async function readPlace(orderId: unknown): Promise<PlaceAnswer<Progress | null>> {
  const db = await database();
  const known = readId(orderId);
  if (known === undefined) return GONE;
  return { ok: true, value: (await findProgress(db, known)) ?? null };
}
