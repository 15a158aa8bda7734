import { mkdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import type { PGlite } from "@electric-sql/pglite";
import { drizzle, type PgliteDatabase } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import { openBook } from "./book-folder";
import { dataFolder } from "./data-folder";
import { guardLog } from "./out-of-room";
import { ownFolder } from "./owner";
import * as schema from "./schema";

export type Database = PgliteDatabase<typeof schema> & { readonly $client: PGlite };

/** Read at run time from the checkout, not bundled. */
const MIGRATIONS = join(/* turbopackIgnore: true */ process.cwd(), "src", "db", "migrations");

interface Kept {
  innerFoldDatabase?: Promise<Database> | undefined;
  innerFoldOwned?: Promise<void> | undefined;
}

/** Page and route bundles load this module twice; the database must be opened once. */
const kept = globalThis as typeof globalThis & Kept;

/** The book was written by a later Inner Fold: this one would not know all that is in it. */
export class BookIsNewer extends Error {
  override readonly message =
    "This book was opened by a newer Inner Fold, which may have kept things in it that this one does not know. Start that one, or bring this one up to date; the book was left as it is.";
}

interface Journal {
  readonly entries: readonly { readonly when: number }[];
}

/** Refuses a book that has been brought to a shape that this Inner Fold does not know. */
async function checkAge(client: PGlite): Promise<void> {
  const { entries } = JSON.parse(readFileSync(join(MIGRATIONS, "meta", "_journal.json"), "utf8")) as Journal;
  const known = Math.max(...entries.map(({ when }) => when));
  const there = await client.query<{ readonly found: string | null }>(
    "select to_regclass('drizzle.__drizzle_migrations') as found",
  );
  if (there.rows[0]?.found == null) return;
  const { rows } = await client.query<{ readonly last: string | null }>(
    "select max(created_at)::text as last from drizzle.__drizzle_migrations",
  );
  if (Number(rows[0]?.last ?? 0) > known) throw new BookIsNewer();
}

/** Opens a database on a PGlite and brings it to today's shape. The one place where the driver is chosen. */
export async function openOn(client: PGlite): Promise<Database> {
  const database = drizzle({ client, schema });
  await checkAge(client);
  await migrate(database, { migrationsFolder: MIGRATIONS });
  await database.insert(schema.shop).values({ id: 1, unit: "in", nextOrderNumber: 1 }).onConflictDoNothing();
  return database;
}

async function openFolder(): Promise<Database> {
  const folder = dataFolder();
  mkdirSync(folder, { recursive: true });
  // Once for the whole run: a book that is opened anew lies in a folder that is ours already.
  kept.innerFoldOwned ??= ownFolder(folder);
  await kept.innerFoldOwned.catch((error: unknown) => {
    kept.innerFoldOwned = undefined;
    throw error;
  });
  const client = await openBook(folder);
  guardLog(client, () => {
    kept.innerFoldDatabase = undefined;
  });
  return openOn(client);
}

/** The shop's database, opened at first use. A failed opening is forgotten, so that the next try is a new one. */
export function database(): Promise<Database> {
  kept.innerFoldDatabase ??= openFolder().catch((error: unknown) => {
    kept.innerFoldDatabase = undefined;
    throw error;
  });
  return kept.innerFoldDatabase;
}

/** Closes the database cleanly, when it is open. */
export async function closeDatabase(): Promise<void> {
  const open = await kept.innerFoldDatabase;
  await open?.$client.close();
}
