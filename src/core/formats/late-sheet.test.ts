import { describe, expect, it } from "vitest";
import { pieceOf, workedSheet } from "../garments/worked-client.test-data";
import type { CutSheet } from "./cut-sheet";
import { withChecks } from "./kept-checks";
import {
  asksAgain,
  asksCause,
  drawnLength,
  lateFields,
  lateSteps,
  partAlone,
  redrawTo,
  waitsFor,
  withCause,
} from "./late-sheet";

const frozen = workedSheet("shirt");
const capOf = (sheet: CutSheet) => {
  const found = sheet.seams.find(({ id }) => id === "cap");
  if (found === undefined) throw new Error("no cap");
  return found;
};
const half = (sheet: CutSheet, of: "front" | "back") => sheet.late?.find((one) => one.half === of);

function redrawn(measured: object, from = frozen): CutSheet {
  const outcome = redrawTo(from, "armhole", measured);
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}
const drawn = redrawn({ armhole: capOf(frozen).lengthB });
const [front, back] = [half(drawn, "front")?.drawn ?? 0, half(drawn, "back")?.drawn ?? 0];

describe("sleeves drawn to the armhole as it was sewn", () => {
  it("are drawn to each half as it was measured, which is kept beside what was drawn", () => {
    const sheet = redrawn({ armholeFront: front + 0.375, armholeBack: back - 0.125 });
    // The cap is a quarter longer round, to what its step shows; the armhole that is drawn stays.
    expect(Math.abs(capOf(sheet).lengthA - capOf(frozen).lengthA - 0.25)).toBeLessThan(1 / 8);
    expect(capOf(sheet).lengthB).toBe(capOf(frozen).lengthB);
    expect(capOf(sheet).meets).toBe(true);
    expect(half(sheet, "front")).toMatchObject({ drawn: front, measured: front + 0.375 });
    expect(half(sheet, "back")?.measured).toBeCloseTo(back - 0.125, 9);
  });
  it("leave a half that was not measured as it was drawn, and read a whole armhole as both halves", () => {
    expect(half(redrawn({ armholeFront: front + 0.5 }), "back")?.measured).toBe(back);
    const whole = redrawn({ armhole: capOf(frozen).lengthB + 1 });
    expect((half(whole, "front")?.measured ?? 0) - front).toBeCloseTo(front / (front + back), 6);
  });
  it("forget what was measured before: a whole armhole is not overruled by a half of an earlier day", () => {
    const first = redrawn({ armholeFront: front + 0.5, armholeBack: back + 0.5 });
    const second = redrawn({ armhole: front + back }, first);
    expect(half(second, "front")?.measured).toBeCloseTo(front, 9);
    expect(second.order.measuredOnGarment).toEqual({ armhole: front + back });
  });
  it("leave every other piece, its steps and its cloth as they were frozen, whatever the program draws today", () => {
    // As if an earlier program had drawn it: a mark elsewhere, other words, more cloth, a tape check that was passed.
    const body = pieceOf(frozen, "bodice-front");
    const earlier: CutSheet = {
      ...frozen,
      pieces: frozen.pieces.map((piece) => (piece === body ? { ...piece, shift: 0.125 } : piece)),
      steps: frozen.steps.map((step) =>
        step.piece === "bodice-front" ? { ...step, title: "as it was said then" } : step,
      ),
      cloth: { ...frozen.cloth, buy: 9 },
    };
    const sheet = redrawn({ armholeFront: front + 0.5 }, earlier);
    expect(pieceOf(sheet, "bodice-front").shift).toBe(0.125);
    expect(sheet.steps.filter(({ piece }) => piece === "bodice-front")).toEqual(
      earlier.steps.filter(({ piece }) => piece === "bodice-front"),
    );
    expect(sheet.cloth.buy).toBe(9);
    expect(pieceOf(sheet, "sleeve")).not.toEqual(pieceOf(frozen, "sleeve"));
    expect(sheet.steps.map(({ id }) => id)).toEqual(frozen.steps.map(({ id }) => id));
  });
  it("keep a tape check of the body as it was passed, and open that of the sleeve", () => {
    const checks = frozen.steps.filter(({ phase }) => phase === "check");
    const passed = withChecks(
      frozen,
      {},
      checks.map(({ id }) => id),
    );
    const states = (sheet: CutSheet) => sheet.steps.filter(({ phase }) => phase === "check").map(({ state }) => state);
    expect(states(passed).every((state) => state !== undefined)).toBe(true);
    const own = new Set(lateSteps(frozen, "armhole").map(({ id }) => id));
    const sheet = redrawn({ armholeFront: front + 0.5 }, passed);
    for (const step of sheet.steps.filter(({ phase, id }) => phase === "check" && !own.has(id)))
      expect(step.state).toBe(passed.steps.find(({ id }) => id === step.id)?.state);
    expect(
      sheet.steps.filter(({ phase, id }) => phase === "check" && own.has(id)).map(({ state }) => state),
    ).not.toContain("passed");
  });
  it.each([
    [0.25, false, false],
    [0.3125, true, false],
    [-0.3125, true, false],
    [1, true, false],
    [1.0625, true, true],
  ])("out by %d: the cause is asked %s, to measure again %s", (by, cause, again) => {
    const sheet = redrawn({ armholeFront: front + by });
    expect([asksCause(sheet, "armhole"), asksAgain(sheet, "armhole")]).toEqual([cause, again]);
  });
  it("says why no sleeve can be drawn to it, at what was measured", () => {
    const outcome = redrawTo(frozen, "armhole", { armhole: 2 });
    expect(outcome.kind).toBe("refused");
    const typed = redrawTo(frozen, "armhole", { armholeFront: "broad" });
    expect(typed.kind === "errors" && typed.errors[0]?.path).toBe("measuredOnGarment.armholeFront");
  });
  it("keeps the cause with both halves; a sheet that nothing was measured for keeps none", () => {
    expect(withCause(drawn, "armhole", "seam-twice").late?.map(({ cause }) => cause)).toEqual([
      "seam-twice",
      "seam-twice",
    ]);
    expect(withCause(frozen, "armhole", "seam-twice")).toBe(frozen);
    expect(frozen.late).toBeUndefined();
  });
  it("shows the sleeves alone, cuff and placket among them", () => {
    const alone = partAlone(frozen, "armhole");
    expect(alone.pieces.map(({ part }) => part)).toEqual(alone.pieces.map(() => "sleeve"));
    expect(alone.pieces.length).toBeGreaterThan(2);
    expect(alone.groups.flatMap(({ pieces }) => pieces).sort()).toEqual(alone.pieces.map(({ id }) => id).sort());
  });
  it("waits for an armhole only where a cap is sewn into one", () => {
    expect(waitsFor(frozen, "armhole")).toBe(true);
    expect(waitsFor(workedSheet("shirt", { choices: { sleeve: "none" } }), "armhole")).toBe(false);
    expect(waitsFor(workedSheet("wide-gown"), "armhole")).toBe(false);
  });
});

