import { createHash } from "node:crypto";
import { realpathSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";

/** Another program has the data folder open; two on one folder would lose what was saved. */
export class FolderInUse extends Error {
  constructor(folder: string) {
    super(
      `Inner Fold is already running on the data folder ${folder}. Use that one, or stop it first, or set INNER_FOLD_DATA to another folder.`,
    );
    this.name = "FolderInUse";
  }
}

/** A socket name that the operating system frees by itself when its owner is gone, however it went. */
function socketName(folder: string): string {
  const name = `inner-fold-${createHash("sha256").update(realpathSync(folder)).digest("hex").slice(0, 24)}`;
  if (process.platform === "linux") return `\0${name}`;
  return process.platform === "win32" ? `\\\\.\\pipe\\${name}` : join(tmpdir(), `${name}.sock`);
}

/** Makes this process the one owner of a data folder until it ends. Throws `FolderInUse` when it has one. */
export function ownFolder(folder: string): Promise<void> {
  return new Promise((resolve, reject) => {
    const server = createServer((socket) => socket.end());
    server.once("error", (error: NodeJS.ErrnoException) =>
      reject(error.code === "EADDRINUSE" ? new FolderInUse(folder) : error),
    );
    server.listen(socketName(folder), () => {
      server.unref();
      resolve();
    });
  });
}
