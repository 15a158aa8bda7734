import { describe, expect, it } from "vitest";
import { areDrawnApart, areFarApart, isSided, measurementIds, sidesApart, splitSides } from ".";

describe("left and right in one field", () => {
  it.each([
    ["L 17 R 16 1/2", { left: "17", right: "16 1/2" }],
    ["r16½ l17", { left: "17", right: "16½" }],
    ["L: 42 cm, R: 41,5 cm", { left: "42 cm", right: "41,5 cm" }],
    ["  L 17; 17 1/4 R 18 ", { left: "17; 17 1/4", right: "18" }],
  ])("%s", (typed, sides) => expect(splitSides(typed)).toEqual(sides));
  it.each(["17", "17; 16 1/2", "L 17", "R 16", "17 R 16", "L R", "L 17 L 16", "42 cm", ""])(
    "“%s” is not both sides",
    (typed) => expect(splitSides(typed)).toBeNull(),
  );
  it("of an arm, a leg, or a length at one side: never of a girth of the body", () => {
    expect(measurementIds.filter(isSided)).toEqual(
      expect.arrayContaining(["armhole", "wrist", "sleeveLength", "waistToHip"]),
    );
    for (const id of ["bust", "waist", "hip", "neck", "shoulder", "fullLength", "bustSpan"] as const)
      expect(isSided(id)).toBe(false);
  });
});

describe("how far apart the sides are", () => {
  it("up to ¼ the larger is drawn for both, above it both, above 1½ both are doubted", () => {
    const by = (apart: number) => ({ left: 17, right: 17 - apart });
    expect([0, 0.25, 0.26, 1.5].map((apart) => areDrawnApart(by(apart), false))).toEqual([false, false, true, true]);
    expect([1.5, 1.51].map((apart) => areFarApart(by(apart), false))).toEqual([false, true]);
    // 6 mm, and 4 cm.
    const cm = (apart: number) => ({ left: 17 - apart / 2.54, right: 17 });
    expect([0.6, 0.7].map((apart) => areDrawnApart(cm(apart), true))).toEqual([false, true]);
    expect([4, 4.1].map((apart) => areFarApart(cm(apart), true))).toEqual([false, true]);
  });
  it("chalked is the outline with more cloth: the longer sleeve, and the armhole that is cut less deep", () => {
    const apart = sidesApart(
      { sleeveLength: { left: 22, right: 23 }, armhole: { left: 18, right: 17 }, wrist: { left: 7, right: 7.2 } },
      false,
    );
    expect(apart).toEqual({
      left: { sleeveLength: 22, armhole: 18 },
      right: { sleeveLength: 23, armhole: 17 },
      chalked: { sleeveLength: 23, armhole: 17 },
    });
    expect(sidesApart({ wrist: { left: 7, right: 7.2 } }, false)).toBeNull();
  });
});
