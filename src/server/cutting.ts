import { randomUUID } from "node:crypto";
import { makeSheet, withChecks } from "@/core/formats";
import { countCut, standOfPieces } from "@/core/making";
import { changeOrder, type Database, findCutSheet, findOrder, freezeSheet, type Progress } from "@/db";
import { loadOrder } from "./load";

/** Ids of steps that the shears do. */
const OF_THE_SHEARS = /^(re-)?cut-/;

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
  if (!ticked.some((id) => OF_THE_SHEARS.test(id))) return;
  const order = await findOrder(db, orderId);
  const kept = await findCutSheet(db, orderId);
  if (order === undefined || order.alteration !== null || (kept !== undefined && order.state !== "cutting")) return;
  const outcome = kept === undefined ? makeSheet((await loadOrder(orderId)).document) : null;
  // What cannot be drawn, or must not be cut, is not frozen by a tick.
  if (outcome !== null && (outcome.kind !== "sheet" || outcome.sheet.checks.some(({ level }) => level === "error")))
    return;
  const sheet = kept?.sheet ?? (outcome?.kind === "sheet" ? outcome.sheet : undefined);
  const ticks = new Set(done);
  if (sheet === undefined || !sheet.steps.some(({ id, phase }) => phase === "cut" && ticks.has(id))) return;
  const { cut, all } = countCut(standOfPieces(sheet, ticks, false));
  const state = cut === all ? "cut" : "cutting";
  if (kept === undefined) await freezeSheet(db, randomUUID(), orderId, withChecks(sheet, checks, done), now, state);
  else if (state === "cut") await changeOrder(db, orderId, { state }, now);
}
