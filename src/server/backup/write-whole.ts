import { open, readdir, readFile, rename, unlink } from "node:fs/promises";
import { dirname, join } from "node:path";

/** Puts the names of a folder on the disk itself, not only in the computer's memory; Windows does so by itself. */
async function flushFolder(folder: string): Promise<void> {
  if (process.platform === "win32") return;
  const handle = await open(folder, "r");
  await handle.sync().finally(() => handle.close());
}

const PART = ".part";

/**
 * Writes a file whole or not at all: beside its place, flushed to the disk, read back, and only then under its name.
 * Throws where the disk does not hold what was written.
 */
export async function writeWhole(place: string, text: string): Promise<void> {
  const part = `${place}${PART}`;
  try {
    const handle = await open(part, "w");
    try {
      await handle.writeFile(text);
      await handle.sync();
    } finally {
      await handle.close();
    }
    if ((await readFile(part, "utf8")) !== text) throw new Error(`what was written to ${place} does not read back`);
    await rename(part, place);
  } catch (error) {
    await unlink(part).catch(() => {});
    throw error;
  }
  await flushFolder(dirname(place));
}

/** Takes away what a writing left that never came to its end. */
export async function clearUnfinished(folder: string): Promise<void> {
  for (const name of await readdir(folder).catch(() => []))
    if (name.endsWith(PART)) await unlink(join(folder, name)).catch(() => {});
}
