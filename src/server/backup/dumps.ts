import { mkdir, readdir, readFile, stat, unlink } from "node:fs/promises";
import { join } from "node:path";
import { type Database, database, dataFolder, readWholeShop, type WholeShop } from "@/db";
import { sayError } from "../say-error";
import { copiesToDrop, nameCopy, readCopyName } from "./prune";
import { checksumOfShop, readShopFile, writeShopFile } from "./shop-file";
import { clearUnfinished, writeWhole } from "./write-whole";

export interface Dump {
  readonly name: string;
  readonly writtenAt: string;
  readonly bytes: number;
}

const folder = (): string => join(dataFolder(), "copies");

/** Every copy the shop wrote by itself, the newest first. */
export async function listDumps(): Promise<readonly Dump[]> {
  const names = await readdir(folder()).catch(() => []);
  const dumps = await Promise.all(
    names
      .filter((name) => readCopyName(name) !== null)
      .map(async (name) => {
        const { mtime, size } = await stat(join(folder(), name));
        return { name, writtenAt: mtime.toISOString(), bytes: size };
      }),
  );
  return dumps.sort((a, b) => b.name.localeCompare(a.name));
}

/** The text of one copy; null when there is none of that name. */
export async function readDump(name: string): Promise<string | null> {
  return readCopyName(name) === null ? null : readFile(join(folder(), name), "utf8").catch(() => null);
}

/**
 * Writes a copy of a shop beside its data; whole or not at all, since it takes its name when it is written.
 *
 * @param before marks a copy that was made because the book is about to be replaced
 */
export async function writeCopyOf(shop: WholeShop, now: Date, before: boolean): Promise<string> {
  await mkdir(folder(), { recursive: true });
  const name = nameCopy(now, before, await readdir(folder()));
  await writeWhole(join(folder(), name), writeShopFile(shop, now.toISOString()));
  for (const old of copiesToDrop(await readdir(folder()), now)) await unlink(join(folder(), old));
  return name;
}

const EVERY_MS = 60 * 60 * 1000;

/** Writes a copy of the book as it stands. */
export async function writeDump(db: Database, now: Date): Promise<string> {
  return writeCopyOf(await readWholeShop(db), now, false);
}

/** The checksum of the newest copy: a shop that only starts and ends writes none that says the same again. */
async function newestChecksum(): Promise<string> {
  const [newest] = await listDumps();
  const text = newest === undefined ? null : await readDump(newest.name);
  const read = text === null ? null : readShopFile(text);
  return read?.ok === true ? read.file.checksum : "";
}

/** Writes a copy where the book is not as the newest copy has it; its name, or null where it is. */
export async function dumpIfChanged(db: Database, now: Date): Promise<string | null> {
  const shop = await readWholeShop(db);
  return checksumOfShop(shop) === (await newestChecksum()) ? null : writeCopyOf(shop, now, false);
}

/** Looks now and every hour whether a copy is due, for as long as the shop is open. */
export function keepDumping(): void {
  const dump = async () => dumpIfChanged(await database(), new Date());
  const sayFailure = (error: unknown) =>
    process.stderr.write(`The hourly copy of the shop could not be written: ${sayError(error)}\n`);
  clearUnfinished(folder()).then(dump).catch(sayFailure);
  setInterval(() => dump().catch(sayFailure), EVERY_MS).unref();
}
