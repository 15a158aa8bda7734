import { createReadStream } from "node:fs";
import { type FileHandle, open, readdir, rename, unlink } from "node:fs/promises";
import { dirname, join } from "node:path";
import type { Sink } from "./write-shop";

/** Puts the names of a folder on the disk itself, not only in the computer's memory; Windows does so by itself. */
async function flushFolder(folder: string): Promise<void> {
  if (process.platform === "win32") return;
  const handle = await open(folder, "r");
  await handle.sync().finally(() => handle.close());
}

const PART = ".part";
/** So much text is gathered before it goes to the disk. */
const GATHERED = 1 << 18;

/**
 * A file that is written piece by piece beside its place, and has its name only once it is whole: flushed to the disk,
 * looked at there, and then named. Whatever goes wrong before leaves nothing.
 */
export class UnnamedFile implements Sink {
  #text = "";

  private constructor(
    readonly place: string,
    readonly part: string,
    readonly handle: FileHandle,
  ) {}

  static async beside(place: string): Promise<UnnamedFile> {
    const part = `${place}${PART}`;
    return new UnnamedFile(place, part, await open(part, "w"));
  }

  write = async (text: string): Promise<void> => {
    this.#text += text;
    if (this.#text.length >= GATHERED) await this.#flushText();
  };

  writeHead = async (text: string): Promise<void> => {
    await this.#flushText();
    await this.handle.write(text, 0, "utf8");
  };

  async #flushText(): Promise<void> {
    const text = this.#text;
    this.#text = "";
    await this.handle.appendFile(text);
  }

  /**
   * Gives it its name.
   *
   * @param isWhole looks at what is on the disk; where it says no, the file goes and this throws
   */
  async name(isWhole: (part: string) => Promise<boolean>): Promise<void> {
    await this.#flushText();
    await this.handle.sync();
    await this.handle.close();
    if (!(await isWhole(this.part))) throw new Error(`what was written to ${this.place} does not read back`);
    await rename(this.part, this.place);
    await flushFolder(dirname(this.place));
  }

  /** Takes away what was written; nothing where it has its name already. */
  async drop(): Promise<void> {
    await this.handle.close().catch(() => {});
    await unlink(this.part).catch(() => {});
  }
}

/** Takes away what a writing left that never came to its end. */
export async function clearUnfinished(folder: string): Promise<void> {
  for (const name of await readdir(folder).catch(() => []))
    if (name.endsWith(PART)) await unlink(join(folder, name)).catch(() => {});
}

/** A file of the disk as a browser takes it, piece by piece; gone from the disk when it was sent, where that is asked. */
export function streamFile(place: string, goes = false): ReadableStream<Uint8Array> {
  const pieces = createReadStream(place)[Symbol.asyncIterator]() as AsyncIterator<Uint8Array>;
  const end = () => (goes ? unlink(place).catch(() => {}) : undefined);
  return new ReadableStream<Uint8Array>({
    async pull(controller) {
      const next = await pieces.next().catch((error: unknown) => {
        controller.error(error);
        return { done: true, value: undefined } as const;
      });
      if (next.done !== true) return controller.enqueue(next.value);
      await end();
      controller.close();
    },
    async cancel() {
      await pieces.return?.();
      await end();
    },
  });
}
