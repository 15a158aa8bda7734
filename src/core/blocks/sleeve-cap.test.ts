import { describe, expect, it } from "vitest";
import { pathEnd, pathLength, placeAtLength } from "../geometry";
import { capLength, capOnTape, capPoints, drawCap, type SolvedCap, solveCap, solveHalf, walkLevelCap } from ".";
import { bowOf } from "./sleeve-cap";

const across = (slant: number, cap: number) => Math.sqrt(slant ** 2 - cap ** 2);

describe("the cap curve (craft: sleeves)", () => {
  it.each([
    [9.25, 4.75, 9.535],
    [8.75, 3.25, 8.936],
    [12.5, 7.25, 12.826],
  ])("on a slant of %d with a cap of %d half the curve is %d long", (slant, cap, long) => {
    expect(Math.abs(capLength(cap, across(slant, cap), 0.5) - long)).toBeLessThan(0.01);
  });
  it("bows ½ on slants of 7 to 11, s ÷ 14 below, s ÷ 22 above, and at most an eighth of its height", () => {
    expect([7, 9, 11].map((slant) => bowOf(slant, 9, 0.5))).toEqual([0.5, 0.5, 0.5]);
    expect(bowOf(6.3, 9, 0.5)).toBeCloseTo(6.3 / 14, 9);
    expect(bowOf(13, 9, 0.5)).toBeCloseTo(13 / 22, 9);
    expect(bowOf(9, 2, 0.5)).toBe(0.25);
    expect(bowOf(9, 9, 0.7)).toBe(0.7);
  });
  it("leaves the fold and reaches the underarm level, above its slant first and then below it", () => {
    const points = capPoints(5.125, 7.75, 0.5);
    const curve = drawCap(points);
    expect(placeAtLength(curve, 0).tangent.y).toBeCloseTo(0, 9);
    expect(placeAtLength(curve, pathLength(curve)).tangent.y).toBeCloseTo(0, 9);
    expect(points.raised.y).toBeLessThan((points.raised.x * 5.125) / 7.75);
    expect(points.sunk.y).toBeGreaterThan((points.sunk.x * 5.125) / 7.75);
    expect([points.raised.x, points.raised.y]).toEqual([expect.closeTo(2.213, 3), expect.closeTo(0.864, 3)]);
    expect([points.sunk.x, points.sunk.y]).toEqual([expect.closeTo(5.537, 3), expect.closeTo(4.261, 3)]);
  });
});

const LONG = { half: 19.125 / 2, arm: 14.75 / 2, cap: { share: 0.55 }, width: null, bow: 0.5 } as const;
const solved = (found: ReturnType<typeof solveCap>): SolvedCap => {
  if (typeof found === "string") throw new Error(found);
  return found;
};

describe("a cap solved for its armhole", () => {
  it("long, 19⅛ wanted: slant 9.267, cap 5.097, half width 7.740; on the tape 5⅛ and 7¾", () => {
    const found = solved(solveCap(LONG));
    expect(found.slant).toBeCloseTo(9.267, 2);
    expect(found.cap).toBeCloseTo(5.097, 2);
    expect(found.half).toBeCloseTo(7.74, 2);
    const told = capOnTape(found, LONG, 1 / 8, { least: 18.875 / 2, most: 19.375 / 2 });
    expect([told.cap, told.half]).toEqual([5.125, 7.75]);
  });
  it("is lower where the arm wants more of it: the shirt's, 3¾ high and 8⅛ wide", () => {
    const shirt = { ...LONG, half: 18.375 / 2, arm: 16.25 / 2, cap: { share: 0.44 } };
    const found = solved(solveCap(shirt));
    expect(found.slant).toBeCloseTo(8.946, 2);
    expect(found.cap).toBeCloseTo(3.743, 2);
    expect(found.half).toBeCloseTo(8.125, 6);
  });
  it("a told half width of 7⅜ gives a cap of 5 37/64", () =>
    expect(solved(solveCap({ ...LONG, width: 7.375 })).cap).toBeCloseTo(5 + 37 / 64, 1));
  it("one tick over where rounding would leave its ease out of the range", () => {
    const found = solved(solveCap(LONG));
    const narrow = { least: capLength(5, 8, 0.5) - 0.05, most: capLength(5, 8, 0.5) + 0.3 };
    const told = capOnTape(found, LONG, 1, narrow);
    expect(told.half).toBe(8);
    const wide = capOnTape(found, LONG, 1, { least: 0, most: capLength(5, 8, 0.5) - 0.01 });
    expect(wide.half).toBe(7);
  });
  it("says when the cap is too high for the armhole, and when none goes over the arm", () => {
    expect(solveCap({ ...LONG, cap: { height: 12, atMost: false } })).toBe("cap-too-high");
    expect(solveCap({ ...LONG, arm: 9.6 })).toBe("no-cap");
    expect(solveCap({ ...LONG, width: 9.6 })).toBe("no-cap");
    expect(solveHalf(12, LONG)).toBeNull();
  });
  it("twice the solved curve is the armhole and its ease, to a 64th, over many of them", () => {
    for (let half = 6; half < 14; half += 0.37)
      for (const share of [0.3, 0.44, 0.55, 0.7]) {
        const found = solveCap({ ...LONG, half, arm: half * 0.7, cap: { share } });
        if (typeof found === "string") continue;
        expect(Math.abs(capLength(found.cap, found.half, 0.5) - half)).toBeLessThan(1 / 64);
      }
  });
});

describe("half the armhole laid level (jacket)", () => {
  const level = walkLevelCap(7, 9.5625, 9.5625, 0.5);
  it("is walked back along its curve to the stitched underarm: 7.226 across and 5.959 down", () => {
    expect(pathLength(level.whole)).toBeCloseTo(12 + 11 / 64, 1);
    expect(level.underarm.x).toBeCloseTo(7.226, 1);
    expect(level.underarm.y).toBeCloseTo(5.959, 1);
    expect(pathLength(level.sewn)).toBeCloseTo(9.5625, 6);
    expect(pathEnd(level.sewn).x).toBeCloseTo(level.underarm.x, 6);
  });
  it("leaves 2 11/32 across and 2 39/64 along it, which is the side's allowance there", () => {
    expect(level.leftAcross).toBeCloseTo(2 + 11 / 32, 1);
    expect(level.leftAlong).toBeCloseTo(2 + 39 / 64, 1);
  });
});
