import { existsSync, mkdirSync, readdirSync, renameSync, rmSync } from "node:fs";
import { join } from "node:path";
import { PGlite } from "@electric-sql/pglite";
import { DurableFiles, flushFolder, flushTree, type OnFlush } from "./durable-files";

/** The driver starts the database without flushing; a book is flushed before a change to it is acknowledged. */
const START_PARAMS = [
  ...PGlite.defaultStartParams.filter((param) => param !== "-F"),
  "-c",
  "fsync=on",
  // The one way of flushing that the driver hands on to the file system.
  "-c",
  "wal_sync_method=fsync",
];

const start = (place: string, onFlush: OnFlush): Promise<PGlite> =>
  PGlite.create({ fs: new DurableFiles(place, onFlush), startParams: START_PARAMS });

/** Whether a book was made there to its end: half of one is not a book. */
function isMade(place: string): boolean {
  return ["PG_VERSION", join("global", "pg_control")].every((file) => existsSync(join(place, file)));
}

/** Something that is no book lies where one belongs: nothing is thrown away that somebody may want to look at. */
function putAside(place: string): void {
  if (!existsSync(place)) return;
  if (readdirSync(place).length === 0) {
    rmSync(place, { recursive: true });
    return;
  }
  const free = Array.from({ length: 100 }, (_, n) => `${place}.unfinished-${n + 1}`).find((name) => !existsSync(name));
  renameSync(place, free ?? `${place}.unfinished`);
}

/** A new book is made beside its place, put on the disk, and only then given its name. */
async function make(folder: string, place: string, onFlush: OnFlush): Promise<void> {
  const making = `${place}.making`;
  rmSync(making, { recursive: true, force: true });
  putAside(place);
  await (await start(making, onFlush)).close();
  flushTree(making, onFlush);
  renameSync(making, place);
  flushFolder(folder);
  onFlush(folder);
}

/**
 * Opens the database of a data folder that this process owns, and makes it where there is none. What the database has
 * acknowledged from then on is on the disk.
 *
 * @param onFlush told of each file and folder that was flushed, for tests
 */
export async function openBook(folder: string, onFlush: OnFlush = () => {}): Promise<PGlite> {
  mkdirSync(folder, { recursive: true });
  const place = join(folder, "postgres");
  if (!isMade(place)) await make(folder, place, onFlush);
  // Left by a computer that went out: the folder is ours, so nobody else is the one that it names.
  rmSync(join(place, "postmaster.pid"), { force: true });
  // A book of an earlier Inner Fold was written without flushing: what this computer still holds of it is put down once.
  flushTree(place, onFlush);
  return start(place, onFlush);
}
