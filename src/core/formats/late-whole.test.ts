import { describe, expect, it } from "vitest";
import { pieceOf, workedOrder, workedSheet } from "../garments/worked-client.test-data";
import { formatLengthWithUnit } from "../length";
import { type CutSheet, compareSheets, drawFree, makeSheet, type Order } from ".";
import {
  asksAgain,
  asksCause,
  drawnLength,
  type LateEdge,
  type LateMeasured,
  lateEdges,
  lateFields,
  lateSteps,
  partAlone,
  redrawTo,
  waitsFor,
} from "./late-sheet";

function redrawn(from: CutSheet, edge: LateEdge, measured: LateMeasured): CutSheet {
  const outcome = redrawTo(from, edge, measured);
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}
function seamOf(sheet: CutSheet, id: string) {
  const found = sheet.seams.find((seam) => seam.id === id);
  if (found === undefined) throw new Error(`no ${id}`);
  return found;
}
const chosen = ({ order }: CutSheet, choices: Order["choices"]): Order => ({
  ...order,
  choices: { ...order.choices, ...choices },
});
const errors = (sheet: CutSheet) => sheet.checks.filter(({ level }) => level === "error");
/** The pieces that are not as they were frozen. */
const moved = (sheet: CutSheet, from: CutSheet) =>
  sheet.pieces.filter((piece) => JSON.stringify(piece) !== JSON.stringify(pieceOf(from, piece.id))).map(({ id }) => id);

