import { parse } from "csv-parse/sync";
import { describe, expect, it } from "vitest";
import { typicalBody } from "@/core/body";
import { makeSheet } from "@/core/formats";
import type { WholeShop } from "@/db";
import { writeCardCsv } from "./card-csv";
import { countRows, readShopFile, writeShopFile } from "./shop-file";

const NOW = "2026-11-23T09:00:00.000Z";
const outcome = makeSheet({ garment: "straight-dress", client: { card: { measurements: typicalBody } } });
if (outcome.kind !== "sheet") throw new Error("no sheet");

const shop: WholeShop = {
  shop: { id: 1, unit: "in", nextOrderNumber: 2, dayHolds: 4 },
  clients: [{ id: "c", name: "Łucja “Ada” Morrow", createdAt: NOW }],
  cards: [
    {
      id: "k",
      clientId: "c",
      takenOn: "2026-11-16",
      readings: { bust: { typed: "38; 38½", unit: "in" }, hip: { typed: "104", unit: "cm" } },
      revision: 2,
      createdAt: NOW,
    },
  ],
  figureNotes: [
    {
      id: "n",
      clientId: "c",
      piece: "bodice-back",
      line: "waist",
      amount: "-1/2 in",
      why: "hollow back",
      inUse: true,
      createdAt: NOW,
    },
  ],
  orders: [
    {
      id: "o",
      number: 1,
      clientId: "c",
      cardId: "k",
      garment: "straight-dress",
      unit: "in" as const,
      choices: { frontNeck: "v" },
      rules: { set: "close" },
      cloth: { width: "45" },
      state: "cut",
      promisedOn: "2026-11-26",
      fittings: ["2026-11-24"],
      updatedAt: NOW,
    },
  ],
  cutSheets: [{ id: "s", orderId: "o", sheet: outcome.sheet, frozenAt: NOW }],
  ruleSets: [{ id: "r", name: "Canal room", base: "close", overrides: { "allowance.side": "2 in" } }],
  tableProgress: [{ orderId: "o", stepId: "front-hem", done: ["front-hem"], checks: {}, updatedAt: NOW }],
};
const file = writeShopFile(shop, NOW);
const refusal = (text: string): string => {
  const read = readShopFile(text);
  return read.ok ? "taken" : read.message;
};
/** The file with something changed in it and its checksum made to agree, as a tool that knows it would. */
function changed(change: (shop: Record<string, unknown>) => object): string {
  const whole = JSON.parse(file);
  return writeShopFile(change(whole.shop) as WholeShop, NOW);
}

describe("a whole shop in a file", () => {
  it("is read back as it was, with its counts", () => {
    const read = readShopFile(file);
    expect(read.ok && read.file.shop).toEqual(shop);
    expect(countRows(shop)).toMatchObject({ clients: 1, cards: 1, orders: 1, cutSheets: 1 });
  });
  it("of before orders said their tape is read with the shop's: a cloth of 45 stays as wide", () => {
    const old = {
      ...shop,
      shop: { ...shop.shop, unit: "cm" as const },
      orders: shop.orders.map(({ unit: _, ...rest }) => rest),
    };
    const read = readShopFile(writeShopFile(old as unknown as WholeShop, NOW));
    expect(read.ok && read.file.shop.orders.map(({ unit }) => unit)).toEqual(["cm"]);
  });
  it.each([0.3, 0.9, 0.999])("cut short to %d of itself is refused as cut short", (share) =>
    expect(refusal(file.slice(0, Math.floor(file.length * share)))).toContain("cut short"),
  );
  it.each([
    ["a file of another kind", JSON.stringify({ format: "some/other", version: 1 }), "of another kind"],
    ["no file of ours at all", "PK\u0003\u0004 garbled", "no file that Inner Fold wrote"],
    ["nothing", "", "no file that Inner Fold wrote"],
    ["a list", "[]", "of another kind"],
    ["a later version", file.replace('"version":1', '"version":2'), "newer Inner Fold"],
    ["one reading changed by hand", file.replace("38; 38½", "38; 48½"), "checksum does not agree"],
    ["an order of nobody", changed((one) => ({ ...one, clients: [] })), "belongs to nobody"],
    ["a state that is none", changed((one) => ({ ...one, orders: [{ ...shop.orders[0], state: "lost" }] })), "state"],
    ["a table too many", changed((one) => ({ ...one, secrets: [] })), "secrets"],
  ])("refuses %s, says why, and says that nothing was changed", (_, text, why) => {
    expect(refusal(text)).toContain(why);
    expect(refusal(text)).toContain("Nothing was changed.");
  });
});

it("writes cards as a table that another reader reads, readings as typed with their unit", () => {
  const [card] = shop.cards;
  if (card === undefined) throw new Error("no card");
  const csv = writeCardCsv([
    { ...card, clientName: '=HYPERLINK("x")' },
    { ...card, clientName: 'Łucja "Ada", Morrow' },
  ]);
  const [first, second] = parse(csv, { columns: true }) as Record<string, string>[];
  expect(second).toMatchObject({ Client: 'Łucja "Ada", Morrow', "Taken on": "2026-11-16" });
  expect(second?.["Bust girth"]).toBe("38 in; 38½ in");
  expect(second?.["Hip girth"]).toBe("104 cm");
  expect(second?.["Waist girth"]).toBe("");
  // A name that looks like a formula computes nothing.
  expect(first?.Client?.startsWith("'=")).toBe(true);
});
