import { revalidatePath } from "next/cache";
import { bringBackShop, type Database, database, type SheetRow } from "@/db";
import { renewBookMark } from "../book-mark";
import { placeForCopy, thinOut, withCopy } from "./dumps";
import { readShop, type ShopFile } from "./read-shop";

export interface ShopFileLook {
  readonly writtenAt: string;
  readonly counts: Readonly<Record<string, number>>;
}

export type Restored =
  | { readonly ok: true; readonly look: ShopFileLook; readonly replaced: boolean }
  | { readonly ok: false; readonly message: string };

/** What is being done with a large copy, and how much of it is done, from 0 to 1. */
export interface RestoreStage {
  readonly stage: "reading" | "keeping" | "replacing";
  readonly share: number;
}

type TellStage = (stage: RestoreStage) => void;

async function* counted(sheets: AsyncIterable<SheetRow>, all: number, tell: TellStage): AsyncIterable<SheetRow> {
  let done = 0;
  for await (const sheet of sheets) {
    yield sheet;
    tell({ stage: "replacing", share: ++done / Math.max(1, all) });
  }
}

/** Replaces the book; its sheets are copied before, while others work, so that they are held up no longer than they must. */
async function replaceBook(db: Database, { head, rows, sheets }: ShopFile, tell: TellStage): Promise<void> {
  const now = new Date();
  tell({ stage: "keeping", share: 0 });
  await withCopy(await placeForCopy(now, true), db, (before) =>
    bringBackShop(db, rows, counted(sheets(), head.counts.cutSheets ?? 0, tell), async (book) =>
      before.name(await before.rest(book, now)),
    ),
  );
  await thinOut(now);
}

/**
 * Reads a copy and says what it holds; when told so, puts it in the book's place, after a copy of what was there.
 *
 * @param place where the copy lies on the disk
 */
export async function restoreShop(place: string, replace: boolean, tell: TellStage = () => {}): Promise<Restored> {
  const read = await readShop(place, (share) => tell({ stage: "reading", share }));
  if (!read.ok) return read;
  const look = { writtenAt: read.file.head.writtenAt, counts: read.file.head.counts };
  if (!replace) return { ok: true, look, replaced: false };
  await replaceBook(await database(), read.file, tell);
  renewBookMark();
  revalidatePath("/", "layout");
  return { ok: true, look, replaced: true };
}
