import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { said } from "./said.test-data";
import { typedCard as card, READINGS } from "./typed-card.test-data";

// Outside of a request there is no page to send anew.
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
process.env.INNER_FOLD_DATA = mkdtempSync(join(tmpdir(), "inner-fold-late-"));

const { closeDatabase, database, findCutSheet, listTakes } = await import("@/db");
const { saveClient } = await import("./card-actions");
const order = await import("./order-actions");
const late = await import("./late-actions");
const { keepPlace } = await import("./place");
const { loadSheet } = await import("./load");
const { sheetPrint } = await import("./sheet-print");

const ARM = { upperArm: "12", elbow: "10 1/2", wrist: "6 1/2", sleeveLength: "23" };

let id = "";

beforeAll(async () => {
  const saved = await saveClient(card({ ...READINGS, ...ARM }));
  const started = await order.startOrder(saved.ok ? saved.value.clientId : "", "shift-dress");
  id = started.ok ? started.value.orderId : "";
});
afterAll(() => closeDatabase());

async function cutNow(): Promise<string> {
  const { outcome } = await loadSheet(id);
  return said(await order.cutFromSheet(id, outcome.kind === "sheet" ? sheetPrint(outcome.sheet) : ""));
}

describe("an armhole measured on the sewn garment", () => {
  it("draws sleeves to the sewn armhole, keeps both takes, and makes the ticks of the sleeve anew", async () => {
    const db = await database();
    expect(said(await late.tryLate(id, { edge: "armhole", measured: { armholeFront: "9" } }))).toContain(
      "not in the shop's book",
    );
    expect(await cutNow()).toBe("");
    const [first] = await listTakes(db, id);
    const steps = (first?.sheet.steps ?? []).filter(({ group }) => group !== "");
    const [body, sleeve] = ["bodice-front", "sleeve"].map(
      (piece) => steps.find((step) => step.piece === piece)?.id ?? "",
    );
    await keepPlace(id, { stepId: sleeve, ticked: [body, sleeve] });

    expect(said(await late.tryLate(id, { edge: "armhole", measured: {} }))).toContain("Nothing is written");
    expect(said(await late.tryLate(id, { edge: "armhole", measured: { armholeFront: "broad" } }))).not.toBe("");
    expect(said(await late.tryLate(id, { edge: "armhole", measured: { armhole: "3" } }))).not.toBe("");
    const measured = { armholeFront: "11", armholeBack: "9" };
    const tried = await late.tryLate(id, { edge: "armhole", measured: measured });
    expect(tried).toMatchObject({ ok: true, value: { seen: 1, asksCause: true, asksAgain: true } });
    expect(await listTakes(db, id)).toHaveLength(1);

    const keep = (more: object) => late.keepLate(id, { edge: "armhole", measured, seen: 1, ...more });
    expect(said(await keep({ cause: "stretched" }))).toContain("measured again first");
    expect(said(await keep({ again: true }))).toContain("Say why");
    expect(said(await keep({ again: true, cause: "stretched" }))).toBe("");
    expect(said(await keep({ again: true, cause: "stretched" }))).toContain("Another screen");
    const takes = await listTakes(db, id);
    expect(takes.map(({ take }) => take)).toEqual([1, 2]);
    expect(takes[0]).toEqual(first);
    expect(takes[1]?.sheet.late).toEqual([
      expect.objectContaining({ half: "front", measured: 11, cause: "stretched" }),
      expect.objectContaining({ half: "back", measured: 9, cause: "stretched" }),
    ]);
    expect((await loadSheet(id)).progress?.done).toEqual([body]);
    expect((await findCutSheet(db, id))?.take).toBe(2);

    // What is cut is not drawn again.
    const cut = takes[1]?.sheet.steps.find(({ phase, group }) => phase === "cut" && group === "sleeve")?.id ?? "";
    await keepPlace(id, { stepId: cut, ticked: [cut] });
    expect(said(await late.tryLate(id, { edge: "armhole", measured: measured }))).toContain("ticked as cut");
  });
  it("cuffs are drawn to the sleeve's end as one number, kept with its cause, and what is no edge of theirs is left out", async () => {
    const { order: of } = await loadSheet(id);
    const started = await order.startOrder(of.clientId, "shirt");
    const shirt = started.ok ? started.value.orderId : "";
    const { outcome } = await loadSheet(shirt);
    expect(said(await order.cutFromSheet(shirt, outcome.kind === "sheet" ? sheetPrint(outcome.sheet) : ""))).toBe("");
    const end = (cuffEdge: string) => ({ edge: "cuff", measured: { cuffEdge, armholeFront: "3" } });
    expect(said(await late.tryLate(shirt, { edge: "tier-1", measured: { tierEdge1: "60" } }))).not.toBe("");
    expect(said(await late.tryLate(shirt, end("")))).toContain("the whole of it");
    expect(said(await late.keepLate(shirt, { ...end("9 3/4"), seen: 1, again: true, cause: "seam-twice" }))).toBe("");
    const [, second] = await listTakes(await database(), shirt);
    expect(second?.sheet.late).toEqual([
      expect.objectContaining({ edge: "cuff", half: "whole", measured: 9.75, cause: "seam-twice" }),
    ]);
    expect(second?.sheet.order.measuredOnGarment).toEqual({ cuffEdge: "9 3/4" });
  });
  it("is not asked where the house draws its sleeves to the chalk: it says which rule", async () => {
    const { order: of } = await loadSheet(id);
    const started = await order.startOrder(of.clientId, "shift-dress");
    id = started.ok ? started.value.orderId : "";
    const seen = { choices: { sleeve: "tie-band" }, rules: { set: "close" }, cloth: {} };
    const decided = { ...seen, rules: { set: "close", armholeSource: "drawn" } };
    expect(said(await order.saveDecisions(id, decided, seen))).toBe("");
    expect(await cutNow()).toBe("");
    expect(said(await late.tryLate(id, { edge: "armhole", measured: { armholeFront: "11" } }))).toContain(
      "drawn to the chalked armhole",
    );
    expect(await listTakes(await database(), id)).toHaveLength(1);
  });
});
