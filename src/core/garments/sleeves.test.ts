import { describe, expect, it } from "vitest";
import { makeSheet } from "../formats";
import { sleeveKinds } from "../parts";
import { findGarment, keptChoices, startChoices } from ".";
import { CRAFT_BODY } from "./craft-skirt.test-data";
import { edgeOf, markOn, pieceOf, type Worked, workedOrder, workedSheet } from "./worked-client.test-data";

/** The arm of the craft page's worked examples, and its armhole as it was measured on the garment. */
const ARM = { upperArm: 13.25, elbow: 11.75, wrist: 6.75, sleeveLength: 23 };
const ARMHOLE = { armholeFront: 9.25, armholeBack: 8.875 };

function sleeve(choices: object, { rules = {}, card = {}, ...rest }: Worked & { measuredOnGarment?: object } = {}) {
  const order = workedOrder("straight-dress", {
    ...rest,
    card: { ...CRAFT_BODY, shoulder: 15.5, armhole: 18, ...ARM, ...card },
    choices,
    rules,
  });
  const outcome = makeSheet({ measuredOnGarment: ARMHOLE, ...order, ...rest });
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}
type Sheet = ReturnType<typeof sleeve>;
const seam = (sheet: Sheet, id: string) => {
  const found = sheet.seams.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no seam ${id}`);
  return found;
};
const checkOf = (sheet: Sheet, id: string) => sheet.checks.find((check) => check.id === id);
const capOf = (sheet: Sheet) => edgeOf(sheet, "sleeve", "cap").length;
const notch = (sheet: Sheet, piece: string, id: string) => {
  const found = pieceOf(sheet, piece).notches.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no notch ${id} on ${piece}`);
  return found;
};

