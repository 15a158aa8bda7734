import { closeDatabase, database, FolderInUse } from "@/db";
import { keepDumping } from "./backup/dumps";

/** Opens the shop's data before the first page, and closes it when the process is asked to end. */
export async function openShop(): Promise<void> {
  try {
    await database();
  } catch (error) {
    process.stderr.write(
      `\n${error instanceof FolderInUse ? error.message : `The data folder could not be opened: ${String(error)}`}\n\n`,
    );
    process.exit(1);
  }
  keepDumping();
  for (const signal of ["SIGTERM", "SIGINT"] as const) {
    process.once(signal, () => void closeDatabase().finally(() => process.exit(0)));
  }
}
