import { asc, desc, eq } from "drizzle-orm";
import type { PracticeTry } from "../core/practice";
import type { Database } from "./connection";
import { practiceTries, rehearsals } from "./schema";

/** A sheet that somebody practises. */
export type Rehearsal = typeof rehearsals.$inferSelect;

/** What is kept of one answer, with its person and its moment. */
export type StoredTry = PracticeTry & { readonly id: string; readonly person: string; readonly on: string };

export async function addRehearsal(
  db: Pick<Database, "insert">,
  rehearsal: Omit<Rehearsal, "answers" | "lengths" | "master" | "closedAt">,
): Promise<void> {
  await db.insert(rehearsals).values(rehearsal);
}

export async function findRehearsal(db: Pick<Database, "select">, id: string): Promise<Rehearsal | undefined> {
  const [row] = await db.select().from(rehearsals).where(eq(rehearsals.id, id));
  return row;
}

/** The rehearsals of the shop, the newest first. */
export async function listRehearsals(db: Pick<Database, "select">, most: number): Promise<readonly Rehearsal[]> {
  return db.select().from(rehearsals).orderBy(desc(rehearsals.startedAt), desc(rehearsals.id)).limit(most);
}

/**
 * Changes a rehearsal as it stands at that moment, and keeps what came of it: two screens on one rehearsal lose nothing.
 *
 * @param change what changes, and the tries that came of it; null where nothing does
 * @returns the rehearsal as it is kept, undefined where it is gone
 */
export async function changeRehearsal(
  db: Database,
  id: string,
  change: (
    before: Rehearsal,
  ) => { readonly set: Partial<Omit<Rehearsal, "id">>; readonly tries?: readonly StoredTry[] } | null,
): Promise<Rehearsal | undefined> {
  return db.transaction(async (tx) => {
    const [before] = await tx.select().from(rehearsals).where(eq(rehearsals.id, id)).for("update");
    if (before === undefined) return undefined;
    const changed = change(before);
    if (changed === null) return before;
    const [after] = await tx.update(rehearsals).set(changed.set).where(eq(rehearsals.id, id)).returning();
    await addTries(tx, changed.tries ?? []);
    return after;
  });
}

export async function dropRehearsal(db: Pick<Database, "delete">, id: string): Promise<void> {
  await db.delete(rehearsals).where(eq(rehearsals.id, id));
}

export async function addTries(db: Pick<Database, "insert">, tries: readonly StoredTry[]): Promise<void> {
  if (tries.length === 0) return;
  await db.insert(practiceTries).values(tries.map((one) => ({ ...one, rules: [...one.rules] })));
}

/** Every try of the shop, the oldest first. */
export async function listTries(db: Pick<Database, "select">): Promise<readonly StoredTry[]> {
  return db.select().from(practiceTries).orderBy(asc(practiceTries.on), asc(practiceTries.id));
}

/** Empties a person's table; nobody else's changes. */
export async function emptyTries(db: Pick<Database, "delete">, person: string): Promise<void> {
  await db.delete(practiceTries).where(eq(practiceTries.person, person));
}