describe("a collar drawn to the neck as it was sewn", () => {
  const neckOf = (sheet: CutSheet) => {
    const found = sheet.seams.find(({ id }) => id === "collar-neck" || id === "collar-back");
    if (found === undefined) throw new Error("no collar is sewn");
    return found;
  };
  const toNeck = (measured: object, from = frozen): CutSheet => {
    const outcome = redrawTo(from, "neck", measured);
    if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
    return outcome.sheet;
  };
  const lapel = workedSheet("lapel-dress");

  it("is as long as what was measured, to the centre front; the neck that is drawn stays, and so do the sleeves", () => {
    const late = toNeck({ necklineFront: 5.5, necklineBack: 3.625 });
    // Half the finished band, ¾, lies beyond the centre front.
    expect(neckOf(late).lengthA).toBeCloseTo(5.5 + 3.625 + 0.75, 6);
    expect(neckOf(late).lengthB).toBe(neckOf(frozen).lengthB);
    expect(neckOf(late).meets).toBe(true);
    // Kept as the tape read it: what runs on beyond the centre was not measured.
    expect(late.late?.map(({ half, measured }) => [half, measured])).toEqual([
      ["front", 5.5],
      ["back", 3.625],
    ]);
    expect(pieceOf(late, "collar-stand")).not.toEqual(pieceOf(frozen, "collar-stand"));
    for (const piece of ["bodice-front", "sleeve", "cuff"])
      expect(pieceOf(late, piece)).toEqual(pieceOf(frozen, piece));
  });
  it("both edges are kept, each with its own cause, whichever was measured first", () => {
    const sleeves = withCause(redrawn({ armholeFront: front + 0.5 }), "armhole", "stretched");
    const late = withCause(toNeck({ necklineFront: 5.5 }, sleeves), "neck", "cut-on-chalk");
    expect(late.late?.map(({ edge, cause }) => `${edge} ${cause}`).sort()).toEqual([
      "armhole stretched",
      "armhole stretched",
      "neck cut-on-chalk",
      "neck cut-on-chalk",
    ]);
    // What the armhole came out as is not asked again at the neck.
    expect(asksCause(toNeck({ necklineBack: neckOf(frozen).lengthB / 3 }, sleeves), "neck")).toBe(true);
    expect(pieceOf(late, "sleeve")).toEqual(pieceOf(sleeves, "sleeve"));
  });
  it("of a notched collar only the back neck is asked: its sewn line is that, its gorge and its facing stay", () => {
    expect(lateFields(lapel, "neck")).toEqual(["necklineBack"]);
    expect(lateFields(frozen, "neck")).toEqual(["necklineFront", "necklineBack"]);
    const late = toNeck({ necklineBack: 3.75 }, lapel);
    expect(neckOf(late).lengthA).toBeCloseTo(3.75, 6);
    expect(drawnLength(lapel, "neck")).toBeCloseTo(3.394, 2);
    expect(late.seams.find(({ id }) => id === "gorge")?.meets).toBe(true);
    expect(pieceOf(late, "facing-front")).toEqual(pieceOf(lapel, "facing-front"));
    expect(partAlone(late, "neck").pieces.map(({ id }) => id)).toEqual(["collar", "collar-under"]);
  });
  it("waits for a collar that is sewn to the neck: no cape, no collar that stays on its front, no bare neck", () => {
    const waits = (garment: string, choices: object) => waitsFor(workedSheet(garment, { choices }), "neck");
    expect([waits("shirt", {}), waits("shirt", { collar: "stand" }), waits("lapel-dress", {})]).toEqual([
      true,
      true,
      true,
    ]);
    for (const collar of ["cape", "none"]) expect(waits("straight-dress", { collar }), collar).toBe(false);
    expect(waits("lapel-dress", { collarCut: "on" })).toBe(false);
    expect(waits("lapel-dress", { collar: "shawl" })).toBe(false);
  });
});

