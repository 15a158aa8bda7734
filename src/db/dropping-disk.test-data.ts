import { mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { dirname, join, relative } from "node:path";

interface Entry {
  readonly folder: boolean;
  readonly file: number;
}

/**
 * A disk that keeps only what was flushed: of a file what it held when it was flushed last, of a folder the names that
 * it had then. A flushed file has its name as well, as on the usual file systems; a file that was taken away or given
 * another name is there as before until its folder is flushed.
 */
export class DroppingDisk {
  readonly #files = new Map<number, Buffer>();
  readonly #folders = new Map<string, Map<string, Entry>>([["", new Map()]]);

  constructor(readonly root: string) {}

  #entryOf(path: string): Entry {
    const stat = statSync(path);
    return { folder: stat.isDirectory(), file: stat.ino };
  }

  /** A name in its folder, and the folder's in its own, up to the root. */
  #name(path: string): void {
    const parent = dirname(path);
    const at = relative(this.root, parent);
    if (path === this.root || at.startsWith("..")) return;
    const names = this.#folders.get(at) ?? new Map<string, Entry>();
    names.set(relative(parent, path), this.#entryOf(path));
    this.#folders.set(at, names);
    this.#name(parent);
  }

  readonly flushed = (path: string): void => {
    const { folder, file } = this.#entryOf(path);
    this.#name(path);
    if (!folder) {
      this.#files.set(file, readFileSync(path));
      return;
    }
    const names = readdirSync(path).map((name) => [name, this.#entryOf(join(path, name))] as const);
    this.#folders.set(relative(this.root, path), new Map(names));
  };

  /** What is found when the computer comes on again, in a folder of its own. */
  cut(target: string, at = ""): void {
    mkdirSync(join(target, at), { recursive: true });
    for (const [name, { folder, file }] of this.#folders.get(at) ?? []) {
      if (folder) this.cut(target, join(at, name));
      else writeFileSync(join(target, at, name), this.#files.get(file) ?? "");
    }
  }
}
