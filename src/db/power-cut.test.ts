import { existsSync, mkdirSync, mkdtempSync, readFileSync, renameSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { addClient, findClient, openOn } from ".";
import { openBook } from "./book-folder";
import { DroppingDisk } from "./dropping-disk.test-data";
import { flushFile } from "./durable-files";

const NOW = "2026-11-23T09:00:00.000Z";
const root = mkdtempSync(join(tmpdir(), "inner-fold-power-"));
afterAll(() => rmSync(root, { recursive: true, force: true }));

let rooms = 0;
function room(name: string): string {
  const folder = join(root, `${name}-${rooms++}`);
  mkdirSync(folder);
  return folder;
}

/** Which of some clients are in the book that is found after a cut. */
async function foundIn(folder: string, ids: readonly string[]): Promise<readonly string[]> {
  const db = await openOn(await openBook(folder));
  const found: string[] = [];
  for (const id of ids) if ((await findClient(db, id)) !== undefined) found.push(id);
  await db.$client.close();
  rmSync(folder, { recursive: true });
  return found;
}

describe("the disk that drops what was not flushed", () => {
  it("keeps a file as it was flushed, and not what was written after", () => {
    const [folder, after] = [room("disk"), room("cut")];
    const disk = new DroppingDisk(folder);
    for (const name of ["flushed", "not"]) writeFileSync(join(folder, name), "before");
    flushFile(join(folder, "flushed"));
    disk.flushed(join(folder, "flushed"));
    writeFileSync(join(folder, "flushed"), "after");
    disk.cut(after);
    expect(readFileSync(join(after, "flushed"), "utf8")).toBe("before");
    expect(existsSync(join(after, "not"))).toBe(false);
  });
  it("has a file under its old name until the folder is flushed", () => {
    const [folder, before, after] = [room("disk"), room("cut"), room("cut")];
    const disk = new DroppingDisk(folder);
    writeFileSync(join(folder, "old"), "x");
    disk.flushed(join(folder, "old"));
    renameSync(join(folder, "old"), join(folder, "new"));
    disk.cut(before);
    disk.flushed(folder);
    disk.cut(after);
    expect([existsSync(join(before, "old")), existsSync(join(before, "new"))]).toEqual([true, false]);
    expect([existsSync(join(after, "old")), existsSync(join(after, "new"))]).toEqual([false, true]);
  });
});

describe("a power cut", () => {
  const shop = room("shop");
  const disk = new DroppingDisk(shop);
  /** What the disk held at some flushes, and what had been acknowledged by then. */
  const cuts: { readonly when: string; readonly folder: string; readonly acknowledged: readonly string[] }[] = [];
  const acknowledged: string[] = [];
  let flushes = 0;
  let cutAt: ((flush: number) => string | null) | null = null;

  function cut(when: string): void {
    const folder = room("cut");
    disk.cut(folder);
    cuts.push({ when, folder, acknowledged: [...acknowledged] });
  }

  beforeAll(async () => {
    // While the book is made: at its first flush, in the middle, and at its last.
    cutAt = (flush) => ([1, 400, 900].includes(flush) ? "while the book is made" : null);
    const client = await openBook(shop, (path) => {
      disk.flushed(path);
      const when = cutAt?.(++flushes) ?? null;
      if (when !== null) cut(when);
    });
    cutAt = null;
    cut("as soon as it is open");
    const db = await openOn(client);
    cut("as soon as its tables are made");
    for (let n = 0; n < 30; n++) {
      await addClient(db, { id: `c${n}`, name: `Client ${n}` }, NOW);
      acknowledged.push(`c${n}`);
      if (n % 11 === 7) cut(`after client ${n}`);
    }
    const before = flushes;
    cutAt = (flush) => ([3, 12].includes(flush - before) ? "during a checkpoint" : null);
    await client.exec("checkpoint");
    cutAt = null;
    await addClient(db, { id: "last", name: "Last" }, NOW);
    acknowledged.push("last");
    cut("after the checkpoint");
    await client.close();
  }, 120_000);

  it("was pulled at every stage", () => expect(new Set(cuts.map(({ when }) => when)).size).toBeGreaterThanOrEqual(7));
  it("loses nothing that was acknowledged, and the book opens again, wherever it comes", async () => {
    for (const { when, folder, acknowledged: told } of cuts) expect(await foundIn(folder, told), when).toEqual(told);
  }, 240_000);
});

it("an empty or stale lock of the database, left by a computer that went out, does not keep the book shut", async () => {
  const folder = room("shop");
  await (await openBook(folder)).close();
  for (const left of ["", "42\n/nowhere\n"]) {
    writeFileSync(join(folder, "postgres", "postmaster.pid"), left);
    await (await openBook(folder)).close();
  }
}, 60_000);

it("half of a book is put aside, not thrown away, and a new one is made", async () => {
  const folder = room("shop");
  mkdirSync(join(folder, "postgres", "global"), { recursive: true });
  writeFileSync(join(folder, "postgres", "PG_VERSION"), "17\n");
  await (await openBook(folder)).close();
  expect(readFileSync(join(folder, "postgres.unfinished-1", "PG_VERSION"), "utf8")).toBe("17\n");
}, 60_000);
