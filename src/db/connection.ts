import { mkdirSync } from "node:fs";
import { join, resolve } from "node:path";
import type { PGlite } from "@electric-sql/pglite";
import { drizzle, type PgliteDatabase } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import { openBook } from "./book-folder";
import { ownFolder } from "./owner";
import * as schema from "./schema";

export type Database = PgliteDatabase<typeof schema> & { readonly $client: PGlite };

/** Read at run time from the checkout, not bundled. */
const MIGRATIONS = join(/* turbopackIgnore: true */ process.cwd(), "src", "db", "migrations");

interface Kept {
  innerFoldDatabase?: Promise<Database> | undefined;
}

/** Page and route bundles load this module twice; the database must be opened once. */
const kept = globalThis as typeof globalThis & Kept;

export function dataFolder(): string {
  return resolve(/* turbopackIgnore: true */ process.env.INNER_FOLD_DATA ?? "data");
}

/** Opens a database on a PGlite and brings it to today's shape. The one place where the driver is chosen. */
export async function openOn(client: PGlite): Promise<Database> {
  const database = drizzle({ client, schema });
  await migrate(database, { migrationsFolder: MIGRATIONS });
  await database.insert(schema.shop).values({ id: 1, unit: "in", nextOrderNumber: 1 }).onConflictDoNothing();
  return database;
}

async function openFolder(): Promise<Database> {
  const folder = dataFolder();
  mkdirSync(folder, { recursive: true });
  await ownFolder(folder);
  return openOn(await openBook(folder));
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
