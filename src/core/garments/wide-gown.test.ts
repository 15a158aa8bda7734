import { describe, expect, it } from "vitest";
import { drawFlat, makeSheet } from "../formats";
import { edgeOf, markOn, pieceOf, type Worked, workedOrder, workedSheet } from "./worked-client.test-data";

/** Wide enough that no sleeve of a grown person is joined on. */
const BROAD = { cloth: { width: 80 } };
const gown = (worked: Worked = {}) => workedSheet("wide-gown", { ...BROAD, ...worked });
const idsOf = (sheet: ReturnType<typeof gown>) => sheet.checks.map(({ id }) => id);
const change = (worked: Worked) => {
  const outcome = makeSheet(workedOrder("wide-gown", { ...BROAD, ...worked }));
  return outcome.kind === "refused" ? outcome.refused[0] : undefined;
};

describe("a wide gown, its sleeves grown on (craft: sleeves, grown on)", () => {
  // By hand: neck 4½ out, tip 7¾ out and 1 down: 3.4004 along, so that 1 along is 0.95577 out and 0.29408 down.
  it("carries the shoulder on by 23: the sleeve ends 29.733 out and 7.764 down, 6½ ÷ 2 + 2 deep and square to it", () => {
    const sheet = gown();
    expect(markOn(sheet, "bodice-front", "sleeve/top")[0]).toBeCloseTo(7.75 + 23 * 0.95577, 3);
    expect(markOn(sheet, "bodice-front", "sleeve/top")[1]).toBeCloseTo(1 + 23 * 0.29408, 3);
    expect(edgeOf(sheet, "bodice-front", "sleeve-hem").length).toBeCloseTo(5.25, 9);
    expect(edgeOf(sheet, "bodice-front", "shoulder").length).toBeCloseTo(3.4004 + 23, 3);
    const [[a, b], [c, d]] = ["sleeve/top", "sleeve/end"].map((id) => markOn(sheet, "bodice-front", id)) as [
      readonly [number, number],
      readonly [number, number],
    ];
    expect((c - a) * 0.95577 + (d - b) * 0.29408).toBeCloseTo(0, 3);
  });
  it("has its underarm a quarter bust and 1½ out, on the chest line lowered by 2: 11½ out, 1 + 8¾ + 2 down", () => {
    const front = pieceOf(gown(), "bodice-front");
    expect(front.lines.find(({ id }) => id === "chest")?.down).toBe(11.75);
    expect(front.marks.find(({ id }) => id === "chest/side")?.reading).toBe(11.5);
    const lowered = pieceOf(gown({ choices: { grownDrop: 0.5 } }), "bodice-front");
    expect(lowered.lines.find(({ id }) => id === "chest")?.down).toBe(10.25);
  });
  it("widens by half the arm where the sleeve ends short of the wrist: 12 down it, past the elbow", () => {
    // Between the elbow's 10½ at 13⅜ (guessed, 0.58 of 23) and the upper arm's 12 at half of that: 10.81 at 12.
    const wide = 2 * (edgeOf(gown({ choices: { sleeveEnd: 12 } }), "bodice-front", "sleeve-hem").length - 2);
    expect(Math.abs(wide - (10.5 + (1.5 * (13.375 - 12)) / 6.6875))).toBeLessThan(1 / 16);
  });
  it("the corner under the arm is rounded, so that the seam turns nowhere at once", () => {
    const side = edgeOf(gown(), "bodice-front", "side").path;
    expect(side).toMatch(/A/);
    expect(edgeOf(gown(), "bodice-front", "side").length).toBeCloseTo(edgeOf(gown(), "bodice-back", "side").length, 9);
  });
  it("wears over the bust although nothing opens: a narrow waist is drawn as wide, and promises no girth of its own", () => {
    const narrow = gown({ card: { waist: 26 } });
    const waist = pieceOf(narrow, "bodice-front").marks.find(({ id }) => id === "waist/side");
    expect(waist?.reading).toBe(10);
    expect(narrow.girths.map(({ line }) => line)).not.toContain("waist");
    expect(gown().girths.map(({ line }) => line)).toContain("waist");
  });
  it("has no armhole, no seam that does not meet, and is cut on two folds", () => {
    const sheet = gown();
    expect(sheet.rounds.armhole).toBe(0);
    expect(sheet.seams.map(({ id, meets }) => [id, meets])).toEqual([
      ["shoulder", true],
      ["side", true],
    ]);
    expect(sheet.pieces.map(({ id, cut }) => [id, cut.on])).toEqual([
      ["bodice-front", "fold"],
      ["bodice-back", "fold"],
    ]);
  });
});

