import { randomUUID } from "node:crypto";
import { makeSheet, withChecks } from "@/core/formats";
import { countCut, standOfPieces } from "@/core/making";
import { changeOrder, type Database, findCutSheet, findOrder, findProgress, freezeSheet, type Progress } from "@/db";
import { loadOrder } from "./load";

/** Ids of steps by which a first piece is cut; how its fold is opened or one side trimmed comes after them. */
const BEGINS = /^(re-)?cut-/;

/**
 * Keeps the sheet when the shears are first ticked: from then on what is cut stays as it was, and only what is free can be
 * drawn otherwise. Once every piece is cut the garment is.
 */
export async function keepCutting(
  db: Database,
  orderId: string,
  ticked: readonly string[],
  { done, checks }: Progress,
  now: string,
): Promise<void> {
  const order = await findOrder(db, orderId);
  if (order === undefined || order.alteration !== null || ticked.length === 0) return;
  const isBegun = order.state === "cutting";
  if (!isBegun && !ticked.some((id) => BEGINS.test(id))) return;
  const kept = await findCutSheet(db, orderId);
  if (kept !== undefined && !isBegun) return;
  if (kept === undefined) await freezeBegun(db, orderId, { done, checks }, now);
  // The table sends its ticks while the first ones are still drawn and kept: what counts is what the book has now.
  const [begun, newest] = [await findCutSheet(db, orderId), await findProgress(db, orderId)];
  if (begun === undefined || (await findOrder(db, orderId))?.state !== "cutting") return;
  const { cut, all } = countCut(standOfPieces(begun.sheet, new Set(newest?.done), false));
  if (cut === all) await changeOrder(db, orderId, { state: "cut" }, now);
}

/** Keeps the sheet as it is drawn now, with what was read on its chalk; where another screen did meanwhile, that one stays. */
async function freezeBegun(
  db: Database,
  orderId: string,
  { done, checks }: Pick<Progress, "done" | "checks">,
  now: string,
): Promise<void> {
  const outcome = makeSheet((await loadOrder(orderId)).document);
  // What cannot be drawn, or must not be cut, is not frozen by a tick.
  if (outcome.kind !== "sheet" || outcome.sheet.checks.some(({ level }) => level === "error")) return;
  const ticks = new Set(done);
  if (!outcome.sheet.steps.some(({ id, phase }) => phase === "cut" && ticks.has(id))) return;
  await freezeSheet(db, randomUUID(), orderId, withChecks(outcome.sheet, checks, done), now, "cutting");
}
