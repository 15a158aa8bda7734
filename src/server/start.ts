import { BookIsNewer, closeDatabase, database, FolderInUse } from "@/db";
import { keepDumping } from "./backup/dumps";
import { sayError } from "./say-error";

/** Opens the shop's data before the first page, and closes it when the process is asked to end. */
export async function openShop(): Promise<void> {
  try {
    await database();
  } catch (error) {
    process.stderr.write(
      `\n${error instanceof FolderInUse || error instanceof BookIsNewer ? error.message : `The data folder could not be opened: ${sayError(error)}`}\n\n`,
    );
    process.exit(1);
  }
  keepDumping();
  const end = () => void closeDatabase().finally(() => process.exit(0));
  for (const signal of ["SIGTERM", "SIGINT"] as const) process.once(signal, end);
  // Started by another program, it ends with that one, even when that one was killed.
  if (process.env.INNER_FOLD_PARENT === "stdin") process.stdin.resume().once("end", end);
}