describe("a long sleeve drawn to an armhole of 9¼ and 8⅞ (craft: sleeves, worked examples)", () => {
  const long = sleeve({ sleeve: "long" });
  it("cap 5⅛, 15½ round the biceps line, half the curve 9 19/32, ease 1 3/64", () => {
    expect(markOn(long, "sleeve", "biceps/side")).toEqual([7.75, 5.125]);
    expect(Math.abs(capOf(long) - (9 + 19 / 32))).toBeLessThan(1 / 64);
    expect(Math.abs(2 * capOf(long) - 18.125 - (1 + 3 / 64))).toBeLessThan(1 / 64);
  });
  it("through (2.213, 0.864), (3⅞, 2 9/16), (5.537, 4.261): off its slant by ½ at a quarter and three quarters", () => {
    expect(markOn(long, "sleeve", "cap/raised").map((one) => one.toFixed(3))).toEqual(["2.213", "0.864"]);
    expect(markOn(long, "sleeve", "cap/middle")).toEqual([3.875, 2.5625]);
    expect(markOn(long, "sleeve", "cap/sunk").map((one) => one.toFixed(3))).toEqual(["5.537", "4.261"]);
  });
  it("its dots off the slant, an inch apart: 13/32, ½, 7/16, 5/32, −3/32, −⅜, −½, −7/16, −5/32", () => {
    const dots = edgeOf(long, "sleeve", "cap").dots.filter(({ along }) => along > 0.5 && along < 9.2);
    const wanted = [13, 16, 14, 5, -3, -12, -16, -14, -5].map((part) => part / 32);
    const every = dots.length / wanted.length;
    const off = wanted.map((_, index) => Math.abs(dots[Math.round((index + 1) * every) - 1]?.across ?? 99));
    for (const [index, one] of wanted.entries())
      expect(Math.abs((off[index] ?? 99) - Math.abs(one))).toBeLessThan(1 / 8);
  });
  it("half elbow 6⅝ on a line 13⅜ down (guessed), half wrist 4⅜; the underarm 18 13/64 before it is rounded", () => {
    expect(markOn(long, "sleeve", "elbow/side")).toEqual([6.625, 13.375]);
    expect(markOn(long, "sleeve", "hem/side")).toEqual([4.375, 23]);
    expect(18 + 13 / 64 - edgeOf(long, "sleeve", "side").length).toBeGreaterThan(-1 / 64);
    expect(18 + 13 / 64 - edgeOf(long, "sleeve", "side").length).toBeLessThan(0.05);
  });
  it("its front notch at (5.078, 3.892), the second of the back at (4.814, 3.625), the shoulder's 3/16 toward the back", () => {
    const placed = ["notch-front", "notch-back-2"].map((id) => notch(long, "sleeve", id).point);
    expect(placed[0]?.map((one) => one.toFixed(2))).toEqual(["5.08", "3.89"]);
    expect(placed[1]?.map((one) => one.toFixed(2))).toEqual(["4.81", "3.62"]);
    expect(notch(long, "sleeve", "notch")).toMatchObject({ at: expect.closeTo(3 / 16, 6), half: "back" });
  });
  it("meets its notches 3 up from the underarm on the body, and 3⅜", () => {
    const up = (piece: string, edge: string, id: string) =>
      edgeOf(long, piece, edge).length - notch(long, piece, id).at;
    expect(up("sleeve", "cap", "notch-front")).toBeCloseTo(3, 6);
    expect(up("bodice-front", "front-armhole", "notch-front")).toBeCloseTo(3, 6);
    expect(up("bodice-back", "back-armhole", "notch-back-2")).toBeCloseTo(3.375, 6);
    expect(notch(long, "sleeve", "notch-front").half).toBe("front");
    expect(notch(long, "bodice-front", "notch-front").half).toBeUndefined();
  });
  it("lets a hand of 8¼ through its wrist of 8¾", () => expect(checkOf(long, "hand-does-not-pass")).toBeUndefined());
  it("both sleeves from cloth in four: two pieces on the fold, folded again, the front notch in the upper two layers", () => {
    expect(pieceOf(long, "sleeve").cut).toEqual({ copies: 2, on: "fold", mirrored: false });
    expect(long.groups.find(({ id }) => id === "sleeve")).toMatchObject({ fold: "four-layers", layers: 4 });
    const said = (id: string) => long.steps.find((step) => step.id === id)?.text;
    expect(said("fold-again-sleeve")).toMatch(/all four layers/);
    expect(said("notch-notch-front-sleeve")).toMatch(
      /3 in up from the underarm, on the front half alone, the upper two layers/,
    );
    expect(said("name-sleeve")).toContain("F and B on its halves");
    expect(said("notch-notch-back-sleeve")).toMatch(/on the back half alone, the lower two layers/);
  });
  it("a told half width of 7⅜ gives a cap of 5 37/64: 5⅝ on the tape, 5½ where that is nearer", () => {
    const told = sleeve({ sleeve: "long", sleeveWidth: 7.375 });
    expect(markOn(told, "sleeve", "biceps/side")[0]).toBe(7.375);
    expect(Math.abs(markOn(told, "sleeve", "biceps/side")[1] - (5 + 37 / 64))).toBeLessThanOrEqual(1 / 16);
  });
});

