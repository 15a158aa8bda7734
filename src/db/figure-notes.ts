import { asc, eq } from "drizzle-orm";
import type { FittingSide } from "../core/making";
import type { Database } from "./connection";
import { figureNotes } from "./schema";

/** What a client's figure asks for on one line of one piece. */
export interface StoredFigureNote {
  readonly id: string;
  readonly clientId: string;
  readonly piece: string;
  readonly line: string;
  readonly amount: string;
  readonly why: string;
  readonly side: FittingSide;
  readonly inUse: boolean;
}

export async function listFigureNotes(db: Database, clientId: string): Promise<readonly StoredFigureNote[]> {
  return db.select().from(figureNotes).where(eq(figureNotes.clientId, clientId)).orderBy(asc(figureNotes.createdAt));
}

export async function addFigureNote(db: Database, note: StoredFigureNote, now: string): Promise<void> {
  await db.insert(figureNotes).values({ ...note, createdAt: now });
}

/** Switches a note on or off. */
export async function switchFigureNote(db: Database, id: string, inUse: boolean): Promise<void> {
  await db.update(figureNotes).set({ inUse }).where(eq(figureNotes.id, id));
}

export async function dropFigureNote(db: Database, id: string): Promise<void> {
  await db.delete(figureNotes).where(eq(figureNotes.id, id));
}
