import * as v from "valibot";
import { database, findOrder, keepProgress } from "@/db";
import { readId } from "./ids";
import { type ActionResult, refuseWith } from "./result";

const stepId = v.pipe(v.string(), v.maxLength(120));
const progressInput = v.object({ stepId, done: v.pipe(v.array(stepId), v.maxLength(500)) });

/** Keeps the step in hand and the steps done. */
export async function keepPlace(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const parsed = v.safeParse(progressInput, input);
  const order = await findOrder(db, readId(orderId) ?? "");
  if (!parsed.success || order === undefined)
    return refuseWith({ field: "", message: "This order is not in the shop's book any more." });
  await keepProgress(db, order.id, parsed.output, new Date().toISOString());
  return { ok: true, value: null };
}