describe("other kinds for the same armhole", () => {
  it("jacket: 9 9/16 laid level with a cap of 7; the arm's caution, and the cap of 6⅞ that passes", () => {
    const jacket = sleeve({ sleeve: "jacket" }, { rules: { tick: "none" } });
    expect(markOn(jacket, "sleeve", "biceps/level")).toEqual([9.5625, 7]);
    const [x, y] = markOn(jacket, "sleeve", "biceps/side");
    expect(Math.hypot(x - 7.226, y - 5.959)).toBeLessThan(0.02);
    expect(capOf(jacket)).toBeCloseTo(9.5625, 6);
    expect(markOn(jacket, "sleeve", "hem/side")[0]).toBe(3.875);
    expect(pieceOf(jacket, "sleeve").marks.find(({ id }) => id === "hem/side")?.cut).toBe(5.875);
    expect(pieceOf(jacket, "sleeve").marks.find(({ id }) => id === "elbow/side")?.cut).toBe(8.375);
    expect(checkOf(jacket, "sleeve-narrow")?.remedy).toContain("6⅞");
    expect(checkOf(jacket, "underarm-left-over")?.text).toMatch(/2 5⁄16 in of the level line.*2⅝ in along/);
  });
  it("full: 8¼ wide on a cap of 3½, 10¼ at the hem, 26 long; elastic for the wrist", () => {
    const full = sleeve({ sleeve: "gathered" });
    expect(markOn(full, "sleeve", "biceps/side")).toEqual([8.25, 3.5]);
    expect(markOn(full, "sleeve", "hem/side")).toEqual([10.25, 26]);
    expect(Math.abs(capOf(full) - (9 + 11 / 64))).toBeLessThan(1 / 64);
    expect(edgeOf(full, "sleeve", "hem").allowance).toBe(1.5);
  });
  it("full by habit, as wide as the chest line is deep: too short or too long for the armhole, with its cure", () => {
    const depth = sleeve({ sleeve: "gathered", fullWidth: "depth" });
    expect(checkOf(depth, "cap-ease")).toMatchObject({ level: "error" });
    expect(checkOf(depth, "cap-ease")?.remedy).toContain("Leave the sleeve's width to the armhole");
  });
  it("gathered at the cap: half the armhole and 3, gathered between the notches", () => {
    const full = sleeve({ sleeve: "gathered", capGathered: true });
    expect(markOn(full, "sleeve", "biceps/side")[0]).toBe(12.125);
    expect(checkOf(full, "gather-ratio")?.text).toMatch(/between the notches only/);
    expect(checkOf(full, "cap-ease")).toBeUndefined();
  });
  it("puff of 9: ratio 1.7 between the notches, half hem 17⅜, elastic cut 12¾", () => {
    const puff = sleeve({ sleeve: "puff" });
    expect(checkOf(puff, "gather-ratio")?.text).toMatch(/, 1\.7\d times/);
    expect(checkOf(puff, "sleeve-elastic")?.text).toContain("12¾ in long");
    expect(Math.abs(edgeOf(puff, "sleeve", "hem").length - 17.375)).toBeLessThan(0.4);
    expect(pieceOf(puff, "sleeve").sectors?.map(({ n }) => n)).toEqual([1, 2, 3, 4, 5]);
  });
  it("a puff that is hardly opened at the top is told to be none", () => {
    const flat = sleeve({ sleeve: "puff", puffSpreads: "0; 2; 0; 2; 0; 2; 0; 2; 0; 2" });
    expect(checkOf(flat, "cap-ratio")?.text).toMatch(/hardly longer/);
  });
  it("shirt: 8⅛ wide on a cap of 3¾, ease ¼; cuff 9¼, hem 12½, 20½ long", () => {
    const shirt = sleeve({ sleeve: "shirt" });
    expect(markOn(shirt, "sleeve", "biceps/side")).toEqual([8.125, 3.75]);
    expect(markOn(shirt, "sleeve", "hem/side")).toEqual([6.25, 20.5]);
    expect(2 * capOf(shirt) - 18.125).toBeCloseTo(0.25, 1);
    expect(seam(shirt, "cuff")).toMatchObject({ lengthA: 12.5, lengthB: 9.25, meets: true });
  });
  it("its slit 3⅛ from the fold and 4 up, its pleat lines 1⅛ before the fold and 1⅞ beyond it", () => {
    const shirt = sleeve({ sleeve: "shirt" });
    const mark = (id: string) => pieceOf(shirt, "sleeve").marks.find((one) => one.id === id);
    expect(mark("hem/slit")).toMatchObject({ half: "back", at: { stitch: [3.125, 20.5] } });
    expect(mark("slit/top")).toMatchObject({ half: "back", at: { stitch: [3.125, 16.5] } });
    expect(mark("hem/pleat-1")).toMatchObject({ half: "back", at: { stitch: [1.125, 20.5] } });
    expect(mark("hem/pleat-2")).toMatchObject({ half: "front", at: { stitch: [1.875, 20.5] } });
    const slit = shirt.steps.find(({ id }) => id.startsWith("slit-"))?.text;
    expect(slit).toMatch(/right sides together.*3⅛ in from the fold.*4 in up/);
  });
  it("cuff cut 10¼ by 6, strip 5½ by 2½, two of each", () => {
    const shirt = sleeve({ sleeve: "shirt" });
    expect(pieceOf(shirt, "cuff")).toMatchObject({ strip: { length: 10.25, depth: 6 }, cut: { copies: 2 } });
    expect(pieceOf(shirt, "placket")).toMatchObject({ strip: { length: 5.5, depth: 2.5 }, cut: { copies: 2 } });
  });
  it("a strip 3 wide stands 1 beyond its seam: the hem is the cuff and 2¾", () => {
    const wide = sleeve({ sleeve: "shirt", placketStrip: 3 });
    expect(seam(wide, "cuff").lengthA).toBe(9.25 + 2.75);
  });
  it("tie band: 2 and its seams deep, the round and twice 11½ long, the slit on the fold", () => {
    const tied = sleeve({ sleeve: "tie-band" });
    expect(pieceOf(tied, "tie").strip).toMatchObject({ length: 14.75 + 23 + 1, depth: 3 });
    expect(seam(tied, "tie-band")).toMatchObject({ meets: true, ease: expect.closeTo(0, 6) });
    expect(markOn(tied, "sleeve", "hem/side")[1]).toBe(9);
    expect(tied.steps.find(({ id }) => id.startsWith("slit-"))?.text).toMatch(
      /On the fold of each sleeve, slit it 2 in up/,
    );
  });
  it("flounce: the ring's hole is as round as the sleeve where it is cut, its depth what was cut off", () => {
    const flounced = sleeve({ sleeve: "flounce" });
    const [inner, outer] = ["inner", "outer"].map((id) => edgeOf(flounced, "flounce", id).arc?.radius ?? 0);
    expect(pieceOf(flounced, "flounce").cut).toMatchObject({ copies: 2, on: "quarter" });
    expect(Math.abs(2 * Math.PI * (inner ?? 0) - 2 * edgeOf(flounced, "sleeve", "hem").length)).toBeLessThan(0.1);
    expect((outer ?? 0) - (inner ?? 0)).toBeCloseTo(6, 6);
    expect(markOn(flounced, "sleeve", "hem/side")[1]).toBe(17);
    // A ring round a sleeve is closed: nothing is cut open.
    expect(flounced.steps.some(({ act, piece }) => act === "cut-radius" && piece === "flounce")).toBe(false);
  });
  it("petals: each half the overlap beyond the shoulder notch; overlap and ease count once", () => {
    const petals = sleeve({ sleeve: "petal" });
    const [front, back] = ["sleeve-front", "sleeve-back"].map((id) => edgeOf(petals, id, "cap").length);
    expect((front ?? 0) + (back ?? 0) - 5 - 18.125).toBeCloseTo(1.05, 1);
    expect((front ?? 0) - (back ?? 0)).toBeCloseTo(2 * (3 / 16), 6);
    expect(notch(petals, "sleeve-front", "notch").at).toBe(2.5);
    expect(notch(petals, "sleeve-back", "notch").at).toBe(2.5);
    expect(pieceOf(petals, "sleeve-front").cut).toMatchObject({ on: "pair", copies: 2, mirrored: true });
  });
  it("petals in one piece have no underarm seam and the same cap", () => {
    const [two, one] = [{}, { petalJoined: true }].map((more) => sleeve({ sleeve: "petal", ...more }));
    if (two === undefined || one === undefined) throw new Error("not drawn");
    expect(one.seams.some(({ id }) => id === "underarm")).toBe(false);
    expect(seam(one, "cap").lengthA).toBeCloseTo(seam(two, "cap").lengthA, 6);
    expect(one.pieces.filter(({ part }) => part === "sleeve").map(({ id }) => id)).toEqual(["sleeve"]);
  });
  it("cone: the cap unchanged, the hem ten times 1½ wider, the side as long as it was", () => {
    const [long, cone] = [sleeve({ sleeve: "long" }), sleeve({ sleeve: "cone" })];
    expect(Math.abs(capOf(cone) - capOf(long))).toBeLessThan(1 / 32);
    expect(Math.abs(2 * edgeOf(cone, "sleeve", "hem").length - 8.75 - 15)).toBeLessThan(1 / 2);
    expect(edgeOf(cone, "sleeve", "side").length).toBeCloseTo(edgeOf(long, "sleeve", "side").length, 4);
  });
  it("a cuff turned back is as long at its lower edge as the sleeve is wide, four pieces on the fold", () => {
    const cuffed = sleeve({ sleeve: "three-quarter", sleeveCuff: "turn-back" });
    expect(seam(cuffed, "cuff")).toMatchObject({ meets: true, ease: expect.closeTo(0, 6) });
    expect(pieceOf(cuffed, "cuff").cut).toMatchObject({ on: "fold", copies: 4 });
    expect(cuffed.steps.find(({ id }) => id === "cut-again-cuff")?.text).toContain("cut 2 times");
  });
});

