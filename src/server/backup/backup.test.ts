import { createHash } from "node:crypto";
import { parse } from "csv-parse/sync";
import { describe, expect, it } from "vitest";
import { typicalBody } from "@/core/body";
import { makeSheet } from "@/core/formats";
import { writeCardCsv } from "./card-csv";
import { wholeChecksum } from "./read-shop";
import { fileOf, readText, textOfShop, type WholeShop } from "./shop-file.test-data";

const NOW = "2026-11-23T09:00:00.000Z";
const outcome = makeSheet({ garment: "straight-dress", client: { card: { measurements: typicalBody } } });
if (outcome.kind !== "sheet") throw new Error("no sheet");

const shop: WholeShop = {
  shop: {
    id: 1,
    unit: "in",
    nextOrderNumber: 2,
    dayHolds: 4,
    currency: "€",
    hoursADay: 17.5,
    hourly: "14,50",
    notionPrices: { zip: "3,20" },
  },
  clients: [{ id: "c", name: "Łucja “Ada” Morrow", createdAt: NOW }],
  cards: [
    {
      id: "k",
      clientId: "c",
      takenOn: "2026-11-16",
      readings: { bust: { typed: "38; 38½", unit: "in" }, hip: { typed: "104", unit: "cm" } },
      figure: "child",
      age: 7.5,
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
      side: "right",
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
      spoilt: [{ id: "x", piece: "sleeve", copies: 1, side: "left", why: "scorched", on: "2026-11-20", again: null }],
      fitted: [
        {
          id: "f",
          on: "2026-11-24",
          seen: "loose-waist",
          typed: "1",
          inches: 1,
          side: "both",
          pinned: true,
          by: "M",
          done: false,
          rule: { id: "ease.waist", value: 0.5 },
        },
      ],
      money: { price: "180", deposit: "60", paid: [{ on: "2026-11-16", amount: "60" }], note: "" },
      alteration: {
        what: "Grey coat",
        lines: [{ id: "l", place: "waist", now: "34", wanted: "32", found: "", how: "by both sides" }],
      },
      updatedAt: NOW,
    },
  ],
  cutSheets: [{ id: "s", orderId: "o", sheet: outcome.sheet, frozenAt: NOW, take: 1 }],
  ruleSets: [{ id: "r", name: "Canal room", base: "close", overrides: { "allowance.side": "2 in" } }],
  tableProgress: [
    {
      orderId: "o",
      stepId: "front-hem",
      done: ["front-hem"],
      checks: {},
      times: { "front-hem": 1_795_000_000_000 },
      updatedAt: NOW,
    },
  ],
  rehearsals: [
    {
      id: "h",
      person: "Ilse",
      title: "Straight dress for Łucja",
      orderId: "o",
      document: {
        garment: "straight-dress",
        client: { card: { measurements: typicalBody } },
        choices: { scale: "0.5" },
      },
      timed: true,
      answers: { "front-chest-side/net": { typed: ["9", "5 1/8"], state: "right", at: 1_795_000_000_000 } },
      lengths: { "bodice-front/side": { learner: "15 1/4" } },
      master: null,
      closedAt: null,
      startedAt: NOW,
    },
  ],
  practiceTries: [
    { id: "t", person: "Ilse", mark: "chest/side", rules: ["ease.bust"], right: false, slip: "no-ease", on: NOW },
  ],
};
const file = await textOfShop(shop, NOW);
const refusal = async (text: string): Promise<string> => (await readText(text)).message || "taken";

/** The same book in one piece, as every file was before large books: their checksums are of the same text. */
function inOnePiece(whole: object): string {
  const checksum = createHash("sha256").update(JSON.stringify(whole)).digest("hex");
  return JSON.stringify({ format: "inner-fold/shop", version: 1, writtenAt: NOW, counts: {}, checksum, shop: whole });
}

/** The file with something changed in it and its checksum made to agree, as a tool that knows it would; in both shapes. */
const changed = async (change: object): Promise<readonly string[]> => {
  const other = { ...shop, ...change };
  return [await textOfShop(other as WholeShop, NOW), inOnePiece(other)];
};

