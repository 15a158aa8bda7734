import { mkdtempSync, readdirSync, readFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { gunzipSync } from "node:zlib";
import { PGlite } from "@electric-sql/pglite";
import { describe, expect, it } from "vitest";
import { makeSheet, tableScreens, withChecks } from "@/core/formats";
import { bringBackShop, findCutSheet, listOrders, openOn } from "@/db";
import { copyBookTo } from "./dumps";
import { readShop } from "./read-shop";
import { fileOf, readText, textOfShop } from "./shop-file.test-data";

/** Whole books as each shape of them was written, with what was cut; more are added here, and none is ever changed. */
const FOLDER = "src/server/backup/old-books";
const books = readdirSync(FOLDER).sort();
const migrated = openOn(await PGlite.create());

describe.each(books)("a book of an earlier shape, %s", (name) => {
  const text = gunzipSync(readFileSync(join(FOLDER, name))).toString();

  it("is brought back, its sheets open, and they can still be chalked from", async () => {
    const db = await openOn((await (await migrated).$client.clone()) as PGlite);
    const read = await readShop(fileOf(text));
    if (!read.ok) throw new Error(read.message);
    await bringBackShop(db, read.file.rows, read.file.sheets(), async () => {});
    const orders = await listOrders(db);
    expect(orders.length).toBe(2);
    for (const { id, unit } of orders) {
      expect(unit).toBe("in");
      const kept = await findCutSheet(db, id);
      if (kept === undefined) throw new Error("no sheet");
      const screens = tableScreens(withChecks(kept.sheet, {}, []), "placements");
      expect(screens.length).toBeGreaterThan(10);
      // What was cut from is drawn as it was: its order draws a sheet of the same garment today.
      expect(makeSheet(kept.sheet.order).kind).toBe("sheet");
    }
  });

  it("is copied again with nothing of its sheets left out", async () => {
    const db = await openOn((await (await migrated).$client.clone()) as PGlite);
    const before = await readText(text);
    const read = await readShop(fileOf(text));
    if (!read.ok || before.shop === undefined) throw new Error("not read");
    await bringBackShop(db, read.file.rows, read.file.sheets(), async () => {});
    const place = join(mkdtempSync(join(tmpdir(), "inner-fold-again-")), "shop.json");
    await copyBookTo(place, db, new Date());
    const again = await readText(readFileSync(place, "utf8"));
    expect(again.message).toBe("");
    // In a book of before every sheet was the only take of its order.
    expect(again.shop?.cutSheets).toEqual(before.shop.cutSheets.map((sheet) => ({ ...sheet, take: 1 })));
    expect(again.shop?.cards).toEqual(before.shop.cards);
  });
});

describe("a sheet with more in it than this Inner Fold knows", () => {
  const text = gunzipSync(readFileSync(join(FOLDER, books.at(-1) ?? ""))).toString();
  const withSheet = async (change: object) => {
    const { shop } = await readText(text);
    if (shop === undefined) throw new Error("not read");
    const [first, ...rest] = shop.cutSheets;
    if (first === undefined) throw new Error("no sheet");
    return { ...shop, cutSheets: [{ ...first, sheet: { ...first.sheet, ...change } }, ...rest] };
  };

  it("keeps what it does not know, through the book and a copy", async () => {
    const shop = await withSheet({ later: { kept: "as it was" } });
    const read = await readText(await textOfShop(shop, "2026-11-23T09:00:00.000Z"));
    expect(read.shop?.cutSheets[0]?.sheet).toMatchObject({ later: { kept: "as it was" } });
  });
  it("is said to be of a newer Inner Fold where its shape is another", async () => {
    const shop = await withSheet({ version: 2 });
    const read = await readText(await textOfShop(shop, "2026-11-23T09:00:00.000Z"));
    expect(read.message).toContain("newer Inner Fold");
  });
});