describe("the armhole that is really there", () => {
  it("a bare armhole measured on the garment, 19 round, is split as it was drawn; both are kept", () => {
    const drawn = sleeve({ sleeve: "long" }, { measuredOnGarment: {} });
    const round = seam(drawn, "cap").lengthB;
    const late = sleeve({ sleeve: "long" }, { measuredOnGarment: { armhole: round + 0.75 } });
    expect(2 * capOf(late) - 2 * capOf(drawn)).toBeCloseTo(0.75, 0);
    expect(late.checks.filter(({ id }) => id === "late-differs").map(({ text }) => text.slice(0, 34))).toEqual([
      "The front half of the armhole was ",
      "The back half of the armhole was d",
    ]);
    expect(seam(late, "cap").meets).toBe(true);
  });
  it("redraws the sleeve alone: every mark of the body stays where it was", () => {
    const [drawn, late] = [{}, ARMHOLE].map((measuredOnGarment) => sleeve({ sleeve: "long" }, { measuredOnGarment }));
    expect(late?.pieces.find(({ id }) => id === "bodice-front")?.marks).toEqual(
      drawn?.pieces.find(({ id }) => id === "bodice-front")?.marks,
    );
  });
  it("`armholeSource: drawn` sews to the chalk, whatever was measured", () => {
    const rules = { armholeSource: "drawn" };
    const [drawn, late] = [{}, ARMHOLE].map((measuredOnGarment) =>
      sleeve({ sleeve: "long" }, { measuredOnGarment, rules }),
    );
    expect(capOf(late as Sheet)).toBe(capOf(drawn as Sheet));
  });
  it("on a panelled front the notch lies 3 up across the panel's seam", () => {
    const panelled = workedSheet("armhole-bustier", { choices: { sleeve: "long" }, card: { ...ARM, armhole: 15.5 } });
    const row = panelled.pieces.filter(({ half, part }) => half === "front" && part === "body");
    const on = row.find(({ notches }) => notches.some(({ id }) => id === "notch-front"));
    expect(on).toBeDefined();
    expect(seam(panelled, "cap").meets).toBe(true);
  });
});

