import { mkdir, readdir, readFile, stat, unlink } from "node:fs/promises";
import { join } from "node:path";
import { type Database, database, dataFolder, readWholeShop } from "@/db";
import { writeShopFile } from "./shop-file";
import { writeWhole } from "./write-whole";

/** So many copies are kept; the oldest goes when a new one comes. */
const KEPT = 20;
const NAME = /^shop-[0-9TZ-]{10,24}(-before)?\.json$/;

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
      .filter((name) => NAME.test(name))
      .map(async (name) => {
        const { mtime, size } = await stat(join(folder(), name));
        return { name, writtenAt: mtime.toISOString(), bytes: size };
      }),
  );
  return dumps.sort((a, b) => b.name.localeCompare(a.name));
}

/** The text of one copy; null when there is none of that name. */
export async function readDump(name: string): Promise<string | null> {
  return NAME.test(name) ? readFile(join(folder(), name), "utf8").catch(() => null) : null;
}

/**
 * Writes a copy of the whole shop beside its data; whole or not at all, since it takes its name when it is written.
 *
 * @param before marks a copy that was made because the book is about to be replaced
 */
export async function writeDump(db: Database, now: Date, before = false): Promise<string> {
  await mkdir(folder(), { recursive: true });
  const name = `shop-${now.toISOString().slice(0, 19).replaceAll(":", "-")}${before ? "-before" : ""}.json`;
  const place = join(folder(), name);
  await writeWhole(place, writeShopFile(await readWholeShop(db), now.toISOString()));
  for (const old of (await listDumps()).slice(KEPT)) await unlink(join(folder(), old.name));
  return name;
}

const EVERY_MS = 60 * 60 * 1000;

/** Writes a copy now and every hour that something changed in, for as long as the shop is open. */
export function keepDumping(): void {
  let last = "";
  const dump = async () => {
    const db = await database();
    const text = JSON.stringify(await readWholeShop(db));
    if (text === last) return;
    last = text;
    await writeDump(db, new Date());
  };
  const sayFailure = (error: unknown) =>
    process.stderr.write(`The hourly copy of the shop could not be written: ${String(error)}\n`);
  dump().catch(sayFailure);
  setInterval(() => dump().catch(sayFailure), EVERY_MS).unref();
}
