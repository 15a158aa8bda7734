import { cpSync, mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { PGlite } from "@electric-sql/pglite";
import { drizzle } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import { beforeEach, describe, expect, it } from "vitest";
import { typicalBody } from "../core/body";
import { type CutSheet, makeSheet } from "../core/formats";
import { certain } from "../core/result";
import {
  addCard,
  addClient,
  addFigureNote,
  addOrder,
  bringBackShop,
  changeOrder,
  correctCard,
  countOrders,
  countOrdersBySet,
  type Database,
  eraseClient,
  findCard,
  findCutSheet,
  findOrder,
  freezeSheet,
  keepProgress,
  keepRuleSet,
  keepTake,
  listAllCards,
  listClients,
  listFigureNotes,
  listOrdersDue,
  listOrdersInState,
  listSheetIds,
  listTakes,
  openOn,
  type Reader,
  readSheetRow,
  readShopRows,
  type SheetRow,
} from ".";

const NOW = "2026-11-23T09:00:00.000Z";
const sheet = ((): CutSheet => {
  const outcome = makeSheet({ garment: "straight-dress", client: { card: { measurements: typicalBody } } });
  if (outcome.kind !== "sheet") throw new Error("no sheet");
  return outcome.sheet;
})();

/** Every row of a small book at once. */
async function readAll(book: Reader) {
  const cutSheets: SheetRow[] = [];
  for (const id of await listSheetIds(book)) cutSheets.push(certain(await readSheetRow(book, id), "a sheet"));
  return { ...(await readShopRows(book)), cutSheets };
}

type All = Awaited<ReturnType<typeof readAll>>;

const bringBack = (book: Database, { cutSheets, ...rows }: All, keep: (before: Reader) => Promise<unknown>) =>
  bringBackShop(book, rows, cutSheets, keep);

const migrated = openOn(await PGlite.create());
let db: Database;

/** Two clients, each with a card, a note, a cut order that is on the table, and one that is drafted. */
beforeEach(async () => {
  // A copy of a migrated database: a fresh one takes seconds.
  db = await openOn((await (await migrated).$client.clone()) as PGlite);
  await keepRuleSet(db, { id: "canal", name: "Canal room", base: "close", overrides: { "allowance.side": "2 in" } });
  for (const who of ["a", "b"]) {
    await addClient(db, { id: who, name: `Client ${who}` }, NOW);
    const reading = { bust: { typed: "38; 38 1/2", unit: "in" as const } };
    await addCard(
      db,
      { id: `card-${who}`, clientId: who, takenOn: "2026-05-02", figure: "child", age: 7.5, readings: reading },
      NOW,
    );
    const note = {
      id: `note-${who}`,
      piece: "bodice-back",
      line: "waist",
      amount: "-1/2 in",
      why: "hollow",
      side: "left" as const,
      inUse: true,
    };
    await addFigureNote(db, { ...note, clientId: who }, NOW);
    for (const [kind, promisedOn, fittings] of [
      ["cut", "2026-11-26", ["2026-11-24"]],
      ["new", "2026-12-20", []],
    ] as const)
      await addOrder(
        db,
        {
          id: `${kind}-${who}`,
          clientId: who,
          cardId: `card-${who}`,
          garment: "straight-dress",
          unit: "in" as const,
          choices: { frontNeck: "v" },
          rules: { set: kind === "new" ? "canal" : "close" },
          cloth: { width: "45" },
          fittings,
          state: "drafted",
          promisedOn,
        },
        NOW,
      );
    await freezeSheet(db, `sheet-${who}`, `cut-${who}`, sheet, NOW);
    await keepProgress(db, `cut-${who}`, { stepId: "x", ticked: ["x"], unticked: [] }, NOW);
  }
});

describe("a client who leaves", () => {
  it("takes every card, note, order and sheet along, and nobody else's", async () => {
    await eraseClient(db, "a");
    const left = await readAll(db);
    expect(left.clients.map(({ id }) => id)).toEqual(["b"]);
    expect(left.cards.map(({ id }) => id)).toEqual(["card-b"]);
    expect(left.figureNotes.map(({ id }) => id)).toEqual(["note-b"]);
    expect(left.orders.map(({ id }) => id)).toEqual(["cut-b", "new-b"]);
    expect(left.cutSheets.map(({ id }) => id)).toEqual(["sheet-b"]);
    expect(left.tableProgress.map(({ orderId }) => orderId)).toEqual(["cut-b"]);
  });
  it("leaves the other sheets as frozen as before", async () => {
    await eraseClient(db, "a");
    await expect(db.$client.query("delete from cut_sheets")).rejects.toThrow("never changes");
  });
});

describe("a whole shop", () => {
  it("comes back as it was, whatever happened since", async () => {
    const kept = await readAll(db);
    await eraseClient(db, "a");
    await addClient(db, { id: "late", name: "Came later" }, NOW);
    await bringBack(db, JSON.parse(JSON.stringify(kept)), async () => {});
    expect(await readAll(db)).toEqual(kept);
    expect((await findCutSheet(db, "cut-a"))?.sheet).toEqual(sheet);
    // The numbers go on where they were.
    expect(kept.shop.nextOrderNumber).toBe(5);
  });
  it("brings back every take of a sheet, and an order is worked from the last", async () => {
    const anew = { ...sheet, checks: [] };
    const kept = (take: number, id: string) =>
      keepTake(db, id, { orderId: "cut-a", after: take - 1, sheet: anew, steps: [] }, NOW);
    expect([await kept(2, "second"), await kept(2, "same"), await kept(3, "third")]).toEqual([true, false, true]);
    const all = await readAll(db);
    await bringBack(db, JSON.parse(JSON.stringify(all)), async () => {});
    expect((await listTakes(db, "cut-a")).map(({ take }) => take)).toEqual([1, 2, 3]);
    expect((await findCutSheet(db, "cut-a"))?.sheet).toEqual(anew);
    expect(await freezeSheet(db, "again", "cut-a", sheet, NOW)).toBe(false);
  });
  it("comes back whole or not at all", async () => {
    const kept = await readAll(db);
    const [first, ...rest] = kept.orders;
    if (first === undefined) throw new Error("no order");
    await expect(
      bringBack(db, { ...kept, orders: [{ ...first, clientId: "nobody" }, ...rest] }, async () => {}),
    ).rejects.toThrow();
    expect(await readAll(db)).toEqual(kept);
  });
});

describe("a book that is replaced while others write in it", () => {
  it("every write that was acknowledged is in what was kept before, or in the book that stays", async () => {
    const whole = JSON.parse(JSON.stringify(await readAll(db)));
    let before: All | null = null;
    const acknowledged: string[] = [];
    const write = async (id: string) => {
      await addClient(db, { id, name: id }, NOW);
      acknowledged.push(id);
    };
    const early = Array.from({ length: 20 }, (_, n) => write(`early-${n}`));
    const replacing = bringBack(db, whole, async (found) => {
      before = await readAll(found);
      // Others go on writing while the copy is written to the disk.
      for (let n = 0; n < 20; n++) early.push(write(`during-${n}`));
      await new Promise((later) => setTimeout(later, 20));
    });
    await Promise.all([replacing, ...early]);
    await Promise.all(early);
    const kept = new Set(((before as All | null)?.clients ?? []).map(({ id }) => id));
    const now = new Set((await readAll(db)).clients.map(({ id }) => id));
    expect(acknowledged).toHaveLength(40);
    expect(acknowledged.filter((id) => !kept.has(id) && !now.has(id))).toEqual([]);
    expect(acknowledged.filter((id) => now.has(id)).length).toBeGreaterThanOrEqual(20);
  });
  it("is left as it is where what was there cannot be kept", async () => {
    const kept = await readAll(db);
    const full = async () => Promise.reject(new Error("no space left on the disk"));
    await expect(
      bringBack(
        db,
        { ...kept, clients: [], cards: [], figureNotes: [], orders: [], cutSheets: [], tableProgress: [] },
        full,
      ),
    ).rejects.toThrow("no space left");
    expect(await readAll(db)).toEqual(kept);
  });
  it("an order that is gone with it is said to be gone, not kept", async () => {
    expect(await changeOrder(db, "not-there", { promisedOn: null }, NOW)).toBe(false);
  });
});

describe("a card that two correct at once", () => {
  it("takes the first correction, and refuses the second until it has seen it", async () => {
    const card = await findCard(db, "card-a");
    if (card === undefined) throw new Error("no card");
    const bust = (typed: string) => ({ ...card, readings: { bust: { typed, unit: "in" as const } } });
    expect(await correctCard(db, bust("39"))).toBe(true);
    expect(await correctCard(db, bust("40"))).toBe(false);
    const now = await findCard(db, "card-a");
    expect(now?.readings.bust?.typed).toBe("39");
    expect(now?.revision).toBe(2);
    expect(await correctCard(db, { ...bust("40"), revision: 2 })).toBe(true);
  });
});

describe("what a page asks of the book", () => {
  it("knows the orders of a week by promise and by fitting, and no others", async () => {
    const ids = async (from: string, to: string) => (await listOrdersDue(db, from, to)).map(({ id }) => id);
    expect(await ids("2026-11-23", "2026-11-24")).toEqual(["cut-a", "cut-b"]);
    expect(await ids("2026-11-27", "2026-12-06")).toEqual([]);
    expect(await ids("2026-12-14", "2026-12-20")).toEqual(["new-a", "new-b"]);
  });
  it("counts each state and shows no more of one than is asked", async () => {
    expect(await countOrders(db)).toEqual({ cut: 2, drafted: 2 });
    expect((await listOrdersInState(db, "drafted", 1)).map(({ id }) => id)).toEqual(["new-a"]);
  });
  it("knows which orders are drawn by a set of the shop's own", async () => {
    expect(await countOrdersBySet(db, "canal")).toBe(2);
    expect(await countOrdersBySet(db, "festival")).toBe(0);
  });
  it("lists every card with its client's name", async () => {
    expect((await listAllCards(db)).map(({ clientName, readings }) => [clientName, readings.bust?.typed])).toEqual([
      ["Client a", "38; 38 1/2"],
      ["Client b", "38; 38 1/2"],
    ]);
    expect(await listFigureNotes(db, "a")).toHaveLength(1);
  });
});

it("brings a book of the first shape up to date and keeps every row of it", async () => {
  const folder = mkdtempSync(join(tmpdir(), "inner-fold-migrations-"));
  cpSync("src/db/migrations", folder, { recursive: true });
  const journal = join(folder, "meta", "_journal.json");
  const { entries, ...head } = JSON.parse(readFileSync(journal, "utf8"));
  writeFileSync(journal, JSON.stringify({ ...head, entries: entries.slice(0, 2) }));
  const old = await PGlite.create();
  await migrate(drizzle({ client: old }), { migrationsFolder: folder });
  await old.exec(`
    insert into shop values (1, 'cm', 8);
    insert into clients values ('c', 'Ines Marlowe', '${NOW}');
    insert into cards values ('k', 'c', '2026-05-02', '{"bust":{"typed":"97,5","unit":"cm"}}', '${NOW}');
    insert into orders values ('o', 7, 'c', 'k', 'straight-dress', '{}', '{"set":"close"}', '{}', 'drafted', null, '${NOW}');
  `);
  const book = await openOn(old);
  expect(await findCard(book, "k")).toMatchObject({ readings: { bust: { typed: "97,5" } }, revision: 1 });
  // A number without a unit is what it was when it was written, whatever tape the shop takes later.
  expect(await findOrder(book, "o")).toMatchObject({ number: 7, fittings: [], unit: "cm" });
  expect((await readAll(book)).shop).toMatchObject({ unit: "cm", nextOrderNumber: 8, dayHolds: 4 });
  expect(await listClients(book)).toHaveLength(1);
});