describe("a cap far wider than the sleeve's end", () => {
  it("with an inch to narrow in is refused; as long as is offered, it leans two for one at most", () => {
    const deep = { rules: { armholeDepth: 14 }, choices: { sleeve: "tie-band" } };
    const refused = makeSheet(workedOrder("shift-dress", deep));
    if (refused.kind !== "refused") throw new Error(refused.kind);
    expect(refused.refused[0]?.message).toContain("underarm would lie nearly level");
    const change = refused.refused[0]?.change;
    if (change === undefined || !("value" in change)) throw new Error("nothing is offered");
    const sheet = workedSheet("shift-dress", {
      ...deep,
      choices: { ...deep.choices, sleeveEnd: Number(change.value) },
    });
    const [[wide, high], [narrow, low]] = ["biceps/side", "hem/side"].map((id) => markOn(sheet, "sleeve", id)) as [
      readonly [number, number],
      readonly [number, number],
    ];
    expect((wide - narrow) / (low - high)).toBeLessThan(2.01);
    expect((wide - narrow) / (low - high)).toBeGreaterThan(1);
  });
});

describe("a cap sleeve: over the shoulder alone", () => {
  const own = (choices: object = {}) => workedSheet("straight-dress", { choices: { sleeve: "cap", ...choices } });
  it("is two pieces on the fold with no underarm seam, 3½ down its fold", () => {
    const piece = pieceOf(own(), "sleeve");
    expect(piece.cut).toMatchObject({ copies: 2, on: "fold" });
    expect(piece.edges.map(({ id }) => id)).toEqual(["cap", "hem", "centre"]);
    expect(edgeOf(own(), "sleeve", "centre").length).toBeCloseTo(3.5, 9);
    expect(edgeOf(own({ sleeveEnd: 5 }), "sleeve", "centre").length).toBeCloseTo(5, 9);
  });
  it.each([4, 3, 5.5])("ends %d above the underarm, in front and behind, where the body is notched for it", (ends) => {
    const sheet = own({ capSleeveEnds: ends });
    for (const side of ["front", "back"]) {
      const round = edgeOf(sheet, `bodice-${side}`, `${side}-armhole`).length;
      expect(round - notch(sheet, `bodice-${side}`, "sleeve-end").at).toBeCloseTo(ends, 6);
    }
    expect(checkOf(sheet, "cap-sleeve-under")?.text).toContain("the armhole is bare");
  });
  it("what it leaves bare of the armhole it leaves of the cap, so that the ease stays what it is", () => {
    const [whole, cap] = [workedSheet("straight-dress", { choices: { sleeve: "short" } }), own()];
    expect(seam(cap, "cap").meets).toBe(true);
    expect(seam(cap, "cap").ease + 8).toBeCloseTo(seam(whole, "cap").ease, 6);
  });
  it("is level where it reaches its fold, so that no point stands over the arm", () => {
    const { path } = edgeOf(own(), "sleeve", "hem");
    const numbers = path.match(/-?[\d.]+/g)?.map(Number) ?? [];
    // Its last handle lies as low as its end on the fold.
    expect(numbers.at(-3)).toBeCloseTo(numbers.at(-1) ?? Number.NaN, 6);
  });
});

