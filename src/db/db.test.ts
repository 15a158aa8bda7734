import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { PGlite } from "@electric-sql/pglite";
import { beforeAll, expect, it } from "vitest";
import { typicalBody } from "../core/body";
import { type CutSheet, makeSheet } from "../core/formats";
import {
  addCard,
  addClient,
  addOrder,
  changeOrder,
  type Database,
  FolderInUse,
  findCutSheet,
  findOrder,
  findProgress,
  freezeSheet,
  keepProgress,
  keepRuleSet,
  listCards,
  listOrders,
  listRuleSets,
  listTickTimes,
  openOn,
} from ".";
import { ownFolder } from "./owner";

const NOW = "2026-11-23T09:00:00.000Z";
let db: Database;

function sheetFor(bust: number): CutSheet {
  const outcome = makeSheet({
    garment: "straight-dress",
    client: { card: { measurements: { ...typicalBody, bust } } },
  });
  if (outcome.kind !== "sheet") throw new Error("no sheet");
  return outcome.sheet;
}

const order = (id: string) => ({
  id,
  clientId: "c1",
  cardId: "k1",
  garment: "straight-dress",
  unit: "in" as const,
  choices: {},
  rules: { set: "close" },
  cloth: {},
  state: "drafted" as const,
  promisedOn: null,
  fittings: [],
});

beforeAll(async () => {
  db = await openOn(await PGlite.create());
  await addClient(db, { id: "c1", name: "Ines Marlowe" }, NOW);
  await addCard(
    db,
    {
      id: "k1",
      clientId: "c1",
      takenOn: "2026-05-02",
      figure: "woman",
      age: null,
      readings: { bust: { typed: "38 1/2", unit: "in" } },
    },
    NOW,
  );
});

it("keeps a card as it was typed, and a new one beside it, the newest first", async () => {
  await addCard(
    db,
    {
      id: "k2",
      clientId: "c1",
      takenOn: "2026-11-20",
      figure: "woman",
      age: null,
      readings: { bust: { typed: "99,5 cm", unit: "cm" } },
    },
    NOW,
  );
  expect((await listCards(db, "c1")).map(({ id, readings }) => [id, readings.bust?.typed])).toEqual([
    ["k2", "99,5 cm"],
    ["k1", "38 1/2"],
  ]);
});

it("numbers orders 1, 2, 3 without a gap, even when one fails between", async () => {
  expect(await addOrder(db, order("o1"), NOW)).toBe(1);
  await expect(addOrder(db, { ...order("o2"), cardId: "no such card" }, NOW)).rejects.toThrow();
  expect(await addOrder(db, order("o2"), NOW)).toBe(2);
  await changeOrder(db, "o2", { choices: { frontNeck: "v" } }, NOW);
  expect((await findOrder(db, "o2"))?.choices).toEqual({ frontNeck: "v" });
  expect((await listOrders(db)).map(({ number, clientName }) => [number, clientName])).toEqual([
    [1, "Ines Marlowe"],
    [2, "Ines Marlowe"],
  ]);
});

it("never changes a sheet that was cut from", async () => {
  const first = sheetFor(38.5);
  await freezeSheet(db, "s1", "o1", first, NOW);
  await freezeSheet(db, "s2", "o1", sheetFor(44), NOW);
  expect((await findCutSheet(db, "o1"))?.sheet).toEqual(first);
  expect((await findOrder(db, "o1"))?.state).toBe("cut");
  await expect(db.$client.query("update cut_sheets set frozen_at = 'x'")).rejects.toThrow("never changes");
  await expect(db.$client.query("delete from cut_sheets")).rejects.toThrow("never changes");
});

it("keeps the place at the table and the shop's own rules", async () => {
  const tick = (stepId: string, ticked: string[], unticked: string[] = []) =>
    keepProgress(db, "o1", { stepId, ticked, unticked }, NOW);
  await tick("front-waist-side", ["prepare-front"]);
  await tick("front-hip-side", ["front-waist-side"]);
  // Another browser, which has not seen the second tick, ticks a third: none is lost.
  await tick("front-hem", ["front-hip-side"]);
  expect((await findProgress(db, "o1"))?.done).toEqual(["prepare-front", "front-waist-side", "front-hip-side"]);
  await tick("front-hip-side", [], ["front-hip-side"]);
  expect(await findProgress(db, "o1")).toEqual({
    stepId: "front-hip-side",
    done: ["prepare-front", "front-waist-side"],
    checks: {},
  });
  // Two tablets measure two groups: neither loses what the other read, and a waiver stays when the place moves on.
  const front = { read: { "bodice-front/side": { typed: "33 3/4", value: 33.75 } } };
  const waiver = {
    by: "Odile",
    on: "2026-11-25T10:00:00.000Z",
    reason: "practice" as const,
    words: "",
    lengths: [{ id: "bodice-back/side", expected: 33.8, read: null }],
  };
  await keepProgress(
    db,
    "o1",
    { stepId: "check-front", ticked: [], unticked: [], checks: { "check-front": front } },
    NOW,
  );
  const back = { read: {}, waiver };
  await keepProgress(db, "o1", { stepId: "check-back", ticked: [], unticked: [], checks: { "check-back": back } }, NOW);
  await tick("cut-hem-back", []);
  expect((await findProgress(db, "o1"))?.checks).toEqual({ "check-front": front, "check-back": back });
  await keepRuleSet(db, { id: "r1", name: "Canal room", base: "close", overrides: { "allowance.side": 1 } });
  expect((await listRuleSets(db))[0]?.overrides).toEqual({ "allowance.side": 1 });
});

it("keeps when a step was ticked first: ticked again it stays, taken back it is forgotten", async () => {
  await addOrder(db, order("timed"), NOW);
  const tick = (ticked: readonly string[], unticked: readonly string[], now: string) =>
    keepProgress(db, "timed", { stepId: "a", ticked, unticked }, now);
  const LATER = "2026-11-23T09:10:00.000Z";
  await tick(["a", "b"], [], NOW);
  await tick(["a", "c"], [], LATER);
  const [first] = await listTickTimes(db, 1);
  expect(first).toEqual({ a: Date.parse(NOW), b: Date.parse(NOW), c: Date.parse(LATER) });
  await tick([], ["b"], LATER);
  expect((await listTickTimes(db, 1))[0]).toEqual({ a: Date.parse(NOW), c: Date.parse(LATER) });
});

it("lets one process own a data folder and tells the second", async () => {
  const folder = mkdtempSync(join(tmpdir(), "inner-fold-"));
  await ownFolder(folder);
  await expect(ownFolder(folder)).rejects.toThrow(FolderInUse);
});
