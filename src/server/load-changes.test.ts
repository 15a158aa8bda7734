import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it, vi } from "vitest";
import { said } from "./said.test-data";
import { typedCard as card } from "./typed-card.test-data";

// Outside of a request there is no page to send anew.
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
process.env.INNER_FOLD_DATA = mkdtempSync(join(tmpdir(), "inner-fold-changes-"));

const { closeDatabase, database, listCards } = await import("@/db");
const { saveCard, saveClient } = await import("./card-actions");
const { cutFromSheet, startOrder } = await import("./order-actions");
const { keepPlace } = await import("./place");
const { loadChanges } = await import("./load-changes");
const { loadSheet } = await import("./load");
const { sheetPrint } = await import("./sheet-print");

let [id, clientId] = ["", ""];
const changes = async () => (await loadChanges(id))?.changes ?? null;

beforeAll(async () => {
  const saved = await saveClient(card());
  clientId = saved.ok ? saved.value.clientId : "";
  const started = await startOrder(clientId, "straight-dress");
  id = started.ok ? started.value.orderId : "";
});
afterAll(() => closeDatabase());

it("before the cut there is nothing to change, and right after it nothing changed", async () => {
  expect(await changes()).toBeNull();
  const { outcome } = await loadSheet(id);
  await cutFromSheet(id, outcome.kind === "sheet" ? sheetPrint(outcome.sheet) : "");
  expect(await changes()).toEqual([]);
});

it("measured again, each cut piece says whether its seams take it, and the sheet stays as it was", async () => {
  const before = (await loadSheet(id)).outcome;
  const [theirs] = await listCards(await database(), clientId);
  const seen = { cardId: theirs?.id ?? "", revision: theirs?.revision ?? 0 };
  expect(said(await saveCard(clientId, card({ hip: "48" }, { takenOn: "2026-11-25", seen })))).toBe("");
  const moved = (await changes()) ?? [];
  expect(moved.map(({ piece, again }) => [piece, again])).toEqual([
    ["bodice-front", true],
    ["bodice-back", true],
  ]);
  expect((await loadSheet(id)).outcome).toEqual(before);
});

it("of a garment that was said to be cut nothing is free, whatever is ticked", async () => {
  const { outcome } = await loadSheet(id);
  const steps = outcome.kind === "sheet" ? outcome.sheet.steps : [];
  const front = steps.filter(({ phase, piece }) => phase === "cut" && piece === "bodice-front").map((step) => step.id);
  await keepPlace(id, { stepId: front[0], ticked: front });
  expect(((await changes()) ?? []).map(({ piece, free }) => [piece, free])).toEqual([
    ["bodice-front", false],
    ["bodice-back", false],
  ]);
});

it("a card by which it cannot be drawn says why, and no piece is said to be as it was", async () => {
  const [theirs] = await listCards(await database(), clientId);
  const seen = { cardId: theirs?.id ?? "", revision: theirs?.revision ?? 0 };
  expect(said(await saveCard(clientId, card({ shoulder: "24", bust: "30" }, { takenOn: "2026-11-26", seen })))).toBe(
    "",
  );
  const loaded = await loadChanges(id);
  expect(loaded?.undrawn.length).toBeGreaterThan(0);
  expect(loaded?.changes).toEqual([]);
});
