import { eq } from "drizzle-orm";
import type { KeptChecks } from "../core/formats";
import type { Database } from "./connection";
import { tableProgress } from "./schema";

export interface Progress {
  readonly stepId: string;
  readonly done: readonly string[];
  readonly checks: KeptChecks;
}

/** What one browser changed: where it stands, which steps it ticked and which it took back. */
export interface ProgressChange {
  readonly stepId: string;
  readonly ticked: readonly string[];
  readonly unticked: readonly string[];
  /** Tape checks as they now stand; those that are left out stay as they were. */
  readonly checks?: KeptChecks | undefined;
}

export async function findProgress(db: Pick<Database, "select">, orderId: string): Promise<Progress | undefined> {
  const [row] = await db
    .select({ stepId: tableProgress.stepId, done: tableProgress.done, checks: tableProgress.checks })
    .from(tableProgress)
    .where(eq(tableProgress.orderId, orderId));
  return row;
}

/** Adds a change to what is kept: two browsers that tick different steps lose none of their ticks. */
export async function keepProgress(
  db: Database,
  orderId: string,
  change: ProgressChange,
  now: string,
): Promise<Progress> {
  return db.transaction(async (tx) => {
    const before = await findProgress(tx, orderId);
    const taken = new Set(change.unticked);
    const done = [...new Set([...(before?.done ?? []), ...change.ticked])].filter((id) => !taken.has(id));
    const checks = { ...before?.checks, ...change.checks };
    const values = { stepId: change.stepId, done, checks, updatedAt: now };
    await tx
      .insert(tableProgress)
      .values({ orderId, ...values })
      .onConflictDoUpdate({ target: tableProgress.orderId, set: values });
    return { stepId: change.stepId, done, checks };
  });
}

/** Takes back every tick and tape check of these steps: what they made is made anew. */
export async function takeBack(
  db: Pick<Database, "select" | "update">,
  orderId: string,
  steps: readonly string[],
  now: string,
): Promise<void> {
  const before = await findProgress(db, orderId);
  if (before === undefined) return;
  const anew = new Set(steps);
  const done = before.done.filter((id) => !anew.has(id));
  const checks = Object.fromEntries(Object.entries(before.checks).filter(([id]) => !anew.has(id)));
  await db.update(tableProgress).set({ done, checks, updatedAt: now }).where(eq(tableProgress.orderId, orderId));
}
