import { closeSync, fsyncSync, openSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { NodeFS } from "@electric-sql/pglite/nodefs";

/** A stream of the database's file system, as far as flushing it goes. */
interface Stream {
  /** The file that it stands for on this computer; a folder has none. */
  readonly nfd?: number;
  readonly node: unknown;
}

interface FilesOfNode {
  readonly realPath: (node: unknown) => string;
  readonly stream_ops: { fsync?: (stream: Stream) => number };
}

/** The error number that the database knows as “input or output failed”. */
const FAILED = 29;

/** What is told of each flush, for a test that drops whatever was not flushed. */
export type OnFlush = (path: string) => void;

/** Windows keeps the names of a folder by itself, and opens none. */
const FOLDERS_FLUSH = process.platform !== "win32";

/** Puts what a folder has in it on the disk: the names of its files, not what they hold. */
export function flushFolder(folder: string): void {
  if (FOLDERS_FLUSH) flushOpened(folder, "r");
}

/** Puts what a file holds on the disk. */
export function flushFile(file: string): void {
  flushOpened(file, "r+");
}

function flushOpened(path: string, flags: "r" | "r+"): void {
  const handle = openSync(path, flags);
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}

/** Puts a folder and everything below it on the disk. */
export function flushTree(folder: string, onFlush: OnFlush = () => {}): void {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) flushTree(path, onFlush);
    else {
      flushFile(path);
      onFlush(path);
    }
  }
  flushFolder(folder);
  onFlush(folder);
}

/**
 * The files of the database on this computer's disk. The driver's own file system answers every flush without doing it;
 * here a flush is one, and what fails to reach the disk is an error of the statement that wanted it there.
 */
export class DurableFiles extends NodeFS {
  readonly #onFlush: OnFlush;

  constructor(folder: string, onFlush: OnFlush = () => {}) {
    super(folder);
    this.#onFlush = onFlush;
  }

  override async init(...start: Parameters<NodeFS["init"]>): ReturnType<NodeFS["init"]> {
    const { emscriptenOpts } = await super.init(...start);
    const flush = (files: FilesOfNode) => {
      files.stream_ops.fsync = (stream) => {
        const path = files.realPath(stream.node);
        try {
          if (stream.nfd === undefined) flushFolder(path);
          else fsyncSync(stream.nfd);
        } catch {
          return FAILED;
        }
        this.#onFlush(path);
        return 0;
      };
    };
    const preRun = [
      ...(emscriptenOpts.preRun ?? []),
      (module: unknown) => flush((module as { readonly NODEFS: FilesOfNode }).NODEFS),
    ];
    return { emscriptenOpts: { ...emscriptenOpts, preRun } };
  }
}
