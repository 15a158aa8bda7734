import { randomUUID } from "node:crypto";
import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { dataFolder } from "@/db/data-folder";

/** Told with every page: a device forgets what it keeps of a shop once the mark is another. */
export const MARK_HEADER = "X-Inner-Fold-Book";

interface Kept {
  innerFoldMark?: string | undefined;
}

/** Pages and door load this module apart; all say the same mark. */
const kept = globalThis as typeof globalThis & Kept;

const place = (): string => join(dataFolder(), "book-mark");

/** Stands for the book that is open: another shop has another, and so has this one after somebody was taken out of it. */
export function bookMark(): string {
  try {
    kept.innerFoldMark ??= readFileSync(place(), "utf8").trim();
  } catch {
    renewBookMark();
  }
  return kept.innerFoldMark ?? "";
}

/** A client was taken out, or the book replaced: what other devices keep of it must go. */
export function renewBookMark(): void {
  kept.innerFoldMark = randomUUID();
  try {
    mkdirSync(dataFolder(), { recursive: true });
    writeFileSync(place(), kept.innerFoldMark);
  } catch {
    // A folder that cannot be written to is said where the book is opened; until then the mark is this run's.
  }
}
