import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it, vi } from "vitest";
import { said } from "./said.test-data";
import { typedCard as card, READINGS } from "./typed-card.test-data";

// Outside of a request there is no page to send anew.
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
process.env.INNER_FOLD_DATA = mkdtempSync(join(tmpdir(), "inner-fold-cutting-"));

const { closeDatabase, database, findCutSheet, findOrder, findProgress, listTakes } = await import("@/db");
const { saveClient } = await import("./card-actions");
const { cutFromSheet, saveDecisions, startOrder } = await import("./order-actions");
const { drawFreeAnew } = await import("./cutting-actions");
const { keepPlace } = await import("./place");
const { loadChanges } = await import("./load-changes");
const { loadSheet } = await import("./load");
const { sheetPrint } = await import("./sheet-print");

let id = "";
const stateNow = async () => (await findOrder(await database(), id))?.state;
const drawnNow = async () => {
  const { outcome } = await loadSheet(id);
  if (outcome.kind !== "sheet") throw new Error("not drawn");
  return outcome.sheet;
};
const stepsOf = async (phase: string, piece: string) =>
  (await drawnNow()).steps.filter((step) => step.phase === phase && step.piece === piece).map((step) => step.id);
const tick = async (steps: readonly string[]) => {
  for (const step of steps) await keepPlace(id, { stepId: step, ticked: [step] });
};
const decided = async () => {
  const order = await findOrder(await database(), id);
  return { choices: order?.choices ?? {}, rules: order?.rules ?? {}, cloth: order?.cloth ?? {} };
};
const decide = async (choices: object) => {
  const before = await decided();
  return said(await saveDecisions(id, { ...before, choices: { ...before.choices, ...choices } }, before));
};
const outlineOf = async (piece: string) => (await drawnNow()).pieces.find((one) => one.id === piece)?.outline;

beforeAll(async () => {
  const saved = await saveClient(
    card({ ...READINGS, upperArm: "12", elbow: "10 1/2", wrist: "6 1/2", sleeveLength: "23" }),
  );
  const started = await startOrder(saved.ok ? saved.value.clientId : "", "straight-dress");
  id = started.ok ? started.value.orderId : "";
  expect(await decide({ sleeve: "long", opening: "back-zip" })).toBe("");
});
afterAll(() => closeDatabase());

it("chalking freezes nothing; the first tick of the shears keeps the sheet, and the garment is being cut", async () => {
  await tick((await stepsOf("chalk", "bodice-front")).slice(0, 3));
  expect(await findCutSheet(await database(), id)).toBeUndefined();
  expect(await decide({ frontNeckDepth: 4 })).toBe("");
  const [first] = await stepsOf("cut", "bodice-front");
  await tick([first ?? ""]);
  expect(await stateNow()).toBe("cutting");
  expect((await findCutSheet(await database(), id))?.sheet.resolved.choices.frontNeckDepth).toBe(4);
});

it("what is decided then is kept with the order, said, and draws nothing by itself", async () => {
  const before = await drawnNow();
  expect(await decide({ sleeveEnd: 14 })).toBe("");
  expect(await stateNow()).toBe("cutting");
  expect(await drawnNow()).toEqual(before);
  expect((await loadSheet(id)).saysOtherwise).toBe(true);
  const changes = await loadChanges(id);
  expect(changes?.changes.map(({ piece, free }) => [piece, free])).toEqual([["sleeve", true]]);
  expect(changes?.free).toBe(true);
});