describe("cuffs drawn to the sleeve's end as it was sewn", () => {
  const frozen = workedSheet("shirt");
  it("half an inch more makes a strip half an inch longer, and nothing else moves", () => {
    // Finished 9, and a seam of ½ at each end: 10; sewn the end measures 9½.
    expect(drawnLength(frozen, "cuff")).toBe(9);
    expect(pieceOf(frozen, "cuff").strip?.length).toBe(10);
    const sheet = redrawn(frozen, "cuff", { cuffEdge: "9 1/2" });
    expect(pieceOf(sheet, "cuff").strip?.length).toBe(10.5);
    expect(moved(sheet, frozen)).toEqual(["cuff"]);
    // And who looks at both is told what moves.
    expect(compareSheets(frozen, sheet).marks).toEqual([
      expect.objectContaining({ piece: "cuff", kind: "strip", mark: "length", before: 10, after: 10.5 }),
    ]);
    expect(new Set(sheet.steps.map(({ id }) => id))).toEqual(new Set(frozen.steps.map(({ id }) => id)));
    expect(seamOf(sheet, "cuff")).toMatchObject({ meets: true, lengthA: seamOf(frozen, "cuff").lengthA });
    expect(errors(sheet)).toEqual([]);
    expect(sheet.late).toEqual([{ edge: "cuff", half: "whole", drawn: 9, measured: 9.5 }]);
    expect(drawnLength(sheet, "cuff")).toBe(9);
  });
  it.each([
    [9.1, [false, false]],
    [9.25, [false, false]],
    [8.5, [true, false]],
    [10.25, [true, true]],
  ])("%d for 9 drawn: its cause is asked, and it is measured again: %j", (cuffEdge, asked) => {
    const sheet = redrawn(frozen, "cuff", { cuffEdge });
    expect([asksCause(sheet, "cuff"), asksAgain(sheet, "cuff")]).toEqual(asked);
    expect(seamOf(sheet, "cuff").meets).toBe(true);
  });
  it("says it of the whole end, not of a half", () => {
    const [said] = redrawn(frozen, "cuff", { cuffEdge: 10.25 }).checks.filter(({ id }) => id === "late-far-off");
    expect(said?.text).toMatch(/^The sleeve's end between its plackets measures 10¼ in/);
    expect(said?.remedy).toContain("the whole of it");
  });
  it("in a metric shop it lies on the metric tape", () => {
    const metric = workedSheet("shirt", { rules: { set: "metric" } });
    const length = pieceOf(redrawn(metric, "cuff", { cuffEdge: "24.3 cm" }), "cuff").strip?.length ?? 0;
    // 24.3 on the half centimetre, and 1 at each end.
    expect(length * 2.54).toBeCloseTo(26.5, 6);
  });
  it("is asked alone, after the armhole, and its steps are the cuff's alone", () => {
    expect(lateEdges.filter((edge) => waitsFor(frozen, edge))).toEqual(["neck", "armhole", "cuff"]);
    expect(lateFields(frozen, "cuff")).toEqual(["cuffEdge"]);
    expect(partAlone(frozen, "cuff").pieces.map(({ id }) => id)).toEqual(["cuff"]);
    expect(new Set(lateSteps(frozen, "cuff").map(({ piece }) => piece))).toEqual(new Set(["cuff"]));
  });
  it("an armhole measured later leaves what was measured for the cuff", () => {
    const cuff = redrawn(frozen, "cuff", { cuffEdge: 9.5 });
    const both = redrawn(cuff, "armhole", { armhole: drawnLength(cuff, "armhole") });
    expect(pieceOf(both, "cuff").strip?.length).toBe(10.5);
    expect(both.order.measuredOnGarment).toMatchObject({ cuffEdge: 9.5 });
  });
  it("a cuff turned back, and a sleeve without one, have no end to measure", () => {
    expect(waitsFor(workedSheet("shirt", { choices: { sleeveCuff: "turn-back" } }), "cuff")).toBe(false);
    expect(waitsFor(workedSheet("straight-dress", { choices: { sleeve: "long" } }), "cuff")).toBe(false);
  });
  it("where the sleeve is cut and its cuff is not, a cuff chosen otherwise fits the sleeve that is cut", () => {
    const free = new Set(["cuff"]);
    const wider = drawFree(frozen, chosen(frozen, { cuffEase: 2.75, cuffDepth: 3 }), free);
    const sheet = wider.kind === "sheet" ? wider.sheet : frozen;
    expect(pieceOf(sheet, "sleeve")).toEqual(pieceOf(frozen, "sleeve"));
    expect(pieceOf(sheet, "cuff").strip).toMatchObject({ length: 10, depth: 7 });
    expect(seamOf(sheet, "cuff").meets).toBe(true);
    expect(sheet.late).toBeUndefined();
  });
});

it("a flounce is a ring round the sleeve's end as it was sewn", () => {
  const frozen = workedSheet("straight-dress", { choices: { sleeve: "flounce" } });
  const round = drawnLength(frozen, "flounce");
  const sheet = redrawn(frozen, "flounce", { flounceEdge: round + 0.5 });
  expect(moved(sheet, frozen)).toEqual(["flounce"]);
  const radii = compareSheets(frozen, sheet).marks;
  expect(radii.map(({ kind, mark }) => `${kind} ${mark}`)).toEqual(["arc arc inner", "arc arc outer"]);
  for (const { before, after } of radii)
    expect(Math.abs((after ?? 0) - (before ?? 0) - 0.5 / 6.283)).toBeLessThan(1 / 50);
  // To the tick of its radius: a thirty-second, six times round.
  expect(Math.abs(seamOf(sheet, "flounce").lengthA - round - 0.5)).toBeLessThan(0.1);
  expect(seamOf(sheet, "flounce").meets).toBe(true);
  expect(errors(sheet)).toEqual([]);
});

describe("tiers gathered into the edge above as it was sewn", () => {
  const choices = { tiers: "4", tierWidths: "ratio", tierRatio: 1.5 };
  const frozen = workedSheet("tiered-skirt", { choices });
  const roundOf = (sheet: CutSheet, tier: number) => seamOf(sheet, `tier-${tier}`).lengthA;
  const first = drawnLength(frozen, "tier-1");
  it("the next is so many times as long as what was measured, and so on down; what is above stays", () => {
    const sheet = redrawn(frozen, "tier-1", { tierEdge1: first + 4 });
    // Strips are equally long, to the tick each: a round may be longer by a tick a strip.
    expect(roundOf(sheet, 2) - 1.5 * (first + 4)).toBeGreaterThan(-1 / 8);
    expect(roundOf(sheet, 2) - 1.5 * (first + 4)).toBeLessThan(1);
    expect(roundOf(sheet, 3) - 1.5 * roundOf(sheet, 2)).toBeGreaterThan(-1 / 8);
    // How full it is is counted from what was measured, not from what was drawn.
    expect(seamOf(sheet, "tier-2").ratio).toBeCloseTo(1.5, 1);
    expect(sheet.checks.find(({ id, text }) => id === "join-ratio" && text.startsWith("Tier 2"))?.text).toContain(
      `into ${formatLengthWithUnit(first + 4, "in")}`,
    );
    expect(moved(sheet, frozen).every((id) => /^tier-[234]/.test(id))).toBe(true);
    expect(moved(sheet, frozen)).toContain("tier-2");
    expect(errors(sheet)).toEqual([]);
    expect(asksAgain(sheet, "tier-1")).toBe(true);
  });
  it("are measured one after the other: the list keeps what is above, and forgets what hung below", () => {
    const one = redrawn(frozen, "tier-1", { tierEdge1: first + 1 });
    const two = redrawn(one, "tier-2", { tierEdge2: "100" });
    expect(two.order.measuredOnGarment).toEqual({ tierEdges: [first + 1, "100"] });
    expect(two.late?.map(({ edge }) => edge)).toEqual(["tier-1", "tier-2"]);
    expect(pieceOf(two, "tier-2")).toEqual(pieceOf(one, "tier-2"));
    expect(roundOf(two, 3)).toBeGreaterThan(149.8);
    expect(redrawn(two, "tier-1", { tierEdge1: first }).order.measuredOnGarment).toEqual({ tierEdges: [first] });
    expect(redrawn(frozen, "tier-3", { tierEdge3: 150 }).order.measuredOnGarment).toEqual({
      tierEdges: [null, null, 150],
    });
  });
  it("no more edges wait than tiers have one below them", () => {
    expect(lateEdges.filter((edge) => waitsFor(frozen, edge))).toEqual(["tier-1", "tier-2", "tier-3"]);
    expect(waitsFor(workedSheet("gathered-skirt"), "tier-1")).toBe(false);
  });
  it("with the first tier cut, a fuller choice gathers the second into the tier that is cut", () => {
    const free = new Set(frozen.pieces.filter(({ id }) => /^tier-[234]/.test(id)).map(({ id }) => id));
    const fuller = (tierRatio: number) => drawFree(frozen, chosen(frozen, { tierRatio }), free);
    const made = fuller(1.75);
    const sheet = made.kind === "sheet" ? made.sheet : frozen;
    expect(moved(sheet, frozen).every((id) => free.has(id))).toBe(true);
    expect(seamOf(sheet, "tier-2").lengthB).toBe(first);
    expect(roundOf(sheet, 2) - 1.75 * first).toBeGreaterThan(-1 / 8);
    expect(roundOf(sheet, 2) - 1.75 * first).toBeLessThan(1);
    // Twice as full the first tier would take a strip more: it is cut, and named.
    expect(fuller(2)).toEqual({ kind: "cut-otherwise", pieces: [pieceOf(frozen, "tier-1").name] });
  });
});

describe("tiers in a file", () => {
  const made = (measuredOnGarment: object) =>
    makeSheet({ ...workedOrder("tiered-skirt", { choices: { tierWidths: "ratio" } }), measuredOnGarment });
  const said = (measuredOnGarment: object): string => JSON.stringify(made(measuredOnGarment));
  it("are a list, the first tier first, null where one was not measured", () => {
    const outcome = made({ tierEdges: [null, "90 in"] });
    expect(outcome.kind === "sheet" && outcome.sheet.late).toEqual([
      expect.objectContaining({ edge: "tier-2", half: "whole", measured: 90 }),
    ]);
  });
  it.each([
    [{ tierEdges: 80 }, "Tiers are a list of their lower edges"],
    [{ tierEdges: [1, 2, 3, 4, 5, 6] }, "at most 5"],
    [{ tierEdges: [null, "wide"] }, "measuredOnGarment.tierEdges.1"],
    [{ cuffEdge: [9, 9] }, "“cuffEdge” is one number, not a list."],
    [{ tierEdge1: 80 }, "“tierEdge1” is not measured on a garment."],
  ])("%j: %s", (measured, text) => {
    expect(made(measured).kind).not.toBe("sheet");
    expect(said(measured)).toContain(text);
  });
});

it("the make-up says what is measured, and where, before each is cut", () => {
  const measured = (garment: string, choices: object, task: string) => {
    const sheet = workedSheet(garment, { choices });
    return sheet.steps.find(({ id }) => id === `make-${task}`)?.make?.measures.map(({ id, text }) => `${id}: ${text}`);
  };
  expect(measured("shirt", {}, "cuff")).toEqual(["cuffEdge: The sleeve's end, whole: between the placket's edges"]);
  expect(measured("straight-dress", { sleeve: "flounce" }, "sleeve-made")?.[0]).toMatch(
    /^flounceEdge: The sleeve's end/,
  );
  expect(measured("straight-dress", { sleeve: "long" }, "sleeve-made")).toEqual([]);
  const tiers = measured("tiered-skirt", { tiers: "6" }, "tiers") ?? [];
  expect(tiers).toHaveLength(5);
  for (const [index, name] of ["first", "second", "third", "fourth", "fifth"].entries())
    expect(tiers[index]).toMatch(new RegExp(`^tierEdge${index + 1}: The ${name} tier's lower edge`));
});
