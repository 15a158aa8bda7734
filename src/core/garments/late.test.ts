import { describe, expect, it } from "vitest";
import { makeSheet } from "../formats";
import { pieceOf, type Worked, workedOrder, type workedSheet } from "./worked-client.test-data";

const dress = (measuredOnGarment: object = {}, { choices = {}, ...rest }: Worked = {}) => {
  const order = {
    ...workedOrder("basic-bodice", { ...rest, choices: { skirt: "pencil", ...choices } }),
    measuredOnGarment,
  };
  const outcome = makeSheet(order);
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome).slice(0, 400));
  return outcome.sheet;
};
/** The skirt's half of the seam at the waist, its darts closed. */
const waistOf = (sheet: ReturnType<typeof dress>, side: "front" | "back"): number =>
  sheet.seams.find(({ id }) => id === `waist-join-${side}`)?.lengthA ?? 0;
const found = (sheet: ReturnType<typeof dress>, id: RegExp) => sheet.checks.filter((one) => id.test(one.id));

describe("a skirt is drawn to the waist that was measured on the sewn bodice", () => {
  const drawn = dress();
  const [front, back] = [waistOf(drawn, "front"), waistOf(drawn, "back")];
  it("half by half, and nothing of the bodice moves", () => {
    const late = dress({ waistFront: front + 0.5, waistBack: back - 0.25 });
    expect(waistOf(late, "front")).toBeCloseTo(front + 0.5, 1);
    expect(waistOf(late, "back")).toBeCloseTo(back - 0.25, 1);
    for (const piece of ["bodice-front", "bodice-back"]) expect(pieceOf(late, piece)).toEqual(pieceOf(drawn, piece));
    expect(late.checks.filter(({ level }) => level === "error")).toEqual([]);
  });
  it("a round is split as it was drawn", () => {
    const late = dress({ waistEdge: 2 * (front + back) + 2 });
    expect(waistOf(late, "front") / waistOf(late, "back")).toBeCloseTo(front / back, 1);
    expect(waistOf(late, "front") + waistOf(late, "back")).toBeCloseTo(front + back + 1, 1);
  });
  it("its dart closes where the bodice's does, moved with what stretched", () => {
    const middle = (sheet: ReturnType<typeof dress>) => pieceOf(sheet, "skirt-front").darts[0]?.tip[0] ?? 0;
    const late = dress({ waistFront: front * 1.1 });
    expect(middle(late)).toBeGreaterThan(middle(drawn));
  });
  it.each([
    ["circle", "skirt-ring"],
    ["gathered", "skirt-gathered"],
    ["ruched", "skirt-front-wide"],
  ])("so is a %s skirt", (skirt, piece) => {
    const late = dress({ waistEdge: 2 * (front + back) + 3 }, { choices: { skirt } });
    expect(late.checks.filter(({ level }) => level === "error")).toEqual([]);
    expect(pieceOf(late, piece).outline.cut).not.toBe(pieceOf(dress({}, { choices: { skirt } }), piece).outline.cut);
  });
  it("a gathered one is as full over what was measured as it was over what was drawn", () => {
    const join = (late: object) =>
      dress(late, { choices: { skirt: "gathered" } }).seams.find(({ id }) => id === "waist-join");
    const wider = join({ waistEdge: 2 * (front + back) + 3 });
    expect(wider?.ratio).toBeCloseTo(join({})?.ratio ?? 0, 1);
    // By the drawn waist it would seem a tenth fuller than it is.
    expect((wider?.lengthA ?? 0) / (wider?.lengthB ?? 1) - (wider?.ratio ?? 0)).toBeGreaterThan(0.1);
  });
  it("and the band of a skirt to the waist that was measured on it", () => {
    const band = (measuredOnGarment: object) => {
      const outcome = makeSheet({ ...workedOrder("pencil-skirt"), measuredOnGarment });
      return outcome.kind === "sheet"
        ? { length: pieceOf(outcome.sheet, "waistband").strip?.length ?? 0, checks: outcome.sheet.checks }
        : null;
    };
    const [plain, late] = [band({}), band({ waistEdge: 34 })];
    const round = (plain?.length ?? 0) - 2;
    expect((late?.length ?? 0) - (plain?.length ?? 0)).toBeCloseTo(34 - round, 0);
    expect(late?.checks.filter(({ level }) => level === "error")).toEqual([]);
  });
});

describe("what was measured is held against what was drawn", () => {
  const front = waistOf(dress(), "front");
  it.each([
    [0.1, []],
    [0.2, ["late-differs note"]],
    [0.5, ["late-differs caution"]],
    [-0.5, ["late-differs caution"]],
    [1.25, ["late-far-off caution"]],
  ] as const)("%d off: %j", (off, said) =>
    expect(found(dress({ waistFront: front + off }), /^late/).map(({ id, level }) => `${id} ${level}`)).toEqual(said),
  );
  it.each([
    [0.25, []],
    [0.4, ["late-differs note"]],
    [0.7, ["late-differs caution"]],
    [2.4, ["late-differs caution"]],
    [2.6, ["late-far-off caution"]],
  ] as const)("by the metric rules %d cm off: %j", (off, said) => {
    const metric = { rules: { set: "metric" } };
    const sewn = waistOf(dress({}, metric), "front") * 2.54;
    const late = dress({ waistFront: `${sewn + off} cm` }, metric);
    expect(found(late, /^late/).map(({ id, level }) => `${id} ${level}`)).toEqual(said);
  });
  it("says both numbers and the usual causes", () => {
    const [one] = found(dress({ waistFront: front + 0.5 }), /^late/);
    expect(one?.text).toMatch(/front half of the sewn waist was drawn .* and measures/);
    expect(one?.remedy).toContain("stretched");
  });
  it("a measure that no piece here is drawn to is kept, and said", () => {
    expect(found(dress({ cuffEdge: 9 }), /^late/).map(({ id, text }) => `${id} ${text.slice(0, 21)}`)).toEqual([
      "late-unused The edge for the cuff",
    ]);
    expect(found(workedSheetWith({ armhole: 19 }), /^late/).map(({ id }) => id)).toEqual(["late-unused"]);
  });
  it("a binding is as long as the edge that was measured", () => {
    const strip = (late: object) => {
      const outcome = makeSheet({
        ...workedOrder("straight-dress", { choices: { neckFinish: "binding" } }),
        measuredOnGarment: late,
      });
      return outcome.kind === "sheet" ? (pieceOf(outcome.sheet, "binding").strip?.length ?? 0) : 0;
    };
    expect(strip({ necklineFront: 9, necklineBack: 6 })).toBeGreaterThan(strip({}));
  });
});

function workedSheetWith(measuredOnGarment: object): ReturnType<typeof workedSheet> {
  const outcome = makeSheet({ ...workedOrder("straight-dress"), measuredOnGarment });
  if (outcome.kind !== "sheet") throw new Error("no sheet");
  return outcome.sheet;
}
