import { eq } from "drizzle-orm";
import type { Database } from "./connection";
import { tableProgress } from "./schema";

export interface Progress {
  readonly stepId: string;
  readonly done: readonly string[];
}

export async function findProgress(db: Database, orderId: string): Promise<Progress | undefined> {
  const [row] = await db
    .select({ stepId: tableProgress.stepId, done: tableProgress.done })
    .from(tableProgress)
    .where(eq(tableProgress.orderId, orderId));
  return row;
}

export async function keepProgress(db: Database, orderId: string, progress: Progress, now: string): Promise<void> {
  const values = { stepId: progress.stepId, done: progress.done, updatedAt: now };
  await db
    .insert(tableProgress)
    .values({ orderId, ...values })
    .onConflictDoUpdate({ target: tableProgress.orderId, set: values });
}
