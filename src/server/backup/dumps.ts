import { mkdir, readdir, stat, unlink } from "node:fs/promises";
import { basename, join } from "node:path";
import { atOneMoment, type Database, database, dataFolder, type Reader, readShopRows, writeMark } from "@/db";
import { sayError } from "../say-error";
import { copiesToDrop, nameCopy, readCopyName } from "./prune";
import { wholeChecksum } from "./read-shop";
import { clearUnfinished, UnnamedFile } from "./unnamed-file";
import { BookChanged, ShopWriter } from "./write-shop";

export interface Dump {
  readonly name: string;
  readonly writtenAt: string;
  readonly bytes: number;
}

/** Where the shop's own copies lie. */
export const copiesFolder = (): string => join(dataFolder(), "copies");

/** Every copy the shop wrote by itself, the newest first. */
export async function listDumps(): Promise<readonly Dump[]> {
  const names = await readdir(copiesFolder()).catch(() => []);
  const dumps = await Promise.all(
    names
      .filter((name) => readCopyName(name) !== null)
      .map(async (name) => {
        const { mtime, size } = await stat(join(copiesFolder(), name));
        return { name, writtenAt: mtime.toISOString(), bytes: size };
      }),
  );
  return dumps.sort((a, b) => b.name.localeCompare(a.name));
}

/** Where a copy of that name lies; null when there is none. */
export async function findDump(name: string): Promise<string | null> {
  if (readCopyName(name) === null) return null;
  const place = join(copiesFolder(), name);
  return stat(place).then(
    () => place,
    () => null,
  );
}

/** A copy on its way: its sheets are written while others work, its other rows in one moment of the book. */
export class CopyInHand {
  private constructor(
    readonly file: UnnamedFile,
    readonly writer: ShopWriter,
  ) {}

  static async beside(place: string): Promise<CopyInHand> {
    const file = await UnnamedFile.beside(place);
    return new CopyInHand(file, new ShopWriter(file));
  }

  /** Writes every sheet that is in the book now. */
  async begin(db: Database): Promise<void> {
    await this.writer.begin();
    await this.writer.addSheets(db);
  }

  /** Writes what is left in a moment of the book. @returns its checksum */
  async rest(book: Reader, now: Date): Promise<string> {
    await this.writer.addSheets(book);
    return this.writer.end(await readShopRows(book), now.toISOString());
  }

  /** Reads it back from the disk and gives it its name. */
  name(checksum: string): Promise<void> {
    return this.file.name(async (part) => (await wholeChecksum(part)) === checksum);
  }
}

/** So often a copy is begun again when a client is taken out while it is written. */
const TRIES = 3;

/** Begins a copy at a place and leaves it to `end` to write the rest and name it; whatever fails leaves nothing of it. */
export async function withCopy<Value>(
  place: string,
  db: Database,
  end: (copy: CopyInHand) => Promise<Value>,
): Promise<Value> {
  for (let attempt = 1; ; attempt++) {
    const copy = await CopyInHand.beside(place);
    try {
      await copy.begin(db);
      return await end(copy);
    } catch (error) {
      await copy.file.drop();
      if (!(error instanceof BookChanged) || attempt === TRIES) throw error;
    }
  }
}

/** Writes a copy of the book at a place. @returns its checksum */
export function copyBookTo(place: string, db: Database, now: Date): Promise<string> {
  return withCopy(place, db, async (copy) => {
    const checksum = await atOneMoment(db, (book) => copy.rest(book, now));
    await copy.name(checksum);
    return checksum;
  });
}

/** A free place for a copy of this moment. */
export async function placeForCopy(now: Date, before: boolean): Promise<string> {
  await mkdir(copiesFolder(), { recursive: true });
  return join(copiesFolder(), nameCopy(now, before, await readdir(copiesFolder())));
}

/** Takes away what a newer copy stands for; one that cannot be taken away stays, and is in nobody's way. */
export async function thinOut(now: Date): Promise<void> {
  for (const old of copiesToDrop(await readdir(copiesFolder()), now))
    await unlink(join(copiesFolder(), old)).catch((error: unknown) =>
      process.stderr.write(`An old copy of the shop could not be taken away: ${sayError(error)}\n`),
    );
}

const EVERY_MS = 60 * 60 * 1000;

/** Writes a copy of the book as it stands; its name. */
export async function writeDump(db: Database, now: Date): Promise<string> {
  const place = await placeForCopy(now, false);
  await copyBookTo(place, db, now);
  await thinOut(now);
  return basename(place);
}

/** How the book stood when it was last seen to be as its newest copy. */
let copiedAt = "";

/** Writes a copy where the book is not as the newest copy has it; its name, or null where it is. */
export async function dumpIfChanged(db: Database, now: Date): Promise<string | null> {
  const mark = await writeMark(db);
  if (mark === copiedAt && (await listDumps()).length > 0) return null;
  const [newest] = await listDumps();
  const known = newest === undefined ? null : await wholeChecksum(join(copiesFolder(), newest.name));
  const place = await placeForCopy(now, false);
  const checksum = await copyBookTo(place, db, now);
  copiedAt = mark;
  // A shop that only starts and ends keeps no copy that says the same again.
  if (checksum === known) {
    await unlink(place);
    return null;
  }
  await thinOut(now);
  return basename(place);
}

/** Looks now and every hour whether a copy is due, for as long as the shop is open. */
export function keepDumping(): void {
  const dump = async () => dumpIfChanged(await database(), new Date());
  const sayFailure = (error: unknown) =>
    process.stderr.write(`The hourly copy of the shop could not be written: ${sayError(error)}\n`);
  // What was on its way in or out when the computer went out lies beside the book, half a copy in its folder.
  const clear = () => Promise.all([copiesFolder(), dataFolder()].map(clearUnfinished));
  clear().then(dump).catch(sayFailure);
  setInterval(() => dump().catch(sayFailure), EVERY_MS).unref();
}
