import { open, rename } from "node:fs/promises";
import { dirname } from "node:path";

/** Puts what a folder or a file holds on the disk itself, not only in the computer's memory. */
async function flush(path: string): Promise<void> {
  const handle = await open(path, "r");
  await handle.sync().finally(() => handle.close());
}

/** Writes a file whole or not at all: beside its place, flushed to the disk, and only then under its name. */
export async function writeWhole(place: string, text: string): Promise<void> {
  const part = `${place}.part`;
  const handle = await open(part, "w");
  try {
    await handle.writeFile(text);
    await handle.sync();
  } finally {
    await handle.close();
  }
  await rename(part, place);
  await flush(dirname(place));
}