describe("on cloth that is too narrow for its sleeve", () => {
  const joined = gown({ cloth: { width: 60 } });
  it("is cut off square to its line and joined on, a pair for the front and one for the back", () => {
    expect(joined.pieces.map(({ id, cut }) => [id, cut.copies])).toEqual([
      ["bodice-front", 1],
      ["sleeve-front", 2],
      ["bodice-back", 1],
      ["sleeve-back", 2],
    ]);
    expect(joined.checks.find(({ id }) => id === "sleeve-joined-on")?.text).toContain("30¾ in from the fold");
    expect(joined.seams.every(({ meets }) => meets)).toBe(true);
  });
  it("its ends are read from the edge of their cloth, where the seam's allowance is cut", () => {
    const end = pieceOf(joined, "sleeve-front");
    expect(end.box.left).toBe(0);
    expect(end.marks.find(({ id }) => id === "join/low")?.reading).toBe(0.5);
    expect(end.marks.find(({ id }) => id === "sleeve/top")?.reading).toBeCloseTo(
      0.5 + edgeOf(joined, "sleeve-front", "shoulder").length,
      9,
    );
  });
  it("on the flat lies with its seam on the body's seam, and reaches as far as a sleeve in one", () => {
    const flat = drawFlat(joined).find(({ half }) => half === "front");
    const edge = (piece: string, id: string) =>
      flat?.pieces.find((one) => one.id === piece)?.edges.find((one) => one.id === id)?.points ?? [];
    const [body, end] = [edge("bodice-front", "sleeve-join"), [...edge("sleeve-front", "sleeve-join")].reverse()];
    expect(body.length).toBeGreaterThan(1);
    for (const at of [0, -1])
      expect(
        Math.hypot((body.at(at)?.x ?? 0) - (end.at(at)?.x ?? 9), (body.at(at)?.y ?? 0) - (end.at(at)?.y ?? 9)),
      ).toBeLessThan(1 / 64);
    const reach = Math.max(...edge("sleeve-front", "sleeve-hem").map(({ x }) => x));
    expect(reach).toBeCloseTo(markOn(gown(), "bodice-front", "sleeve/top")[0], 3);
  });
  it("is as long joined as it is in one, along the shoulder and under the arm", () => {
    const long = (sheet: ReturnType<typeof gown>, pieces: readonly (readonly [string, string])[]) =>
      pieces.reduce((sum, [piece, edge]) => sum + edgeOf(sheet, piece, edge).length, 0);
    for (const [edge, other] of [
      ["shoulder", "shoulder"],
      ["side", "under"],
    ] as const)
      expect(
        long(joined, [
          ["bodice-back", edge],
          ["sleeve-back", other],
        ]),
      ).toBeCloseTo(long(gown(), [["bodice-back", edge]]), 6);
  });
  it("is in one just where half the cloth holds the sleeve and its hem", () => {
    const pieces = (width: number) => gown({ cloth: { width } }).pieces.length;
    // 29.733 out, its hem of 1, and ½ kept from the selvedge on either side of that.
    expect([pieces(63), pieces(64)]).toEqual([4, 2]);
  });
});

describe("what is wrong with a wide gown is said at the choice", () => {
  it("a sleeve that ends hardly beyond the underarm: the nearest that works, which draws", () => {
    const refused = change({ choices: { sleeveEnd: 4 } });
    expect(refused?.message).toContain("beyond the shoulder tip");
    if (refused?.change === undefined || !("value" in refused.change)) throw new Error("nothing is offered");
    const nearest = Number(refused.change.value);
    expect(idsOf(gown({ choices: { sleeveEnd: nearest } }))).not.toContain("sleeve-joined-on");
    expect(change({ choices: { sleeveEnd: nearest - 0.25 } })?.code).toBe("sleeve-too-short");
  });
  it("an armhole dropped to the waist", () => {
    const refused = change({ choices: { grownDrop: 4 }, card: { armhole: 24 } });
    expect([refused?.code, refused?.change]).toEqual(["armhole-too-deep", { path: "choices.grownDrop", value: 2 }]);
  });
  it("an underarm that holds a stout arm too tight", () => {
    expect(idsOf(gown())).not.toContain("underarm-tight");
    expect(idsOf(gown({ card: { upperArm: 19 } }))).toContain("underarm-tight");
  });
});