describe("the front of a tailored cap", () => {
  const jacket = (choices: object = {}) => workedSheet("straight-dress", { choices: { sleeve: "jacket", ...choices } });
  const hollow = (sheet: Sheet) => {
    const [on, further] = ["cap/sunk", "cap/scooped"].map((id) => markOn(sheet, "sleeve", id));
    return Math.hypot((on?.[0] ?? 0) - (further?.[0] ?? 0), (on?.[1] ?? 0) - (further?.[1] ?? 0));
  };
  it.each([
    [{}, 0.25, "¼ in"],
    [{ capFrontScoop: 0.5 }, 0.5, "½ in"],
  ])("sinks further at its third quarter, on the front halves alone: %j", (choices, by, told) => {
    const sheet = jacket(choices);
    expect(hollow(sheet)).toBeCloseTo(by, 6);
    expect(pieceOf(sheet, "sleeve").marks.find(({ id }) => id === "cap/scooped")?.half).toBe("front");
    const step = sheet.steps.find(({ act }) => act === "hollow-front");
    expect(step?.text).toContain(told);
    // After the shears have gone round all four layers, and the halves lie apart.
    const cut = sheet.steps.findLastIndex(({ act, group }) => act === "cut" && group === step?.group);
    expect(sheet.steps.findIndex(({ act }) => act === "hollow-front")).toBeGreaterThan(cut);
    expect(cut).toBeGreaterThan(0);
  });
  it("is close at the wrist, and says that it opens there; another sleeve lets the hand through without", () => {
    expect(checkOf(jacket(), "wrist-vent")).toMatchObject({ level: "note" });
    expect(checkOf(jacket(), "hand-does-not-pass")).toBeUndefined();
    const long = workedSheet("straight-dress", { choices: { sleeve: "long" } });
    for (const id of ["wrist-vent", "hand-does-not-pass"]) expect(checkOf(long, id)).toBeUndefined();
  });
  it("is left alone where it is told none, and on every sleeve that is not tailored", () => {
    for (const sheet of [jacket({ capFrontScoop: 0 }), workedSheet("straight-dress", { choices: { sleeve: "long" } })])
      expect(sheet.steps.some(({ act }) => act === "hollow-front")).toBe(false);
  });
});

