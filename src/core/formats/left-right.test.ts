import { describe, expect, it } from "vitest";
import { workedOrder, workedSheet } from "../garments/worked-client.test-data";
import { type CutSheet, lightsOf, makeSheet, type Order, tableScreens } from ".";

type Note = NonNullable<Order["figureNotes"]>[number];
const note = (amount: number, side?: Note["side"], more: Partial<Note> = {}): Note => ({
  piece: "bodice-front",
  line: "hip",
  amount,
  why: "one hip fuller",
  ...(side === undefined ? {} : { side }),
  ...more,
});
const with_ = (notes: readonly Note[], garment = "straight-dress"): CutSheet =>
  workedSheet(garment, { figureNotes: notes });
const pieceOf = (sheet: CutSheet, id: string) => sheet.pieces.find((piece) => piece.id === id);
const trims = (sheet: CutSheet, piece = "bodice-front") =>
  sheet.steps.filter((step) => step.act === "trim" && step.piece === piece);
const drawnHip = (sheet: CutSheet) => sheet.girths.find(({ line }) => line === "hip")?.drawn ?? 0;

describe("one side of the wearer fuller than the other", () => {
  const left = with_([note(0.75, "left")]);
  const both = with_([note(0.75)]);
  const none = with_([]);

  it("the larger outline is chalked: as if both sides had it", () => {
    expect(pieceOf(left, "bodice-front")?.outline).toEqual(pieceOf(both, "bodice-front")?.outline);
    expect(left.placements).toEqual(both.placements);
    // The back's side is trued to the front's, so it has a little to trim as well.
    const back = pieceOf(left, "bodice-back")?.sides ?? [];
    expect(back.map(({ side }) => side)).toEqual(["right"]);
    expect(Math.max(...back.flatMap(({ edges }) => edges.map(({ most }) => most)))).toBeLessThan(0.35);
  });
  it("the right half of the front alone is trimmed, by ¾ at its side, to the outline without it", () => {
    const sides = pieceOf(left, "bodice-front")?.sides ?? [];
    expect(sides.map(({ side, edges }) => [side, edges[0]?.edge])).toEqual([["right", "side"]]);
    expect(sides[0]?.edges[0]?.most).toBeGreaterThan(0.7);
    expect(sides[0]?.edges[0]?.most).toBeLessThan(0.8);
    const plain = pieceOf(none, "bodice-front")?.outline.cut ?? "";
    // Its dotted line runs through the corners of the smaller cutting outline.
    const [, x, y] = /M (\S+) (\S+)/.exec(sides[0]?.edges[0]?.cut ?? "") ?? [];
    expect(plain).toContain(`${x} ${y}`);
  });
  it("a stop of its own, after the last cut of its fold and before its notches, lights the line that is cut", () => {
    const [trim, ...rest] = trims(left);
    expect(rest).toEqual([]);
    expect(trim).toMatchObject({
      phase: "cut",
      piece: "bodice-front",
      group: "front",
      stopUntil: "separated",
      layers: 1,
    });
    const at = (id: string) => left.steps.findIndex((step) => step.id === id);
    const cuts = left.steps.filter(({ phase, group, act }) => phase === "cut" && group === "front" && act !== "trim");
    const notches = left.steps.filter(({ phase, group }) => phase === "notch" && group === "front");
    expect(at(trim?.id ?? "")).toBeGreaterThan(Math.max(...cuts.map(({ id }) => at(id))));
    expect(at(trim?.id ?? "")).toBeLessThan(Math.min(...notches.map(({ id }) => at(id))));
    expect(trim && [...lightsOf(left, trim).cuts][0]).toBe("bodice-front/side@right");
    // On the table it is a part of that fold's shears.
    const screen = tableScreens(left, "placements").find(({ steps }) => steps.some(({ id }) => id === trim?.id));
    expect(screen?.kind).toBe("cut");
  });
  it("the finished hip is a quarter of it more, half as much as on both", () => {
    expect(drawnHip(both) - drawnHip(none)).toBeCloseTo(1.5, 6);
    expect(drawnHip(left) - drawnHip(none)).toBeCloseTo(0.75, 6);
    expect(left.checks.filter(({ level }) => level === "error")).toEqual([]);
  });
  it("a front on the fold is opened: with its right side up the wearer's right lies at the left, a back's at the right", () => {
    expect(trims(left)[0]?.text).toMatch(
      /^Open it out.*the wearer's right lies at your left\. Trim that half of the front/,
    );
    const back = workedSheet("straight-dress", {
      choices: { opening: "none", neckWidth: 5, frontNeckDepth: 6 },
      figureNotes: [note(0.75, "left", { piece: "bodice-back" })],
    });
    expect(trims(back, "bodice-back")[0]?.text).toMatch(
      /the wearer's right lies at your right\. Trim that half of the back/,
    );
  });
  it("of a pair the upper layer of a back is the wearer's left, of a front the wearer's right, fold at your left", () => {
    const back = with_([note(0.75, "right", { piece: "bodice-back" })]);
    expect(pieceOf(back, "bodice-back")?.cut.on).toBe("pair");
    expect(trims(back, "bodice-back")[0]?.text).toMatch(
      /wearer's left is the upper layer with the fold at your left, the under one/,
    );
    const front = with_([note(0.75, "left")], "shirt");
    expect(pieceOf(front, "bodice-front")?.cut.on).toBe("pair");
    expect(trims(front)[0]?.text).toMatch(/wearer's right is the upper layer with the fold at your left/);
  });
  it("less than ¼ between the sides is kept and not drawn: both have the larger", () => {
    const little = with_([note(0.125, "left")]);
    expect(trims(little)).toEqual([]);
    expect(drawnHip(little) - drawnHip(none)).toBeCloseTo(2 * 0.125, 6);
    expect(trims(with_([note(0.5, "left"), note(0.375, "right")]))).toEqual([]);
    expect(trims(with_([note(0.5, "left"), note(0.25, "right")])).map(({ id }) => id)).toEqual([
      "trim-right-bodice-front",
    ]);
  });
  it("a smaller side is trimmed as much: what is taken in on the right is not on the left", () => {
    const slim = with_([note(-0.5, "right")]);
    expect(pieceOf(slim, "bodice-front")?.outline).toEqual(pieceOf(none, "bodice-front")?.outline);
    expect(trims(slim).map(({ id }) => id)).toEqual(["trim-right-bodice-front"]);
    expect(drawnHip(slim) - drawnHip(none)).toBeCloseTo(-0.5, 6);
  });
  it("each line has its own larger side", () => {
    const crossed = with_([note(0.5, "left"), note(0.5, "right", { line: "chest" })]);
    expect(pieceOf(crossed, "bodice-front")?.sides?.map(({ side }) => side)).toEqual(["left", "right"]);
    expect(trims(crossed)).toHaveLength(2);
  });
  it("a figure alike on both sides is drawn as it ever was", () => {
    expect(with_([note(0.75, "both")]).pieces).toEqual(both.pieces);
    expect(makeSheet(workedOrder("straight-dress", { figureNotes: [note(0.75, "both")] })).kind).toBe("sheet");
  });
});

describe("readings of both sides", () => {
  const told = (garment: string, readings: object, choices: object = {}) => {
    const worked = workedOrder(garment, { choices });
    const measurements = { ...worked.client.card.measurements, ...readings };
    return makeSheet({ ...worked, client: { card: { measurements } } });
  };
  const sheetOf = (...asked: Parameters<typeof told>): CutSheet => {
    const outcome = told(...asked);
    if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
    return outcome.sheet;
  };
  const said = (sheet: CutSheet, id: string) => sheet.checks.filter((one) => one.id === id).map(({ text }) => text);

  it("a right arm 1 longer: the longer sleeve is chalked, the left one is trimmed at its hem by 1", () => {
    const sheet = sheetOf("shirt", { sleeveLength: "L 23 R 24" });
    const plain = sheetOf("shirt", { sleeveLength: 24 });
    expect(pieceOf(sheet, "sleeve")?.outline).toEqual(pieceOf(plain, "sleeve")?.outline);
    const [side, ...rest] = pieceOf(sheet, "sleeve")?.sides ?? [];
    expect(rest).toEqual([]);
    expect(side?.side).toBe("left");
    expect(side?.edges.find(({ edge }) => edge === "hem")?.most).toBeCloseTo(1, 2);
    const [step] = trims(sheet, "sleeve");
    expect(step?.text).toContain("this one is the wearer's left");
    expect(step?.caution).toContain("the other one stays");
    expect(trims(sheet)).toEqual([]);
  });
  it("told as an object in a file it is the same sheet", () => {
    const { order: _, ...typed } = sheetOf("shirt", { sleeveLength: "L 23 R 24" });
    const { order: __, ...object } = sheetOf("shirt", { sleeveLength: { left: 23, right: "24 in" } });
    expect(object).toEqual(typed);
  });
  it("a wrist 1 smaller: its cuff is a shorter strip, said with its side and its length", () => {
    const sheet = sheetOf("shirt", { wrist: "L 7 R 6" });
    expect(pieceOf(sheet, "cuff")?.strip?.length).toBe(pieceOf(sheetOf("shirt", { wrist: 7 }), "cuff")?.strip?.length);
    expect(said(sheet, "side-strip")).toEqual(["Cuff: the one for the wearer's right is 1 in shorter, 9½ in in all."]);
  });
  it("a larger right armhole is cut deeper on that side; the sleeve is chalked for the larger", () => {
    const sheet = sheetOf("straight-dress", { armhole: "L 17 R 18" }, { sleeve: "long" });
    const [small, large] = [17, 18].map((armhole) => sheetOf("straight-dress", { armhole }, { sleeve: "long" }));
    expect(pieceOf(sheet, "bodice-front")?.outline).toEqual(small && pieceOf(small, "bodice-front")?.outline);
    expect(pieceOf(sheet, "bodice-front")?.sides?.map(({ side }) => side)).toEqual(["right"]);
    const cap = (one: CutSheet | undefined) => one?.seams.find(({ id }) => id === "cap");
    expect(Math.abs((cap(sheet)?.lengthA ?? 0) - (cap(large)?.lengthA ?? 0))).toBeLessThan(1 / 4);
    expect((cap(sheet)?.lengthA ?? 0) - (cap(small)?.lengthA ?? 0)).toBeGreaterThan(0.5);
    expect(cap(sheet)?.meets).toBe(true);
    // Nobody measured the sewn armhole.
    expect(sheet.late).toBeUndefined();
    expect(sheet.checks.filter(({ id, level }) => level === "error" || id.startsWith("late"))).toEqual([]);
  });
  it("¼ apart the larger is drawn for both; 2 apart both are measured again", () => {
    const near = sheetOf("straight-dress", { armhole: "R 17 1/4 L 17" });
    expect(near.pieces.filter(({ sides }) => sides !== undefined)).toEqual([]);
    expect(near.pieces).toEqual(sheetOf("straight-dress", { armhole: 17.25 }).pieces);
    expect(said(near, "sides-far-apart")).toEqual([]);
    expect(said(sheetOf("straight-dress", { armhole: "L 16 R 18" }), "sides-far-apart")).toEqual([
      "Armhole girth: 16 in on the wearer's left and 18 in on the right, 2 in apart.",
    ]);
  });
  it.each([
    [{ bust: "L 20 R 21" }, "Bust girth is one number for both sides"],
    [{ wrist: "L 7 R big" }, "Wrist girth, the right one"],
    [{ wrist: { left: 7, right: 0 } }, "Wrist girth, the right one"],
    [{ wrist: "L 7 R 70" }, "Wrist girth, the right one"],
  ])("%j is said at its reading", (readings, text) => {
    const outcome = told("shirt", readings);
    expect(outcome.kind).toBe("errors");
    expect(JSON.stringify(outcome)).toContain(text);
  });
});