it("asked for, what is free is drawn anew beside the sheet before, and its chalk is taken back, not its fold", async () => {
  const [fold, chalk] = [await stepsOf("fold", "sleeve"), await stepsOf("chalk", "sleeve")];
  await tick([...fold, ...chalk.slice(0, 2)]);
  const before = { front: await outlineOf("bodice-front"), sleeve: await outlineOf("sleeve") };
  expect(said(await drawFreeAnew(id, 7))).toContain("Another screen");
  expect(said(await drawFreeAnew(id, 1))).toBe("");
  expect(await outlineOf("bodice-front")).toEqual(before.front);
  expect(await outlineOf("sleeve")).not.toEqual(before.sleeve);
  expect((await loadSheet(id)).saysOtherwise).toBe(false);
  const done = (await findProgress(await database(), id))?.done ?? [];
  expect(fold.every((step) => done.includes(step))).toBe(true);
  expect(chalk.some((step) => done.includes(step))).toBe(false);
  expect((await listTakes(await database(), id)).map(({ take }) => take)).toEqual([1, 2]);
});

it("what is cut and would be cut otherwise stays, and the sheet says what its seams take", async () => {
  const front = await outlineOf("bodice-front");
  await tick(await stepsOf("cut", "bodice-back"));
  expect(await decide({ hemExtra: 1.5 })).toBe("");
  const moved = await loadChanges(id);
  expect(moved?.changes.filter(({ free }) => !free).map(({ piece }) => piece)).toEqual(["bodice-front", "bodice-back"]);
  expect(said(await drawFreeAnew(id, 2))).toBe("");
  expect(await outlineOf("bodice-front")).toEqual(front);
  const told = (await drawnNow()).checks.filter(({ id: check }) => check === "change-after-cut");
  expect(told.map(({ piece }) => piece)).toEqual(["bodice-front", "bodice-back"]);
});

it("when the last piece is cut the garment is, and nothing of it is free any more", async () => {
  await tick(await stepsOf("cut", "bodice-front"));
  expect(await stateNow()).toBe("cutting");
  const sheet = await drawnNow();
  await tick(sheet.steps.filter(({ phase }) => phase === "cut").map((step) => step.id));
  expect(await stateNow()).toBe("cut");
  expect(await decide({ hemExtra: 0.5 })).toContain("This garment is cut");
  expect(said(await drawFreeAnew(id, 3))).toContain("Every piece is cut");
});

it("a fold that is opened last is cut by the shears as well", async () => {
  const order = await findOrder(await database(), id);
  const again = await startOrder(order?.clientId, "straight-dress");
  id = again.ok ? again.value.orderId : "";
  const cuts = (await drawnNow()).steps.filter(({ phase }) => phase === "cut").map((step) => step.id);
  expect(cuts.at(-1)).toBe("open-back");
  await tick(cuts.slice(0, -1));
  expect(await stateNow()).toBe("cutting");
  await tick(["open-back"]);
  expect(await stateNow()).toBe("cut");
});

it("ticks that come while the first of them are still kept are not lost: the garment is cut", async () => {
  const order = await findOrder(await database(), id);
  const again = await startOrder(order?.clientId, "straight-dress");
  id = again.ok ? again.value.orderId : "";
  const cuts = (await drawnNow()).steps.filter(({ phase }) => phase === "cut").map((step) => step.id);
  const send = (ticked: readonly string[]) => keepPlace(id, { stepId: ticked[0], ticked });
  await Promise.all([send(cuts.slice(0, 1)), send(cuts.slice(1, 4)), send(cuts.slice(4))]);
  expect(await stateNow()).toBe("cut");
  expect(await listTakes(await database(), id)).toHaveLength(1);
});

it("one that is being cut can be said to be cut as it is on the screen, once", async () => {
  const order = await findOrder(await database(), id);
  const again = await startOrder(order?.clientId, "shirt");
  id = again.ok ? again.value.orderId : "";
  const cuts = (await drawnNow()).steps.filter(({ phase }) => phase === "cut").map((step) => step.id);
  await tick(cuts.slice(0, 1));
  expect(await stateNow()).toBe("cutting");
  expect(said(await cutFromSheet(id, "another"))).toContain("changed on another screen");
  expect(said(await cutFromSheet(id, sheetPrint(await drawnNow())))).toBe("");
  expect(await stateNow()).toBe("cut");
  expect(said(await cutFromSheet(id, sheetPrint(await drawnNow())))).toContain("This garment is cut");
});