describe("the sleeve that a garment has of its own", () => {
  const of = (id: string) => {
    const garment = findGarment(id);
    if (garment === undefined) throw new Error(id);
    return garment;
  };
  it.each([
    ["shift-dress", "tie-band"],
    ["shirt", "shirt"],
    ["pocket-shirt", "shirt"],
    ["shirt-dress", "gathered"],
    ["lapel-dress", "jacket"],
  ])("%s comes with its %s, said in the order from its start", (id, kind) => {
    expect(startChoices(of(id)).sleeve).toBe(kind);
    expect(workedSheet(id).resolved.choices.sleeve).toBe(kind);
  });
  it("an order that was kept before there were sleeves stays without, and one that says its sleeve keeps it", () => {
    expect(keptChoices(of("shirt"), { frontNeck: "v" })).toMatchObject({ frontNeck: "v", sleeve: "none" });
    expect(keptChoices(of("shirt"), { sleeve: "puff" }).sleeve).toBe("puff");
    // Nothing is said where the garment has none of its own, or is not known any more.
    expect(keptChoices(of("straight-dress"), { frontNeck: "v" })).toEqual({ frontNeck: "v" });
    expect(keptChoices(undefined, { frontNeck: "v" })).toEqual({ frontNeck: "v" });
  });
  it.each([
    ["faced", "none"],
    ["bound", "none"],
    ["sleeve", "shirt"],
  ])("an armhole that is told %s, and no sleeve: %s", (armholeFinish, kind) => {
    expect(workedSheet("shirt", { choices: { armholeFinish } }).resolved.choices.sleeve).toBe(kind);
  });
});

describe.each(sleeveKinds)("every sleeve beside a body: %s", (kind) => {
  it("the body's marks stay as they are without one", () => {
    const [bare, sleeved] = ["none", kind].map((one) => workedSheet("straight-dress", { choices: { sleeve: one } }));
    for (const id of ["bodice-front", "bodice-back"])
      expect(pieceOf(sleeved as Sheet, id).marks).toEqual(pieceOf(bare as Sheet, id).marks);
  });
  it("is counted, named and cut twice, and every seam of it meets", () => {
    const sheet = workedSheet("straight-dress", { choices: { sleeve: kind } });
    const counted = sheet.steps
      .find(({ phase }) => phase === "count")
      ?.counted?.filter(({ piece }) => piece.startsWith("sleeve"));
    expect(counted?.every(({ copies }) => copies === 2)).toBe(true);
    expect(sheet.seams.filter(({ meets }) => !meets)).toEqual([]);
    expect(sheet.checks.filter(({ level }) => level === "error")).toEqual([]);
  });
});