describe.each(["pencil", "a-line", "circle", "gathered"])("a %s skirt drawn to the waist as it was sewn", (skirt) => {
  const cut = workedSheet("basic-bodice", { choices: { skirt } });
  const joins = (sheet: CutSheet) =>
    sheet.seams
      .filter(({ id }) => id.startsWith("waist-join"))
      .reduce((sum, { id, lengthA }) => sum + (id === "waist-join" ? lengthA / 4 : lengthA / 2), 0);
  const halfRound = drawnLength(cut, "waist");
  const outcome = redrawTo(cut, "waist", { waistFront: halfRound / 2 + 0.375, waistBack: halfRound / 2 + 0.125 });
  const sheet = outcome.kind === "sheet" ? outcome.sheet : cut;

  it("half of the front and half of the back are asked, or the whole round", () => {
    expect(waitsFor(cut, "waist")).toBe(true);
    expect(lateFields(cut, "waist")).toEqual(["waistFront", "waistBack", "waistEdge"]);
    // The craft body's waist of 34 and its ease, half of it.
    expect(halfRound).toBeGreaterThan(15);
    expect(halfRound).toBeLessThan(19);
  });
  it("is wider by what the waist came out wider, and the body stays as it was cut", () => {
    expect(outcome.kind).toBe("sheet");
    const full = (sheet.seams.find(({ ratio }) => ratio !== undefined)?.ratio ?? 1) || 1;
    expect(joins(sheet) - joins(cut)).toBeGreaterThan(0.2 * full);
    expect(joins(sheet) - joins(cut)).toBeLessThan(0.3 * full + 0.15);
    expect(pieceOf(sheet, "bodice-front")).toBe(pieceOf(cut, "bodice-front"));
    expect(half(sheet, "front")).toMatchObject({ edge: "waist", measured: halfRound / 2 + 0.375 });
    expect(asksCause(sheet, "waist")).toBe(true);
    expect(asksAgain(sheet, "waist")).toBe(false);
  });
  it("by itself it is looked at without its body; its steps alone are made anew", () => {
    expect(partAlone(sheet, "waist").pieces.every(({ part }) => part === "skirt")).toBe(true);
    expect(lateSteps(cut, "waist").every(({ piece }) => piece !== "bodice-front")).toBe(true);
  });
});

it("a skirt by itself, and a body without one, wait for no waist", () => {
  expect(waitsFor(workedSheet("gathered-skirt"), "waist")).toBe(false);
  expect(waitsFor(workedSheet("pencil-skirt"), "waist")).toBe(false);
  expect(waitsFor(workedSheet("basic-bodice"), "waist")).toBe(false);
});
