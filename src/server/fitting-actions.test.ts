import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it, vi } from "vitest";
import { said } from "./said.test-data";
import { typedCard as card, READINGS } from "./typed-card.test-data";

// Outside of a request there is no page to send anew.
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
process.env.INNER_FOLD_DATA = mkdtempSync(join(tmpdir(), "inner-fold-fitting-"));

const { closeDatabase, database, findOrder, listFigureNotes, listOrdersOfClient } = await import("@/db");
const { saveClient } = await import("./card-actions");
const order = await import("./order-actions");
const fitting = await import("./fitting-actions");
const { learnClient, learnShop } = await import("./learning");
const { loadSheet } = await import("./load");
const { sheetPrint } = await import("./sheet-print");

let [id, clientId] = ["", ""];
const seen = { seen: "loose-waist", amount: "1 1/2", side: "both", pinned: true, by: "Ilse" };
const entries = async () => (await findOrder(await database(), id))?.fitted ?? [];

async function startOne(): Promise<string> {
  const started = await order.startOrder(clientId, "straight-dress");
  return started.ok ? started.value.orderId : "";
}
async function cut(orderId: string): Promise<void> {
  const { outcome } = await loadSheet(orderId);
  await order.cutFromSheet(orderId, outcome.kind === "sheet" ? sheetPrint(outcome.sheet) : "");
}

beforeAll(async () => {
  const saved = await saveClient(card(READINGS));
  clientId = saved.ok ? saved.value.clientId : "";
  id = await startOne();
});
afterAll(() => closeDatabase());

it("nothing is fitted on a garment that was never cut, and it says where that is said", async () => {
  expect(said(await fitting.keepFitted(id, seen))).toContain("not cut yet");
  expect(await entries()).toEqual([]);
  await cut(id);
});

it("keeps what was seen, as it was typed, with the rule that it was cut by", async () => {
  expect(said(await fitting.keepFitted(id, seen))).toBe("");
  expect(await entries()).toEqual([
    expect.objectContaining({
      seen: "loose-waist",
      typed: "1 1/2 in",
      inches: 1.5,
      pinned: true,
      by: "Ilse",
      done: false,
      rule: { id: "ease.waist", value: 2 },
    }),
  ]);
});

it.each([
  ["nothing", ""],
  ["words", "a bit"],
  ["less than nothing", "-1"],
  ["more than any fitting alters", "12"],
])("an amount of %s is said at its field, and nothing is written", async (_, amount) => {
  expect(said(await fitting.keepFitted(id, { ...seen, amount }))).toContain("Write how much in all");
  expect(await entries()).toHaveLength(1);
});

it("what is no fitting's entry is not read", async () => {
  for (const wrong of [{}, { ...seen, seen: "ugly" }, { ...seen, side: "up" }, { ...seen, more: 1 }])
    expect(said(await fitting.keepFitted(id, wrong))).toContain("Say what you see");
  expect(said(await fitting.keepFitted("00000000-0000-4000-8000-000000000000", seen))).toContain(
    "not in the shop's book",
  );
});

it("two screens that write at once lose nothing of one another's", async () => {
  await Promise.all(
    ["hem-dips", "armhole-cuts"].map((what) => fitting.keepFitted(id, { ...seen, seen: what, amount: "1/2" })),
  );
  expect((await entries()).map((entry) => entry.seen).sort()).toEqual(["armhole-cuts", "hem-dips", "loose-waist"]);
});

it("is said to be sewn, and not after all; and taken out where it was a mistake", async () => {
  const [first] = await entries();
  await fitting.doneFitted(id, first?.id, true);
  expect((await entries())[0]?.done).toBe(true);
  await fitting.doneFitted(id, first?.id, false);
  expect((await entries())[0]?.done).toBe(false);
  const hem = (await entries()).find((entry) => entry.seen === "hem-dips");
  await fitting.dropFitted(id, hem?.id);
  expect(await entries()).toHaveLength(2);
});

it("is kept as notes on the figure, a quarter on each half, which stand in the next draft", async () => {
  const [first] = await entries();
  expect(said(await fitting.noteFitted(id, first?.id))).toBe("");
  const notes = await listFigureNotes(await database(), clientId);
  expect(notes.map(({ piece, line, amount }) => [piece, line, amount])).toEqual([
    ["bodice-front", "waist", "-⅜ in"],
    ["bodice-back", "waist", "-⅜ in"],
  ]);
  const next = await loadSheet(await startOne());
  const sheet = next.outcome.kind === "sheet" ? next.outcome.sheet : null;
  const side = sheet?.pieces[0]?.marks.find((mark) => mark.id === "waist/side");
  expect(side?.terms.some(({ value }) => value === -0.375)).toBe(true);
  const armhole = (await entries()).find((entry) => entry.seen === "armhole-cuts");
  expect(said(await fitting.noteFitted(id, armhole?.id))).toContain("by a rule or a reading");
});

it("what keeps being altered is learnt for the client at once, and for the rule only from more than one", async () => {
  for (let more = 0; more < 2; more++) await fitting.keepFitted(id, seen);
  const learnt = learnClient(await listOrdersOfClient(await database(), clientId));
  expect(learnt[0]).toEqual({ seen: "loose-waist", times: 3, orders: 1, usual: 1.5 });
  expect(await learnShop()).toEqual([]);
  const other = await saveClient(card(READINGS));
  clientId = other.ok ? other.value.clientId : "";
  const second = await startOne();
  await cut(second);
  await fitting.keepFitted(second, seen);
  expect(await learnShop()).toEqual([
    expect.objectContaining({ rule: "ease.waist", value: 2, clients: 2, times: 4, seen: "loose-waist" }),
  ]);
});

it("a spoilt piece stays in the log, counts as missing until it is cut again, and is never more than there are", async () => {
  const { cutAgain, keepSpoilt } = await import("./spoilt-actions");
  const spoilt = async () => (await findOrder(await database(), id))?.spoilt ?? [];
  const lost = { piece: "bodice-back", copies: 1, side: "left", why: "scorched by the iron" };
  expect(said(await keepSpoilt(id, { ...lost, copies: 3 }))).toContain("only 2 of it");
  expect(said(await keepSpoilt(id, { ...lost, why: " " }))).toContain("what happened");
  expect(said(await keepSpoilt(id, { ...lost, piece: "wing" }))).toContain("not cut yet");
  expect(await spoilt()).toEqual([]);
  expect(said(await keepSpoilt(id, lost))).toBe("");
  const [entry] = await spoilt();
  expect(entry).toMatchObject({ ...lost, again: null });
  await cutAgain(id, entry?.id, true);
  expect((await spoilt())[0]?.again).toMatch(/^\d{4}-\d\d-\d\d$/);
  await cutAgain(id, entry?.id, false);
  expect((await spoilt())[0]?.again).toBeNull();
});
