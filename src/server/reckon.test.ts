import { describe, expect, it } from "vitest";
import { typicalBody } from "@/core/body";
import { type CutSheet, makeSheet } from "@/core/formats";
import type { Shop } from "@/db";
import { reckon } from "./reckon";

const outcome = makeSheet({
  garment: "straight-dress",
  client: { card: { measurements: typicalBody } },
  cloth: { width: 60, price: 9.5 },
});
if (outcome.kind !== "sheet") throw new Error("not drawn");
const sheet: CutSheet = {
  ...outcome.sheet,
  cloth: { ...outcome.sheet.cloth, cost: 23.75 },
  notions: [
    { id: "zip", amount: 22, unit: "in", terms: [] },
    { id: "buttons", amount: 9, unit: "piece", terms: [] },
    { id: "elastic", amount: 54, unit: "in", terms: [] },
    { id: "thread", amount: 250, unit: "m", terms: [] },
  ],
};
const shop: Shop = {
  unit: "in",
  dayHolds: 4,
  currency: "€",
  hoursADay: 8,
  hourly: "14,50",
  notionPrices: { zip: "3,20", buttons: "0.45", elastic: "2", thread: "1,60" },
};
const usual = {
  chalk: { minutes: 55, garments: 3 },
  cut: { minutes: 35, garments: 3 },
  sew: { minutes: 180, garments: 3 },
};
const of = (line: string, own: Shop = shop, times: Parameters<typeof reckon>[1] = usual) =>
  reckon(sheet, times, own).lines.find(({ what }) => what === line);

describe("what a garment comes to", () => {
  it("a zip is one, buttons are counted, elastic goes by the yard and thread by 100 m: 3.20 + 4.05 + 3 + 4", () => {
    expect(of("notions")).toEqual({ what: "notions", hundredths: 1425, partly: false });
    // By the metre: 54 in are 1.3716 m.
    expect(of("notions", { ...shop, unit: "cm" })?.hundredths).toBe(320 + 405 + 274 + 400);
  });
  it("the work by the hours that it takes here: 4 h 30 at 14.50", () =>
    expect(of("work")).toEqual({ what: "work", hundredths: 6525, partly: false }));
  it("together 23.75 + 14.25 + 65.25", () => expect(reckon(sheet, usual, shop).sum).toBe(2375 + 1425 + 6525));
  it("says what has no price, and adds only what has one", () => {
    const bare = { ...shop, hourly: "", notionPrices: { buttons: "0.45" } };
    expect(of("notions", bare)).toEqual({ what: "notions", hundredths: 405, partly: true });
    expect(of("work", bare)?.hundredths).toBeNull();
    expect(of("notions", { ...bare, notionPrices: {} })?.hundredths).toBeNull();
    expect(reckon(sheet, usual, bare).sum).toBe(2375 + 405);
  });
  it("reckons no work that was not timed", () => {
    expect(of("work", shop, { chalk: usual.chalk })?.hundredths).toBeNull();
    expect(reckon(sheet, {}, shop).minutes).toBeNull();
  });
});
