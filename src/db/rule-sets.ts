import { asc, eq, sql } from "drizzle-orm";
import type { Database } from "./connection";
import { orders, ruleSets, type StoredDecisions } from "./schema";

/** A set of house rules of the shop's own: what it changes in the shipped set that it stands on. */
export interface OwnRuleSet {
  readonly id: string;
  readonly name: string;
  readonly base: string;
  readonly overrides: StoredDecisions;
}

export async function listRuleSets(db: Database): Promise<readonly OwnRuleSet[]> {
  return db.select().from(ruleSets).orderBy(asc(ruleSets.name));
}

export async function findRuleSet(db: Database, id: string): Promise<OwnRuleSet | undefined> {
  const [set] = await db.select().from(ruleSets).where(eq(ruleSets.id, id));
  return set;
}

export async function keepRuleSet(db: Database, set: OwnRuleSet): Promise<void> {
  await db.insert(ruleSets).values(set).onConflictDoUpdate({ target: ruleSets.id, set });
}

/** How many orders are drawn by a set; one in use is not dropped. */
export async function countOrdersBySet(db: Database, id: string): Promise<number> {
  return db.$count(orders, sql`${orders.rules} ->> 'set' = ${id}`);
}

export async function dropRuleSet(db: Database, id: string): Promise<void> {
  await db.delete(ruleSets).where(eq(ruleSets.id, id));
}
