import { mkdtempSync, readdirSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { said } from "./said.test-data";
import { typedCard as card, NOBODY, READINGS } from "./typed-card.test-data";

// Outside of a request there is no page to send anew.
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
process.env.INNER_FOLD_DATA = mkdtempSync(join(tmpdir(), "inner-fold-actions-"));

const {
  changeUncut,
  closeDatabase,
  database,
  findCard,
  findCutSheet,
  findOrder,
  listCards,
  listFigureNotes,
  listOrdersOfClient,
  listRuleSets,
} = await import("@/db");
const { saveCard, saveClient, saveCorrection } = await import("./card-actions");
const { dropNote, keepNote, switchNote, takeOutClient } = await import("./client-actions");
const order = await import("./order-actions");
const { dropOwnSet, keepOwnSet, keepPrices, keepShop } = await import("./shop-actions");
const { keepPlace, readPlace } = await import("./place");
const { dumpIfChanged, findDump, listDumps, withCopy, writeDump } = await import("./backup/dumps");
const { restoreShop } = await import("./backup/restore");
const { BookChanged } = await import("./backup/write-shop");
const { loadClient, loadSheet, loadWants, loadWeek } = await import("./load");
const { sheetPrint } = await import("./sheet-print");
const { certain } = await import("@/core/result");

/** What a screen that shows the sheet now would name it by. */
async function seenSheet(id: string): Promise<string> {
  const { outcome } = await loadSheet(id);
  return outcome.kind === "sheet" ? sheetPrint(outcome.sheet) : "";
}

/** Decides on a screen that shows the order as it stands. */
async function decideOn(id: string, decided: object) {
  const { choices, rules, cloth } = certain(await findOrder(await database(), id), "the order");
  return order.saveDecisions(id, decided, { choices, rules, cloth });
}

let clientId = "";
let orderId = "";

beforeAll(async () => {
  const saved = await saveClient(card());
  clientId = saved.ok ? saved.value.clientId : "";
  const started = await order.startOrder(clientId, "straight-dress", "2026-11-28");
  orderId = started.ok ? started.value.orderId : "";
});
afterAll(() => closeDatabase());

describe("cards", () => {
  it("a client or a card that is sent again because the answer was lost is kept once", async () => {
    const as = "5f0e7a52-4b0c-4f6e-9c1d-0a2b3c4d5e6f";
    const sent = [
      await saveClient(card(READINGS, { name: "Twice Sent", as })),
      await saveClient(card(READINGS, { name: "Twice Sent", as })),
    ];
    expect(sent.map((one) => one.ok && one.value.clientId)).toEqual([as, as]);
    const db = await database();
    const [first] = await listCards(db, as);
    const again = {
      ...card({ ...READINGS, bust: "41" }),
      as: "5f0e7a52-4b0c-4f6e-9c1d-0a2b3c4d5e70",
      seen: { cardId: first?.id ?? "", revision: 1 },
    };
    for (const _ of [1, 2]) expect((await saveCard(as, again)).ok).toBe(true);
    expect(await listCards(db, as)).toHaveLength(2);
    expect(said(await takeOutClient(as, "Twice Sent"))).toBe("");
  });
  it("a new card lies beside the old one, when it was written beside the newest", async () => {
    const db = await database();
    const [newest] = await listCards(db, clientId);
    const seen = { cardId: newest?.id ?? "", revision: 1 };
    expect(said(await saveCard(clientId, card({ ...READINGS, bust: "41" }, { takenOn: "2026-11-24", seen })))).toBe("");
    expect((await listCards(db, clientId)).map(({ readings }) => readings.bust?.typed)).toEqual(["41", "40"]);
  });
  it("one that was written beside an older card meets the newer, and neither is lost", async () => {
    const met = await saveCard(clientId, card({ bust: "43" }, { seen: null }));
    expect(met.ok).toBe(false);
    expect("theirs" in met && met.theirs.readings.bust?.typed).toBe("41");
    expect(await listCards(await database(), clientId)).toHaveLength(2);
  });
  it("a correction stays on its card, and a second one of the same card meets the first", async () => {
    const db = await database();
    const old = (await listCards(db, clientId))[1];
    const seen = { cardId: old?.id ?? "", revision: 1 };
    const correct = (bust: string) => saveCorrection(old?.id, card({ ...READINGS, bust }, { seen }));
    expect((await correct("40 1/4")).ok).toBe(true);
    const second = await correct("39");
    expect("theirs" in second && second.theirs.readings.bust?.typed).toBe("40 1/4");
    expect((await findCard(db, old?.id ?? ""))?.revision).toBe(2);
  });
  it.each([
    ["a client that is not there", () => saveCard(NOBODY, card())],
    ["a card that is not there", () => saveCorrection("no id", card())],
  ])("says that %s is not in the book", async (_, act) =>
    expect(said(await act())).toContain("not in the shop's book"),
  );
});

describe("orders", () => {
  it("keeps only what can be drawn, and says at which decision it cannot", async () => {
    const decide = (choices: object) => decideOn(orderId, { choices, rules: { set: "close" }, cloth: {} });
    expect(said(await decide({ frontNeck: "square" }))).toBe("");
    const refused = await decide({ fold: "four-layers" });
    expect(refused.ok ? [] : refused.errors.map(({ field }) => field)).toContain("choices.fold");
    expect((await findOrder(await database(), orderId))?.choices).toEqual({ frontNeck: "square" });
  });
  it("keeps each fitting once, in order, and no day that is none", async () => {
    const days = { promisedOn: null, fittings: ["2026-11-27", "2026-11-24", "2026-11-27"] };
    expect(said(await order.keepDays(orderId, days))).toBe("");
    expect((await findOrder(await database(), orderId))?.fittings).toEqual(["2026-11-24", "2026-11-27"]);
    for (const promisedOn of ["soon", "2026-02-30", "2026-13-01", ""])
      expect(said(await order.keepDays(orderId, { promisedOn, fittings: [] })), promisedOn).toContain("calendar");
    expect((await loadWeek(null)).shelves.map(({ state }) => state)).toEqual(["drafted"]);
  });
  it("is drawn as before when the shop takes another tape, numbers without a unit and cloth included", async () => {
    const bare = {
      choices: { frontNeck: "square", frontNeckDepth: 6 },
      rules: { set: "close" },
      cloth: { width: "45", length: "100" },
    };
    expect(said(await decideOn(orderId, bare))).toBe("");
    const before = await seenSheet(orderId);
    expect(said(await keepShop({ unit: "cm", dayHolds: 4 }))).toBe("");
    expect(await seenSheet(orderId)).toBe(before);
    // A new order is taken with the new tape.
    const started = await order.startOrder(clientId, "straight-dress");
    const taken = await findOrder(await database(), started.ok ? started.value.orderId : "");
    expect(taken).toMatchObject({ unit: "cm", rules: { set: "metric" } });
    expect((await findOrder(await database(), orderId))?.unit).toBe("in");
    await keepShop({ unit: "in", dayHolds: 4 });
    await (await database()).$client.query("delete from orders where id = $1", [taken?.id]);
    await decideOn(orderId, { choices: { frontNeck: "square" }, rules: { set: "close" }, cloth: {} });
  });
  it("shows who decides beside another screen what that one kept, and loses neither", async () => {
    const [rules, cloth] = [{ set: "close" }, {}];
    const seen = { choices: { frontNeck: "square" }, rules, cloth };
    // Keys in another order, and one that says nothing, are the same decisions.
    const alike = { cloth: { width: "" }, rules, choices: { frontNeck: "square" } };
    const theirs = { choices: { frontNeck: "v" }, rules, cloth };
    expect(said(await order.saveDecisions(orderId, theirs, alike))).toBe("");
    const mine = { choices: { frontNeck: "round", hemExtra: 1 }, rules, cloth };
    expect(await order.saveDecisions(orderId, mine, seen)).toEqual({ ok: false, errors: [], theirs });
    expect((await findOrder(await database(), orderId))?.choices).toEqual(theirs.choices);
    // Sent again after its answer was lost, it is kept and not in anybody's way; over theirs only once that was seen.
    expect(said(await order.saveDecisions(orderId, theirs, seen))).toBe("");
    expect(said(await order.saveDecisions(orderId, mine, theirs))).toBe("");
    expect((await findOrder(await database(), orderId))?.choices).toEqual(mine.choices);
    expect(said(await decideOn(orderId, seen))).toBe("");
  });
  it("lets one of two who decide at once keep, and tells the other", async () => {
    const [rules, cloth] = [{ set: "close" }, {}];
    const seen = { choices: { frontNeck: "square" }, rules, cloth };
    const both = await Promise.all(
      ["v", "round"].map((frontNeck) => order.saveDecisions(orderId, { ...seen, choices: { frontNeck } }, seen)),
    );
    expect(both.filter(({ ok }) => ok)).toHaveLength(1);
    expect(both.filter((one) => "theirs" in one)).toHaveLength(1);
    expect(said(await decideOn(orderId, seen))).toBe("");
  });
  it("freezes the sheet on that screen, or says that it was changed on another", async () => {
    const seen = await seenSheet(orderId);
    await decideOn(orderId, { choices: { frontNeck: "v" }, rules: { set: "close" }, cloth: {} });
    expect(said(await order.cutFromSheet(orderId, seen))).toContain("changed on another screen");
    expect(await findCutSheet(await database(), orderId)).toBeUndefined();
    await decideOn(orderId, { choices: { frontNeck: "square" }, rules: { set: "close" }, cloth: {} });
    for (const none of [undefined, "", 7]) expect(said(await order.cutFromSheet(orderId, none))).toContain("changed");
  });
  it("moves on only after the shears, and never back before them", async () => {
    expect(said(await order.moveOn(orderId, "sewn"))).toContain("not cut yet");
    expect(said(await order.cutFromSheet(orderId, await seenSheet(orderId)))).toBe("");
    expect(said(await order.moveOn(orderId, "drafted"))).toContain("not cut yet");
    expect(said(await order.moveOn(orderId, "sewn"))).toBe("");
    expect(said(await order.takeNewestCard(orderId))).toContain("stays as it was");
  });
  it("is cut once: said again from a screen left open, it moves nothing back and changes no sheet", async () => {
    const before = await findCutSheet(await database(), orderId);
    expect(said(await order.cutFromSheet(orderId, await seenSheet(orderId)))).toContain("is cut");
    expect((await findOrder(await database(), orderId))?.state).toBe("sewn");
    expect(await findCutSheet(await database(), orderId)).toEqual(before);
    const late = { choices: { frontNeck: "v" }, rules: { set: "close" }, cloth: {}, state: "drafted" as const };
    expect(await changeUncut(await database(), orderId, late, "2026-11-27T00:00:00Z")).toBe(false);
    expect((await findOrder(await database(), orderId))?.choices).toEqual({ frontNeck: "square" });
  });
  it("takes an earlier order again with its choices, on the newest card", async () => {
    const again = await order.repeatOrder(orderId);
    const kept = await findOrder(await database(), again.ok ? again.value.orderId : "");
    const [newest] = await listCards(await database(), clientId);
    expect(kept).toMatchObject({
      choices: { frontNeck: "square" },
      cardId: newest?.id,
      state: "drafted",
      promisedOn: null,
    });
  });
  it("asks for a card before a garment, and knows every garment there is", async () => {
    expect(said(await order.startOrder(clientId, "ball-gown"))).toContain("choose a garment");
    expect(said(await order.startOrder(NOBODY, "shirt"))).toContain("Take a card");
    expect(said(await order.repeatOrder(NOBODY))).toContain("not in the shop's book");
  });
  it("says what an open order still wants of the newest card", async () => {
    const wants = await loadWants(await loadClient(clientId));
    expect(wants).toHaveLength(1);
    expect(wants[0]?.wants.filter(({ from }) => from === "missing")).toEqual([]);
  });
});

describe("the table", () => {
  it("adds ticks, and tells where it stands", async () => {
    await keepPlace(orderId, { stepId: "b", ticked: ["a"] });
    await keepPlace(orderId, { stepId: "c", ticked: ["b"], unticked: ["a"] });
    expect(await readPlace(orderId)).toEqual({ ok: true, value: { stepId: "c", done: ["b"], checks: {} } });
  });
  it.each([[null], [{}], [{ stepId: "x".repeat(999), ticked: [] }], [{ stepId: "a", ticked: "b" }]])(
    "keeps no place out of %j",
    async (input) => expect((await keepPlace(orderId, input)).ok).toBe(false),
  );
});

describe("figure notes", () => {
  const note = { piece: "bodice-back", line: "waist", amount: "-1/2", why: "hollow back" };
  it("keeps a note with its unit, switches it off, and drops it", async () => {
    const db = await database();
    expect(said(await keepNote(clientId, note))).toBe("");
    const [kept] = await listFigureNotes(db, clientId);
    expect(kept).toMatchObject({ amount: "-1/2 in", inUse: true });
    await switchNote(kept?.id, false);
    expect((await listFigureNotes(db, clientId))[0]?.inUse).toBe(false);
    await dropNote(kept?.id);
    expect(await listFigureNotes(db, clientId)).toEqual([]);
  });
  it.each([
    ["a length that is none", { ...note, amount: "a bit" }, "Write how much"],
    ["more than a figure asks for", { ...note, amount: "9" }, "no more than 4 in"],
    ["no reason", { ...note, why: "  " }, "Say what it is for"],
    ["a line that is none", { ...note, line: "elbow" }, ""],
  ])("refuses %s", async (_, input, why) => {
    const refused = await keepNote(clientId, input);
    expect(refused.ok).toBe(false);
    expect(said(refused)).toContain(why);
  });
});

describe("the shop's own rules", () => {
  const set = { id: null, name: "Festival", base: "close", overrides: { "allowance.side": "2 in" } };
  it("keeps a set, changes it under the same id, and drops it", async () => {
    const kept = await keepOwnSet(set);
    const id = kept.ok ? kept.value.id : "";
    expect(said(await keepOwnSet({ ...set, id, name: "Lanterns" }))).toBe("");
    expect((await listRuleSets(await database())).map(({ name }) => name)).toEqual(["Lanterns"]);
    expect(said(await dropOwnSet(id))).toBe("");
    expect(await listRuleSets(await database())).toEqual([]);
  });
  it("keeps a set that orders are drawn by", async () => {
    const kept = await keepOwnSet(set);
    const id = kept.ok ? kept.value.id : "";
    const started = await order.startOrder(clientId, "straight-dress");
    const drawn = started.ok ? started.value.orderId : "";
    expect(said(await decideOn(drawn, { choices: {}, rules: { set: id }, cloth: {} }))).toBe("");
    expect(said(await dropOwnSet(id))).toBe(
      "“Festival” stays: 1 order is drawn by it. Choose another set there first.",
    );
  });
  it.each([
    ["no name", { ...set, name: "" }, "Give the set a name"],
    ["a rule that is none", { ...set, overrides: { "allowance.sid": 1 } }, "Did you mean “allowance.side”?"],
    ["a seam of 9", { ...set, overrides: { "allowance.side": "9 in" } }, "between ½ in and 3 in"],
    ["a base that is none", { ...set, base: "loose" }, ""],
  ])("refuses a set with %s", async (_, input, why) => {
    const refused = await keepOwnSet(input);
    expect(refused.ok).toBe(false);
    expect(said(refused)).toContain(why);
  });
  it("keeps the shop's tape and day, and no day that holds nothing", async () => {
    expect(said(await keepShop({ unit: "cm", dayHolds: 3 }))).toBe("");
    expect((await loadWeek(null)).shop).toMatchObject({ unit: "cm", dayHolds: 3, currency: "", hoursADay: 8 });
    await keepShop({ unit: "cm", dayHolds: 3, currency: " kr " });
    // Said nothing of it, its sign stays.
    await keepShop({ unit: "cm", dayHolds: 3 });
    expect((await loadWeek(null)).shop.currency).toBe("kr");
    expect(said(await keepShop({ unit: "cm", dayHolds: 3, currency: "far too long" }))).not.toBe("");
    expect(said(await keepShop({ unit: "cm", dayHolds: 0 }))).toContain("from 1 to 40");
    await keepShop({ unit: "in", dayHolds: 4 });
  });
  it("keeps the shop's hours and prices, and no price in words", async () => {
    expect(said(await keepShop({ unit: "in", dayHolds: 4, hoursADay: 0 }))).toContain("half an hour");
    expect(said(await keepShop({ unit: "in", dayHolds: 4, hoursADay: 12.5 }))).toBe("");
    const prices = { hourly: "14,50", notionPrices: { zip: "3.20", buttons: "" } };
    expect(said(await keepPrices({ ...prices, hourly: "fourteen" }))).toContain("plain numbers");
    expect(said(await keepPrices({ ...prices, notionPrices: { zip: "three" } }))).toContain("plain numbers");
    expect(said(await keepPrices({ ...prices, notionPrices: { ribbon: "3" } }))).not.toBe("");
    expect(said(await keepPrices(prices))).toBe("");
    expect((await loadWeek(null)).shop).toMatchObject({
      hoursADay: 12.5,
      hourly: "14,50",
      notionPrices: { zip: "3.20" },
    });
  });
});

describe("copies", () => {
  it("brings the book back as it was, after keeping what was there", async () => {
    const name = await writeDump(await database(), new Date("2026-11-23T10:00:00Z"));
    expect(said(await takeOutClient(clientId, "somebody else"))).toContain("Nothing was taken out");
    expect(said(await takeOutClient(clientId, "Hester Vane"))).toBe("");
    expect(await listOrdersOfClient(await database(), clientId)).toEqual([]);
    const text = certain(await findDump(name), "the copy");
    expect(await restoreShop(text, false)).toMatchObject({ ok: true, replaced: false });
    expect(await listOrdersOfClient(await database(), clientId)).toEqual([]);
    expect(await restoreShop(text, true)).toMatchObject({ ok: true, replaced: true });
    expect((await listOrdersOfClient(await database(), clientId)).length).toBe(3);
    expect((await listDumps()).some((dump) => dump.name.includes("-before"))).toBe(true);
  });
  it("writes none that says the same again, however often the shop starts", async () => {
    const db = await database();
    await writeDump(db, new Date("2026-12-01T10:00:00Z"));
    const before = (await listDumps()).length;
    for (let start = 0; start < 22; start++)
      expect(await dumpIfChanged(db, new Date(Date.UTC(2026, 11, 1, 11, start)))).toBeNull();
    expect(await listDumps()).toHaveLength(before);
    await keepShop({ unit: "cm", dayHolds: 4 });
    expect(await dumpIfChanged(db, new Date("2026-12-01T12:00:00Z"))).toBe("shop-2026-12-01T12-00-00.json");
    await keepShop({ unit: "in", dayHolds: 4 });
  });
  it("writes two in one second under two names", async () => {
    const now = new Date("2026-12-01T13:00:00Z");
    const names = [await writeDump(await database(), now), await writeDump(await database(), now)];
    expect(new Set(names).size).toBe(2);
    for (const name of names) expect(await findDump(name)).not.toBeNull();
  });
  it("leaves nothing of one whose end failed, and begins again where a client was taken out meanwhile", async () => {
    const data = process.env.INNER_FOLD_DATA ?? "";
    const left = () => readdirSync(data).filter((name) => name.startsWith("failed"));
    for (const [error, tries] of [
      [new Error("no space left"), 1],
      [new BookChanged("a sheet was taken out"), 3],
    ] as const) {
      let begun = 0;
      const failing = async () => {
        begun += 1;
        expect(left()).toEqual(["failed.json.part"]);
        throw error;
      };
      await expect(withCopy(join(data, "failed.json"), await database(), failing)).rejects.toThrow(error.message);
      expect(begun).toBe(tries);
      expect(left()).toEqual([]);
    }
  });
  it("reads nothing but copies", async () => {
    for (const name of ["../secret.json", "shop-1.txt", "shop-2026-11-23T10-00-00.json.part", ""])
      expect(await findDump(name)).toBeNull();
  });
});
