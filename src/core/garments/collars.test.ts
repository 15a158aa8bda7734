import { describe, expect, it } from "vitest";
import { makeSheet } from "../formats";
import { pathLength, readPathData } from "../geometry";
import { collarKinds } from "../parts";
import { findGarment, keptChoices, startChoices } from ".";
import { edgeOf, markOn, pieceOf, type Worked, workedOrder, workedSheet } from "./worked-client.test-data";

type Told = Worked & { readonly measuredOnGarment?: object };

/** The neck of the craft page's worked examples, as it was measured on the garment: 5¼ in front, 3⅛ behind. */
const NECK = { necklineFront: 5.25, necklineBack: 3.125 };

function drawn(garment: string, choices: object, told: Told = {}) {
  const { card, ...rest } = told;
  const outcome = makeSheet({ ...workedOrder(garment, card === undefined ? {} : { card }), ...rest, choices });
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}
type Sheet = ReturnType<typeof drawn>;

const shirt = (choices: object, told: Told = {}) => drawn("shirt", choices, { measuredOnGarment: NECK, ...told });
const seam = (sheet: Sheet, id: string) => {
  const found = sheet.seams.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no seam ${id} among ${sheet.seams.map((one) => one.id).join(", ")}`);
  return found;
};
const checkOf = (sheet: Sheet, id: string) => sheet.checks.find((check) => check.id === id);
/** A place of a collar as the craft has it: y up from the base line. */
function up(sheet: Sheet, piece: string, mark: string): readonly [number, number] {
  const [x, down] = markOn(sheet, piece, mark);
  const base = pieceOf(sheet, piece).lines.find(({ id }) => id === "base")?.down ?? 0;
  return [x, base - down];
}
const near = (place: readonly [number, number], x: number, y: number) => {
  expect(Math.abs(place[0] - x), `across ${place[0]}`).toBeLessThan(1 / 32 + 1e-9);
  expect(Math.abs(place[1] - y), `up ${place[1]}`).toBeLessThan(1 / 32 + 1e-9);
};
const length = (sheet: Sheet, piece: string, edge: string) => edgeOf(sheet, piece, edge).length;
const refusal = (garment: string, choices: object, told: Told = {}) => {
  const { card, ...rest } = told;
  const outcome = makeSheet({ ...workedOrder(garment, card === undefined ? {} : { card }), ...rest, choices });
  if (outcome.kind !== "refused") throw new Error(`expected a refusal, found ${outcome.kind}`);
  return outcome.refused[0];
};

describe("a shirt collar drawn to 5¼ and 3⅛, band 1½ (craft: collars, worked examples)", () => {
  const sheet = shirt({});
  it("stand: rises 1 3/64, its end ¾ beyond the centre front at (8 59/64, 1 11/32), top front (7 47/64, 2 13/64)", () => {
    near(up(sheet, "collar-stand", "neck/front"), 8 + 15 / 64, 1 + 3 / 64);
    near(up(sheet, "collar-stand", "neck/overlap"), 8 + 59 / 64, 1 + 11 / 32);
    near(up(sheet, "collar-stand", "top/front"), 7 + 47 / 64, 2 + 13 / 64);
  });
  it("its sewn base is 9⅛ a half, its top 7.868, its end 1 19/32", () => {
    expect(length(sheet, "collar-stand", "neck")).toBeCloseTo(9.125, 3);
    expect(length(sheet, "collar-stand", "top")).toBeCloseTo(7.868, 2);
    expect(Math.abs(length(sheet, "collar-stand", "end") - (1 + 19 / 32))).toBeLessThan(1 / 64);
  });
  it("fall: sewn to the stand's top, 0.949 higher behind than in front, outer edge 8.368 a half, front 3 1/64", () => {
    near(up(sheet, "collar-fall", "stand/front"), 7.734, 0);
    near(up(sheet, "collar-fall", "neck/shoulder"), 3.125, 0.949);
    near(up(sheet, "collar-fall", "outer/point"), 8.368, 2.949);
    expect(Math.abs(length(sheet, "collar-fall", "front") - (3 + 1 / 64))).toBeLessThan(1 / 64);
    expect(length(sheet, "collar-fall", "neck")).toBeCloseTo(length(sheet, "collar-stand", "top"), 6);
  });
  it("two of each, on the fold, from cloth in four; the seam is ½ all round and none on the fold", () => {
    for (const id of ["collar-stand", "collar-fall"]) {
      expect(pieceOf(sheet, id).cut).toEqual({ copies: 2, on: "fold", mirrored: false });
      expect(sheet.groups.find((group) => group.pieces.includes(id))).toMatchObject({ layers: 4 });
      for (const edge of pieceOf(sheet, id).edges) expect(edge.allowance, edge.id).toBe(edge.onFold ? 0 : 0.5);
    }
  });
  it("rises from an eighth to two sevenths of the front, held there and said where more or less is asked", () => {
    const [low, high] = [0.25, 2].map((collarRise) => shirt({ collarRise }));
    expect(Math.abs(up(low as Sheet, "collar-stand", "neck/front")[1] - 5.25 / 8)).toBeLessThan(1 / 32);
    expect(Math.abs(up(high as Sheet, "collar-stand", "neck/front")[1] - 5.25 / 3.5)).toBeLessThan(1 / 32);
    expect(checkOf(high as Sheet, "rise-limited")?.text).toMatch(/rises 1½ in to the front, not 2 in/);
    expect(checkOf(sheet, "rise-limited")).toBeUndefined();
  });
  it("a fall whose front edge is longer than usual is said, not refused", () => {
    expect(checkOf(sheet, "fall-front")).toBeUndefined();
    expect(checkOf(shirt({ fallWidth: 3.5 }), "fall-front")?.level).toBe("note");
  });
});

describe("a stand drawn to the same neck", () => {
  it("rise ½: its front at (8 11/32, ½), its top 8 9/64 long less the ½ that its corner is in", () => {
    const sheet = shirt({ collar: "stand" });
    near(up(sheet, "collar", "neck/front"), 8 + 11 / 32, 0.5);
    expect(length(sheet, "collar", "neck")).toBeCloseTo(3.125 + 5.25, 6);
    expect(Math.abs(length(sheet, "collar", "top") - (7 + 41 / 64))).toBeLessThan(1 / 64);
  });
  it("½ shorter above instead: its front rises 1 1/32, its base is as long as before", () => {
    const sheet = shirt({ collar: "stand", standBy: "shortening", standTopIn: 0 });
    expect(Math.abs(up(sheet, "collar", "neck/front")[1] - (1 + 1 / 32))).toBeLessThan(1 / 32);
    expect(length(sheet, "collar", "neck")).toBeCloseTo(8.375, 6);
    expect(length(sheet, "collar", "top")).toBeCloseTo(7.875, 3);
  });
  it("a rounded corner leaves its upper edge longer than the corner's cut and its front shorter", () => {
    const [square, rounded] = ["square", "rounded"].map((standCorner) => shirt({ collar: "stand", standCorner }));
    expect(length(rounded as Sheet, "collar", "front")).toBeLessThan(length(square as Sheet, "collar", "front") - 0.3);
  });
  it("behind a zip it is two halves, each with its seam there; the neck of 3 × 3½ and 3 × 1 is 5 3/64 and 3 25/64", () => {
    const sheet = drawn("straight-dress", { collar: "stand" });
    expect(pieceOf(sheet, "collar").cut).toEqual({ copies: 4, on: "pair", mirrored: true });
    expect(edgeOf(sheet, "collar", "centre").allowance).toBe(0.5);
    expect(Math.abs(length(sheet, "collar", "neck") - (5 + 3 / 64 + 3 + 25 / 64))).toBeLessThan(1 / 64);
  });
});

describe("a collar turned down, in one with its stand", () => {
  const sheet = shirt({ collar: "turn-down" });
  it("9⅛ a half on its base; the tab ends at (8⅜, 1¼), 1 19/32 along; its top at (8⅜, 3¼)", () => {
    near(up(sheet, "collar", "neck/front"), 9.125, 0);
    near(up(sheet, "collar", "stand/front"), 8.375, 1.25);
    near(up(sheet, "collar", "top/front"), 8.375, 3.25);
    expect(Math.abs(length(sheet, "collar", "end") - (1 + 19 / 32))).toBeLessThan(1 / 64);
  });
  it("is cut 9⅝ × 4¼ on the fold, its stand line chalked and not cut", () => {
    const { box, creases } = pieceOf(sheet, "collar");
    expect([box.right - box.left, box.bottom - box.top]).toEqual([9.625, 4.25]);
    expect(creases?.map(({ id }) => id)).toEqual(["stand"]);
    const line = readPathData(creases?.[0]?.path ?? "");
    expect([line.start.y, pathLength(line)]).toEqual([2, 8.375]);
  });
  it("leans back by what is asked, at the top alone", () => {
    const leaning = shirt({ collar: "turn-down", fallLean: 0.25 });
    near(up(leaning, "collar", "top/front"), 8.125, 3.25);
    near(up(leaning, "collar", "stand/front"), 8.375, 1.25);
  });
});

/** The neck of 3 × 3½ on a shoulder of 7¾ and 1 down, the break on the waist line at 17. */
const lapel = (choices: object = {}, told: Told = {}) => drawn("lapel-dress", { skirt: "none", ...choices }, told);
const place = (sheet: Sheet, mark: string) => markOn(sheet, "bodice-front", mark);
const within = (found: readonly [number, number], x: number, y: number) => {
  expect(Math.abs(found[0] - x), `across ${found[0]}`).toBeLessThan(0.005);
  expect(Math.abs(found[1] - y), `down ${found[1]}`).toBeLessThan(0.005);
};

describe("a lapel 3½ wide, overlap 1, collar 3 (craft: collars, worked examples)", () => {
  const sheet = lapel();
  it("tip at (−1.522, 3½), notch ½ in from it, edge 13.510, break line 17.409", () => {
    within(place(sheet, "gorge/tip"), -1.522, 3.5);
    within(place(sheet, "gorge/notch"), -1.022, 3.5);
    within(place(sheet, "waist/break"), -1, 17);
    expect(length(sheet, "bodice-front", "centre")).toBeCloseTo(13.51, 2);
    const line = pieceOf(sheet, "bodice-front").creases?.find(({ id }) => id === "break");
    expect(pathLength(readPathData(line?.path ?? ""))).toBeCloseTo(17.409, 2);
  });
  it("cut on, its collar reaches (4.441, −3.073) and (1.725, −4.346), its front (−1.272, 3.067)", () => {
    const on = lapel({ collarCut: "on" });
    within(place(on, "collar/back-inner"), 4.441, -3.073);
    within(place(on, "collar/back-outer"), 1.725, -4.346);
    within(place(on, "collar/notch"), -1.272, 3.067);
    expect(Math.abs(seam(on, "collar-back").lengthA - 3.394)).toBeLessThan(0.002);
  });
  it("wants 2½ beyond the centre and, cut on, 5 above the top line: 5 more than the shoulder's seam leaves", () => {
    expect(pieceOf(sheet, "bodice-front").originInset).toBe(2.5);
    const top = (one: Sheet) => one.steps.find(({ id }) => id === "front-top-line")?.reading;
    expect([top(sheet), top(lapel({ collarCut: "on" }))]).toEqual([0.5, 5]);
  });
  it("cut apart, the gorge of collar and front are alike to 1/32, and its sewn line is the back neck", () => {
    expect(Math.abs(seam(sheet, "gorge").ease)).toBeLessThan(1 / 32);
    expect(Math.abs(seam(sheet, "collar-back").ease)).toBeLessThan(1 / 64);
    expect(pieceOf(sheet, "collar").cut).toMatchObject({ copies: 1, on: "fold" });
    expect(pieceOf(sheet, "collar-under").cut).toMatchObject({ copies: 2, on: "pair" });
  });
  it("the collar underneath is smaller by the turn of cloth, and by none where the house has none", () => {
    const outer = (turnOfCloth: number) => length(lapel({}, { rules: { turnOfCloth } }), "collar-under", "centre");
    expect(outer(0) - outer(0.25)).toBeCloseTo(0.25, 2);
    expect(length(lapel({}, { rules: { turnOfCloth: 0 } }), "facing-front", "lapel")).toBeCloseTo(13.51, 2);
    const eased = seam(lapel({}, { rules: { turnOfCloth: 0.25 } }), "facing-lapel").ease;
    expect(Math.abs(eased - 0.25)).toBeLessThan(1 / 32);
  });
  it("swung by ½ only, its outer edge is 7/32 short, a quarter on the tape: said, and mended by what its width asks", () => {
    const short = checkOf(lapel({ collarSwing: 0.5 }), "outer-edge-short");
    expect(short?.text).toMatch(/is ¼ in short/);
    expect(short?.change).toEqual({ path: "choices.collarSwing", value: "by-width" });
    expect(checkOf(sheet, "outer-edge-short")).toBeUndefined();
  });
  it("a wide one from the neck's depth, overlap 5, collar 4½: tip (−4, 3½), notch 1½, (5.430, −2.369), (2.289, −5.591)", () => {
    const wide = lapel(
      { lapelWidth: 4, overlapWidth: 5, collarWidth: 4.5, collarCut: "on" },
      { rules: { lapelWidthFrom: "neck-depth" } },
    );
    within(place(wide, "gorge/tip"), -4, 3.5);
    within(place(wide, "gorge/notch"), -2.5, 3.5);
    within(place(wide, "collar/notch"), -3.917, 3.007);
    within(place(wide, "collar/back-inner"), 5.43, -2.369);
    within(place(wide, "collar/back-outer"), 2.289, -5.591);
    // Its lower corner, cut aslant, is an eighth further out.
    expect(pieceOf(wide, "bodice-front").originInset).toBe(5.625);
  });
  it("opens its notch by less where less is asked, and bows its edge out", () => {
    const [gap, bow] = [lapel({ collarCut: "on", notchGap: 0.25 }), lapel({ lapelBow: 0.5 })];
    expect(place(gap, "collar/notch")[0]).toBeLessThan(-1.4);
    expect(length(bow, "bodice-front", "centre")).toBeGreaterThan(13.53);
  });
  it("breaks where it is told: higher, the tip leans further out", () => {
    const high = drawn("overlap-dress", { collar: "lapel", overlapWidth: 1, breakAt: 12 });
    expect(markOn(high, "centre-front", "waist/break")).toEqual([-1, 12]);
  });
});

describe("a shawl, overlap 1, collar 3", () => {
  const sheet = lapel({ collar: "shawl" });
  it("is widest at (−1.918, 4.913), and 12.274 + 10.001 round", () => {
    within(place(sheet, "shawl/outer"), -1.918, 4.913);
    expect(length(sheet, "bodice-front", "centre")).toBeCloseTo(12.274 + 10.001, 2);
  });
  it("wider, it reaches further out; its halves are joined behind and sewn to the back neck", () => {
    expect(place(lapel({ collar: "shawl", shawlWidth: 4.5 }), "shawl/outer")[0]).toBeLessThan(-2.8);
    expect(Math.abs(seam(sheet, "collar-back").ease)).toBeLessThan(1 / 64);
  });
});

describe("a neck built up by 1¼, 2¾ wide and 3¼ deep", () => {
  const sheet = drawn("straight-dress", {
    frontNeck: "built-up",
    neckWidth: 2.75,
    frontNeckDepth: 3.25,
    builtUpRise: 1.25,
  });
  it("ends at (1.866, −0.884) in front and behind, 4 39/64 and 1 61/64 long: 13 9/64 round", () => {
    for (const half of ["front", "back"]) within(markOn(sheet, `bodice-${half}`, "neck/rise"), 1.866, -0.884);
    expect(Math.abs(length(sheet, "bodice-front", "front-neck") - (4 + 39 / 64))).toBeLessThan(1 / 64);
    expect(Math.abs(length(sheet, "bodice-back", "back-neck") - (1 + 61 / 64))).toBeLessThan(1 / 64);
    expect(Math.abs(sheet.rounds.neck - (13 + 9 / 64))).toBeLessThan(1 / 32);
  });
  it("lies ½ lower at the centre back, runs on from front to back without a point, and keeps 2½ above", () => {
    within(markOn(sheet, "bodice-back", "centre/neck-depth"), 0, -0.384);
    expect(checkOf(sheet, "neck-not-smooth")).toBeUndefined();
    expect(sheet.steps.find(({ id }) => id === "front-top-line")?.reading).toBe(2.5);
  });
  it("both shoulders are as long as one another, rounded into the rise", () =>
    expect(Math.abs(seam(sheet, "shoulder").ease)).toBeLessThan(1 / 16));
  it("is no wider than 3: the nearest that works is said", () =>
    expect(refusal("straight-dress", { frontNeck: "built-up", neckWidth: 4 })).toMatchObject({
      code: "collar-on-neck",
      remedy: "Choose 3 in or less for “Neck width, from the centre”.",
    }));
});

describe("a cape over a neck of 3 × 3½ and 3 × 1", () => {
  const sheet = drawn("straight-dress", { collar: "cape" });
  const cape = (mark: string) => markOn(sheet, "cape", mark);
  const apart = (one: string, other: string) =>
    Math.hypot(cape(one)[0] - cape(other)[0], cape(one)[1] - cape(other)[1]);
  it("starts 1 inside the tip at (6.771, 0.794), in front on (0, 3¼), behind on (0, 5½)", () => {
    within(markOn(sheet, "bodice-front", "cape/shoulder-inner"), 6.771, 0.794);
    within(markOn(sheet, "bodice-front", "cape/front-inner"), 0, 3.25);
    within(markOn(sheet, "bodice-back", "cape/back-inner"), 0, 5.5);
  });
  it("is 3¼ deep past the shoulder and behind, its front end 4.366", () => {
    expect(apart("cape/shoulder-inner", "cape/shoulder-outer")).toBeCloseTo(3.25, 1);
    expect(apart("cape/back-inner", "cape/back-outer")).toBeCloseTo(3.25, 1);
    expect(length(sheet, "cape", "front")).toBeCloseTo(4.366, 2);
    expect(length(sheet, "cape", "outer")).toBeCloseTo(11.625 + 13.495, 1);
  });
  it("its inner edge is the line on the body, 7.756 + 9.066, the shoulder notched 7.756 along", () => {
    expect(length(sheet, "cape", "inner")).toBeCloseTo(7.756 + 9.066, 2);
    expect(Math.abs(seam(sheet, "cape").ease)).toBeLessThan(1 / 16);
    expect(pieceOf(sheet, "cape").notches.find(({ id }) => id === "shoulder")?.at).toBeCloseTo(7.756, 2);
  });
  it("is cut twice as a pair, and has no zip's seam", () => {
    expect(pieceOf(sheet, "cape").cut).toEqual({ copies: 4, on: "pair", mirrored: true });
    expect(edgeOf(sheet, "cape", "back").allowance).toBe(0.5);
  });
  it("over panels its line is chalked once they are sewn, and said", () =>
    expect(checkOf(drawn("shoulder-bustier", { collar: "cape" }), "cape-line-later")?.text).toMatch(
      /inside the shoulder/,
    ));
  it.each([
    ["capeDepth", 5, "cape/shoulder-inner", "cape/shoulder-outer", 5],
    ["capeFrontFall", 6, "cape/front-inner", "cape/front-outer", Math.hypot(6, 1)],
    ["capeFrontIn", 2, "cape/front-inner", "cape/front-outer", Math.hypot(4.25, 2)],
  ] as const)("%s set to %d is that far from one mark to the other", (id, value, one, other, far) => {
    const told = drawn("straight-dress", { collar: "cape", [id]: value });
    const [a, b] = [markOn(told, "cape", one), markOn(told, "cape", other)];
    expect(Math.abs(Math.hypot(a[0] - b[0], a[1] - b[1]) - far)).toBeLessThan(1 / 16);
  });
  it("capeTipIn and capeBackDown move where it starts, and where it is sewn on behind", () => {
    const told = drawn("straight-dress", { collar: "cape", capeTipIn: 0, capeBackDown: 6 });
    within(markOn(told, "bodice-front", "cape/shoulder-inner"), 7.75, 1);
    within(markOn(told, "bodice-back", "cape/back-inner"), 0, 7);
  });
});

describe("the neck that is there", () => {
  it("cut on its chalk, 3 × 3½ and 3 × 1 is 19.87 round sewn, where the chalk is 16.87; the collar is drawn to the first", () => {
    const [sewn, cut] = ["stitching", "cutting"].map((neckLine) =>
      drawn("straight-dress", { collar: "stand" }, { rules: { neckLine } }),
    );
    expect(sewn?.rounds.neck).toBeCloseTo(16.87, 1);
    expect(cut?.rounds.neck).toBeCloseTo(19.87, 1);
    expect(2 * length(cut as Sheet, "collar", "neck")).toBeCloseTo(cut?.rounds.neck ?? 0, 1);
    expect(checkOf(cut as Sheet, "neck-cut-on-chalk")?.text).toMatch(/19⅞ in round, where the chalk is 16⅞ in/);
    expect(place(cut as Sheet, "centre/neck-depth")).toEqual([0, 4]);
  });
  it("a bound neck that is cut on its chalk is sewn ¼ inside it, where the binding wraps", () => {
    const bound = (rules: object) => drawn("straight-dress", { neckFinish: "binding" }, { rules });
    const [sewn, cut] = [bound({}), bound({ neckLine: "cutting" })];
    const neck = (sheet: Sheet) => edgeOf(sheet, "bodice-front", "front-neck").allowance;
    expect([neck(sewn), neck(cut)]).toEqual([0, 0.25]);
    expect(place(cut, "centre/neck-depth")).toEqual([0, 3.75]);
    // A quarter more in width and both depths: the round grows by about 1½.
    expect(cut.rounds.neck - sewn.rounds.neck).toBeCloseTo(1.5, 0);
  });
  it("what the house wants under a binding lies beyond every bound edge, and nothing without it", () => {
    const choices = { neckFinish: "binding", armholeFinish: "bound" };
    const seams = (rules: object) => {
      const sheet = drawn("straight-dress", choices, { rules });
      return ["front-neck", "front-armhole"].map((id) => edgeOf(sheet, "bodice-front", id).allowance);
    };
    expect(seams({})).toEqual([0, 0]);
    expect(seams({ "allowance.binding": 0.125 })).toEqual([0.125, 0.125]);
  });
  it("less than ½ over the neck chokes, more than 4 stands off, and both are said", () => {
    const told = (neck: number) => drawn("straight-dress", { collar: "stand" }, { card: { neck } });
    expect(checkOf(told(17), "collar-chokes")?.level).toBe("caution");
    expect(checkOf(told(12.5), "collar-stands-off")?.level).toBe("caution");
    for (const id of ["collar-chokes", "collar-stands-off"]) expect(checkOf(told(14.5), id)).toBeUndefined();
  });
  it("a collar's seam by the house is on every edge of it that is not on the fold", () => {
    const told = shirt({ collar: "stand" }, { rules: { "allowance.collar": 0.375 } });
    expect(pieceOf(told, "collar").edges.map(({ allowance }) => allowance)).toEqual([0.375, 0.375, 0.375, 0]);
  });
  it("a slit with bands of 1½: the stand is as long as the neck with them, to the centre front", () => {
    const sheet = drawn("shirt-dress", { collar: "stand" });
    const { allowed, ease } = seam(sheet, "collar-neck");
    expect(ease).toBeGreaterThan((allowed as readonly number[])[0] as number);
    expect(length(sheet, "collar", "neck")).toBeGreaterThan(8);
  });
});

describe("a garment's own collar, and what a collar changes that nobody told", () => {
  it.each([
    ["shirt", "shirt"],
    ["lapel-dress", "lapel"],
  ])("%s comes with its %s, said in the order from its start", (id, kind) => {
    const garment = findGarment(id);
    expect(garment && startChoices(garment).collar).toBe(kind);
    expect(workedSheet(id).resolved.choices.collar).toBe(kind);
  });
  it("an order that was kept before there were collars has none, and its deep V", () => {
    const kept = keptChoices(findGarment("lapel-dress"), { sleeve: "none" });
    expect(kept).toEqual({ collar: "none", sleeve: "none" });
    const sheet = workedSheet("lapel-dress", { choices: kept });
    expect(markOn(sheet, "bodice-front", "centre/neck-depth")).toEqual([0, 13]);
    expect(sheet.pieces.some(({ part }) => part === "collar")).toBe(false);
  });
  it("a V of 13 becomes a round gorge of 3½ under a lapel, and a front zip-less dress overlaps for it", () => {
    expect(lapel().resolved.choices).toMatchObject({ frontNeck: "round", frontNeckDepth: 3.5 });
    const dress = drawn("straight-dress", { collar: "lapel" });
    expect(dress.resolved.choices).toMatchObject({ opening: "overlap", overlapWidth: 1 });
  });
  it("what was told stays, and is refused with what it would have to be", () => {
    expect(refusal("straight-dress", { collar: "shirt", frontNeck: "square" })?.remedy).toBe(
      "Choose “Round” for “Front neck”.",
    );
    expect(refusal("straight-dress", { collar: "stand", opening: "none" })?.remedy).toBe(
      "Choose “Zip at the centre back” for “Opening”.",
    );
  });
  it("a neck that is told to be faced or bound has no collar, and says so", () => {
    for (const neckFinish of ["facing", "binding"])
      expect(workedSheet("shirt", { choices: { neckFinish } }).resolved.choices.collar).toBe("none");
  });
  it.each(collarKinds)("%s: the neck is finished by nothing else, but under a cape", (collar) => {
    const sheet = drawn("straight-dress", { collar, neckFinish: "facing" });
    expect(sheet.pieces.some(({ id }) => id === "facing-front-neck")).toBe(collar === "cape");
  });
});
