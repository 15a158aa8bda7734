import { desc, eq } from "drizzle-orm";
import type { KeptChecks } from "../core/formats";
import type { TickTimes } from "../core/making";
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
    // The first tick stands; one that is taken back is forgotten.
    const known = {
      ...Object.fromEntries(change.ticked.map((id) => [id, Date.parse(now)])),
      ...(await findTickTimes(tx, orderId)),
    };
    const times = Object.fromEntries(Object.entries(known).filter(([id]) => !taken.has(id)));
    const values = { stepId: change.stepId, done, checks, times, updatedAt: now };
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
  const without = <Value>(kept: Readonly<Record<string, Value>>) =>
    Object.fromEntries(Object.entries(kept).filter(([id]) => !anew.has(id)));
  const [checks, times] = [without(before.checks), without(await findTickTimes(db, orderId))];
  await db.update(tableProgress).set({ done, checks, times, updatedAt: now }).where(eq(tableProgress.orderId, orderId));
}

/** When each step of an order was ticked first. */
export async function findTickTimes(db: Pick<Database, "select">, orderId: string): Promise<TickTimes> {
  const [row] = await db
    .select({ times: tableProgress.times })
    .from(tableProgress)
    .where(eq(tableProgress.orderId, orderId));
  return row?.times ?? {};
}

/** The ticks of the garments that were worked on last, each with its times. */
export async function listTickTimes(db: Pick<Database, "select">, most: number): Promise<readonly TickTimes[]> {
  const rows = await db
    .select({ times: tableProgress.times })
    .from(tableProgress)
    .orderBy(desc(tableProgress.updatedAt))
    .limit(most);
  return rows.map(({ times }) => times);
}
