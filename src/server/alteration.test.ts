import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { alterPlaces, answerAlteration } from "@/core/making";
import { alterNames, sayAlteration } from "@/core/wording";
import { nextActOf } from "@/ui/orders/next-acts";
import { said } from "./said.test-data";
import { typedCard as card, READINGS } from "./typed-card.test-data";

// Outside of a request there is no page to send anew.
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
process.env.INNER_FOLD_DATA = mkdtempSync(join(tmpdir(), "inner-fold-alter-"));

const { closeDatabase, database, findOrder } = await import("@/db");
const { saveClient } = await import("./card-actions");
const { moveOn } = await import("./order-actions");
const { addAlterLine, dropAlterLine, startAlteration } = await import("./alteration-actions");
const { listFindable } = await import("./find");
const { loadClient, loadLog, loadOrder, loadWants } = await import("./load");

const alter = (place: (typeof alterPlaces)[number], now: number, wanted: number, found: number | null = null) => {
  const answer = answerAlteration({ place, now, wanted, found });
  return { ...answer, said: sayAlteration(place, answer, "in") };
};

describe("a finished garment is altered over its seams", () => {
  it("a waist of 34 to 32 by both sides: four edges, each in by ½, and nothing must lie in them", () => {
    expect(alter("waist", 34, 32)).toMatchObject({ seams: ["sides"], edges: 4, each: -0.5, needs: 0, enough: true });
    expect(alter("waist", 34, 32).said).toBe(
      "By both side seams: each of 4 edges taken in by 1/2 in.".replace("1/2", "½"),
    );
  });
  it("to 35½ each goes out by ⅜, which needs ¾ in every seam: enough, not enough, or nobody looked", () => {
    expect(alter("waist", 34, 35.5)).toMatchObject({ each: 0.375, needs: 0.75, enough: null });
    expect(alter("waist", 34, 35.5, 0.75).enough).toBe(true);
    expect(alter("waist", 34, 35.5, 0.5)).toMatchObject({ enough: false });
    expect(alter("waist", 34, 35.5).said).toContain("look, and write what you find");
    expect(alter("waist", 34, 35.5, 0.5).said).toContain("not enough");
  });
  it("in by more than an inch an edge the darts help, then the centre back", () => {
    expect(alter("hip", 44, 40)).toMatchObject({ seams: ["sides"], each: -1 });
    expect(alter("hip", 45, 40)).toMatchObject({ seams: ["sides", "darts"], edges: 8 });
    expect(alter("hip", 50, 40).seams).toEqual(["sides", "darts", "centre-back"]);
  });
  it("a hem is cut off, or let down as far as ½ stays to turn; for more a facing", () => {
    expect(alter("hem", 42, 40)).toMatchObject({ each: -2, needs: 0 });
    expect(alter("hem", 40, 41, 1.5)).toMatchObject({ seams: ["hem"], needs: 1.5, enough: true });
    expect(alter("hem", 40, 41, 1)).toMatchObject({ seams: ["hem", "facing"], enough: false });
  });
  it("every place has a name of its own, and is answered in words", () => {
    expect(new Set(alterPlaces.map((place) => alterNames[place])).size).toBe(alterPlaces.length);
    for (const place of alterPlaces) expect(alter(place, 10, 11).said.length).toBeGreaterThan(15);
  });
});

describe("an order without a draft", () => {
  let [clientId, id] = ["", ""];
  const lines = async () => (await findOrder(await database(), id))?.alteration?.lines ?? [];
  const line = { place: "waist", now: "34", wanted: "32", found: "", how: "" };
  beforeAll(async () => {
    const saved = await saveClient(card(READINGS));
    clientId = saved.ok ? saved.value.clientId : "";
  });
  afterAll(() => closeDatabase());

  it("is taken in by its name; without one it is asked what it is", async () => {
    expect(said(await startAlteration(clientId, "  "))).toContain("Say what it is");
    const started = await startAlteration(clientId, "Grey coat");
    id = started.ok ? started.value.orderId : "";
    expect((await findOrder(await database(), id))?.alteration).toEqual({ what: "Grey coat", lines: [] });
  });
  it("keeps its lines as they were typed; a length that is none is said at its field, and one may be in words", async () => {
    const wrong = await addAlterLine(id, { ...line, now: "", wanted: "broad" });
    expect(wrong.ok ? [] : wrong.errors.map(({ field }) => field)).toEqual(["now", "wanted"]);
    expect(said(await addAlterLine(id, { ...line, place: "wings" }))).toContain("where it is altered");
    expect(said(await addAlterLine(id, line))).toBe("");
    expect(said(await addAlterLine(id, { ...line, place: "mend", now: "", wanted: "", how: "left elbow" }))).toBe("");
    expect((await lines()).map(({ place, now, how }) => [place, now, how])).toEqual([
      ["waist", "34", ""],
      ["mend", "", "left elbow"],
    ]);
    await dropAlterLine(id, (await lines())[1]?.id);
    expect(await lines()).toHaveLength(1);
  });
  it("leads everywhere to its own page, asks for no readings, and is in no logbook of what was cut", async () => {
    await expect(loadOrder(id)).rejects.toThrow(/NEXT_REDIRECT/);
    const found = (await listFindable()).find(({ kind }) => kind === "order");
    expect(found).toMatchObject({ path: `/orders/${id}/alteration`, label: expect.stringContaining("Grey coat") });
    expect(await loadWants(await loadClient(clientId))).toEqual([]);
    expect((await loadLog({ letters: "", garment: "" })).log).toEqual([]);
  });
  it("goes on from measured to sewn without a cut, and says what comes next", async () => {
    const state = async () => nextActOf((await findOrder(await database(), id)) ?? { state: "cut", alteration: null });
    expect(await state()).toMatchObject({
      place: "/alteration",
      act: "Measure, agree and sew it",
      after: { state: "sewn" },
    });
    expect(said(await moveOn(id, "sewn"))).toBe("");
    expect(await state()).toMatchObject({ act: "Try it on", after: { state: "fitted" } });
    expect(nextActOf({ state: "measured", alteration: null }).place).toBe("");
  });
});