describe("a way out that was tried", () => {
  type Check = NonNullable<ReturnType<typeof checkOf>>;
  /** The sheet once the change that a check offers was taken. */
  function taken(choices: object, rules: object, { change }: Check): Sheet {
    if (change === undefined) throw new Error("nothing offered");
    const [place, ...id] = change.path.split(".");
    const value = typeof change.value === "number" ? `${change.value} in` : change.value;
    const more = { [id.join(".")]: value };
    return place === "rules"
      ? sleeve(choices, { rules: { ...rules, ...more } })
      : sleeve({ ...choices, ...more }, { rules });
  }
  const cases: readonly (readonly [string, string, object, object])[] = [
    ["a jacket too narrow for its arm", "sleeve-narrow", { sleeve: "jacket" }, { tick: "none" }],
    ["a high cap by the house's rule", "sleeve-narrow", { sleeve: "long" }, { capHeight: 6.5 }],
    ["a width that was told", "sleeve-told-narrow", { sleeve: "long", sleeveWidth: 6 }, {}],
    ["a full sleeve by habit", "cap-ease", { sleeve: "gathered", fullWidth: "depth" }, {}],
    ["width and cap both told", "cap-ease", { sleeve: "long", sleeveWidth: 9 }, { capHeight: 5 }],
  ];
  it.each(cases)("%s (%s): the change that it offers mends it, and breaks nothing else", (_, id, choices, rules) => {
    const before = sleeve(choices, { rules });
    const check = checkOf(before, id);
    if (check === undefined) throw new Error(`no ${id} among ${before.checks.map((one) => one.id).join(", ")}`);
    const after = taken(choices, rules, check);
    expect(checkOf(after, id)).toBeUndefined();
    expect(after.checks.filter(({ level }) => level === "error")).toEqual([]);
    expect(checkOf(after, "cap-ease")).toBeUndefined();
  });
});

describe("a house's own numbers", () => {
  const cap = (rules: object, choices: object = { sleeve: "long" }) => {
    const sheet = sleeve(choices, { rules });
    return { sheet, width: markOn(sheet, "sleeve", "biceps/side")[0], cap: markOn(sheet, "sleeve", "biceps/side")[1] };
  };
  it("a cap height of its own makes the sleeve narrower, its ease the same", () => {
    const high = cap({ capHeight: 6 });
    expect(high.cap).toBe(6);
    expect(high.width).toBeLessThan(7.75);
    expect(Math.abs(2 * capOf(high.sheet) - 18.125 - 1)).toBeLessThan(0.25);
  });
  it("`halfArmhole: level` lays any sleeve level", () =>
    expect(pieceOf(cap({ halfArmhole: "level" }).sheet, "sleeve").marks.some(({ id }) => id === "biceps/level")).toBe(
      true,
    ));
  it("½ more ease in the cap lengthens it by that", () =>
    expect(2 * capOf(cap({ capEase: 1.5 }).sheet) - 2 * capOf(cap({}).sheet)).toBeCloseTo(0.5, 0));
  it("more room round the arm lowers the cap where the arm limits it", () =>
    expect(cap({ sleeveRoom: 4 }).cap).toBeLessThan(cap({}).cap));
  it("notches 2½ up, elastic 2 shorter, an S of ⅝, a placket's seam of ¼", () => {
    const up = (sheet: Sheet) => capOf(sheet) - notch(sheet, "sleeve", "notch-front").at;
    expect(up(cap({ sleeveNotch: 2.5 }).sheet)).toBeCloseTo(2.5, 6);
    const elastic = sleeve({ sleeve: "gathered" }, { rules: { elasticLess: 2 } });
    expect(checkOf(elastic, "sleeve-elastic")?.text).toContain("5¼ in long");
    const bowed = pieceOf(cap({ capBow: 0.625 }).sheet, "sleeve").marks.find(({ id }) => id === "cap/raised");
    expect(bowed?.reading).toBe(0.625);
    const placket = sleeve({ sleeve: "shirt" }, { rules: { "allowance.placket": 0.25 } });
    const deep = sleeve({ sleeve: "long" }, { rules: { "allowance.sleeveHem": 2.25, "allowance.hem": 1.25 } });
    const hems = ["sleeve", "bodice-front"].map((piece) => edgeOf(deep, piece, "hem").allowance);
    expect(hems).toEqual([2.25, 1.25]);
    // Of the strip 1 stands beyond its seam then.
    expect(seam(placket, "cuff").lengthA - 9.25).toBeCloseTo(3 + 0.25 + 0.25 - 1, 6);
  });
});
