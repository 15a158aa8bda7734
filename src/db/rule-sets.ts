import { asc } from "drizzle-orm";
import type { Database } from "./connection";
import { ruleSets, type StoredDecisions } from "./schema";

export interface OwnRuleSet {
  readonly id: string;
  readonly name: string;
  readonly base: string;
  readonly overrides: StoredDecisions;
}

export async function listRuleSets(db: Database): Promise<readonly OwnRuleSet[]> {
  return db.select().from(ruleSets).orderBy(asc(ruleSets.name));
}

export async function keepRuleSet(db: Database, set: OwnRuleSet): Promise<void> {
  await db.insert(ruleSets).values(set).onConflictDoUpdate({ target: ruleSets.id, set });
}