describe("a whole shop in a file", () => {
  it("is read back as it was, with its counts", async () => {
    const read = await readText(file);
    expect(read.shop).toEqual(shop);
    expect(read.head?.counts).toMatchObject({ clients: 1, cards: 1, orders: 1, cutSheets: 1 });
  });
  it("is plain JSON that any reader reads, each row on a line of its own", () => {
    expect(JSON.parse(file)).toMatchObject({ format: "inner-fold/shop", version: 1, shop: { clients: shop.clients } });
    expect(file.split("\n").filter((line) => line.includes("straight-dress")).length).toBeGreaterThanOrEqual(2);
  });
  it("is read in one piece as well, as it was written before large books", async () => {
    expect((await readText(inOnePiece(shop))).shop).toEqual(shop);
  });
  it("is known by its bytes on the disk: not when one of them was changed since", async () => {
    const [{ checksum }] = [JSON.parse(file)];
    expect(await wholeChecksum(fileOf(file))).toBe(checksum);
    expect(await wholeChecksum(fileOf(file.replace("38; 38½", "38; 48½")))).toBeNull();
    expect(await wholeChecksum(fileOf(file.slice(0, -3)))).toBeNull();
    expect(await wholeChecksum(fileOf(""))).toBeNull();
  });
  it("of before orders said their tape is read with the shop's: a cloth of 45 stays as wide", async () => {
    const old = {
      ...shop,
      shop: { ...shop.shop, unit: "cm" as const },
      orders: shop.orders.map(({ unit: _, ...rest }) => rest),
    };
    expect((await readText(inOnePiece(old))).shop?.orders.map(({ unit }) => unit)).toEqual(["cm"]);
  });
  it.each([0.02, 0.3, 0.9, 0.999])("cut short to %d of itself is refused as cut short", async (share) => {
    for (const text of [file, inOnePiece(shop)])
      expect(await refusal(text.slice(0, Math.floor(text.length * share)))).toContain("cut short");
  });
  it.each([
    ["a file of another kind", JSON.stringify({ format: "some/other", version: 1 }), "of another kind"],
    ["no file of ours at all", "PK\u0003\u0004 garbled", "no file that Inner Fold wrote"],
    ["nothing", "", "no file that Inner Fold wrote"],
    ["a list", "[]", "of another kind"],
    ["a later version", file.replace('"version":1', '"version":2'), "newer Inner Fold"],
    ["a later version in one piece", inOnePiece(shop).replace('"version":1', '"version":2'), "newer Inner Fold"],
    ["one reading changed by hand", file.replace("38; 38½", "38; 48½"), "checksum does not agree"],
    ["a line that is none any more", file.replace('{"id":"k"', '{"id"'), "checksum does not agree"],
  ])("refuses %s, says why, and says that nothing was changed", async (_, text, why) => {
    expect(await refusal(text)).toContain(why);
    expect(await refusal(text)).toContain("Nothing was changed.");
  });

  const [order, client, sheet] = [shop.orders[0], shop.clients[0], shop.cutSheets[0]];
  const pinned = { cloth: { lay: { main: { pins: [{ unit: "u", copy: 0, x: "1e999" }] } } } };
  it.each([
    ["an order of nobody", { clients: [] }, "belongs to nobody"],
    ["a state that is none", { orders: [{ ...order, state: "lost" }] }, "orders › 1 › state"],
    ["a client twice", { clients: [client, client] }, "two of its clients are one and the same"],
    ["two orders of one number", { orders: [order, { ...order, id: "o2" }] }, "two of its orders have one number"],
    ["a number that would be given again", { shop: { ...shop.shop, nextOrderNumber: 1 } }, "there is a No. 1 already"],
    ["an order cut from twice", { cutSheets: [sheet, { ...sheet, id: "s2" }] }, "cut from two sheets"],
    ["a sheet of no order", { cutSheets: [{ ...sheet, orderId: "none" }] }, "belongs to nobody"],
    ["half an order number", { orders: [{ ...order, number: 1.5 }] }, "orders › 1 › number"],
    ["a pin that no cloth has", { orders: [{ ...order, ...pinned }] }, "holds something that no shop has"],
  ])("refuses %s by name, however the file was written", async (_, change, why) => {
    for (const text of await changed(change)) expect(await refusal(text)).toContain(why);
  });
  it("reads an order's later takes beside the sheet that it was cut from", async () => {
    const file = await changed({ cutSheets: [sheet, { ...sheet, id: "s2", take: 2 }] });
    for (const text of file) expect((await readText(text)).head?.counts).toMatchObject({ cutSheets: 2 });
  });
  it("refuses a table too many, and a number without end", async () => {
    expect(await refusal(inOnePiece({ ...shop, secrets: [{}] }))).toContain("a table that no shop has: secrets");
    const endless = { ...order, choices: { hemExtra: "ENDLESS" } };
    const [text] = [inOnePiece({ ...shop, orders: [endless] })];
    const shopText = /"shop":(\{.*\})\}$/.exec(text)?.[1]?.replace('"ENDLESS"', "1e999") ?? "";
    // JSON has no such number: a reader makes it infinite, and writes it as null.
    const checksum = createHash("sha256")
      .update(JSON.stringify(JSON.parse(shopText)))
      .digest("hex");
    const head = JSON.stringify({ format: "inner-fold/shop", version: 1, writtenAt: NOW, counts: {}, checksum });
    expect(await refusal(`${head.slice(0, -1)},"shop":${shopText}}`)).toContain("orders › 1");
  });
});

it("writes cards as a table that another reader reads, readings as typed with their unit", () => {
  const [card] = shop.cards;
  if (card === undefined) throw new Error("no card");
  const csv = writeCardCsv([
    { ...card, clientName: '=HYPERLINK("x")' },
    { ...card, clientName: 'Łucja "Ada", Morrow' },
  ]);
  expect(csv.startsWith("\uFEFF")).toBe(true);
  const [first, second] = parse(csv, { columns: true, bom: true }) as Record<string, string>[];
  expect(second).toMatchObject({ Client: 'Łucja "Ada", Morrow', "Taken on": "2026-11-16" });
  expect(second?.["Bust girth"]).toBe("38 in; 38½ in");
  expect(second?.["Hip girth"]).toBe("104 cm");
  expect(second?.["Waist girth"]).toBe("");
  // A name that looks like a formula computes nothing.
  expect(first?.Client?.startsWith("'=")).toBe(true);
  // Split at semicolons, as some table programs do, the cells are the same: none of them begins within a reading.
  const [, other] = parse(writeCardCsv([{ ...card, clientName: "A;=1+1" }]), {
    delimiter: ";",
    bom: true,
    relax_column_count: true,
    relax_quotes: true,
  }) as string[][];
  expect(other?.some((cell) => cell.startsWith("="))).toBe(false);
});
