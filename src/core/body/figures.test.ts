import { describe, expect, it } from "vitest";
import {
  asksFor,
  estimateReading,
  type Figure,
  type FigureKind,
  findDoubts,
  guessMeant,
  isAbsurd,
  makeChildren,
  makeMen,
  measurementIds,
  measurementLabel,
  measurementTaken,
  type Readings,
  usualRange,
} from ".";

const codes = (readings: Readings, figure: Figure) => findDoubts(readings, {}, figure).map(({ code }) => code);

describe("a card of a man or a child", () => {
  it("calls the bust a chest, and asks nothing of a bust", () => {
    expect(measurementLabel("bust", "woman")).toBe("Bust girth");
    expect(measurementLabel("bust", "man")).toBe("Chest girth");
    expect(measurementTaken("frontWaist", "child")).toContain("over the chest");
    const unasked = measurementIds.filter((id) => !asksFor(id, "man"));
    expect(unasked).toEqual(["underbust", "bustSpan", "shoulderToBust", "shoulderToUnderbust"]);
  });
  it.each<[FigureKind, keyof Readings, readonly [number, number]]>([
    ["man", "neck", [13, 21]],
    ["child", "neck", [9, 14]],
    ["woman", "neck", [12, 19]],
    ["child", "height", [32, 66]],
    // Not in the child's table: from half the woman's lower end to her upper.
    ["child", "bustSpan", [2.75, 11]],
    ["man", "bustSpan", [5.5, 11]],
    ["child", "shoulderToKnee", [16, 50]],
  ])("a %s's %s is usual from … to …", (kind, id, range) => expect(usualRange(id, kind)).toEqual(range));

  it("believes a child's chest of 22, asks a woman's again, and takes 11 for no woman's at all", () => {
    expect(codes({ bust: 22 }, { kind: "child" })).toEqual([]);
    expect(codes({ bust: 22 }, { kind: "woman" })).toEqual(["outside-usual-range"]);
    expect(isAbsurd("bust", 11, "child")).toBe(false);
    expect(isAbsurd("bust", 11, "woman")).toBe(true);
    expect(guessMeant("bust", 245, "child")).toBe(24.5);
  });

  it.each<[string, Readings, Figure, string | null]>([
    ["a man's front an inch over his back", { frontWaist: 18.5, backWaist: 17.5 }, { kind: "man" }, null],
    ["… and more", { frontWaist: 18.75, backWaist: 17.5 }, { kind: "man" }, "front-far-over-back"],
    ["a man's back over his front", { frontWaist: 17, backWaist: 18 }, { kind: "man" }, null],
    ["a man's shoulder of over half his chest", { shoulder: 21, bust: 40 }, { kind: "man" }, null],
    ["… of over 0.56 of it", { shoulder: 22.5, bust: 40 }, { kind: "man" }, "shoulder-wide-for-bust"],
    ["a man's hip 7 under his waist", { hip: 38, waist: 45 }, { kind: "man" }, null],
    ["… 9 under it", { hip: 38, waist: 47 }, { kind: "man" }, "hip-far-under-waist"],
    ["a child's waist 3 over the chest", { waist: 27, bust: 24 }, { kind: "child" }, null],
    ["… 3½ over it", { waist: 27.5, bust: 24 }, { kind: "child" }, "waist-far-over-bust"],
    ["a child's armhole of 0.37 of the chest", { armhole: 8.9, bust: 24 }, { kind: "child" }, "armhole-odd-for-bust"],
    ["a chest of 30 at six", { bust: 30 }, { kind: "child", age: 6 }, "odd-for-age"],
    ["a chest of 28 at six", { bust: 28 }, { kind: "child", age: 6 }, null],
    ["a height of 53 at six", { height: 53 }, { kind: "child", age: 6 }, "odd-for-age"],
    ["the same with no age told", { height: 53 }, { kind: "child" }, null],
  ])("%s", (_, readings, figure, code) => expect(codes(readings, figure)).toEqual(code === null ? [] : [code]));

  it.each<[FigureKind, keyof Readings, Readings, number]>([
    ["man", "armhole", { bust: 40 }, 18],
    ["child", "armhole", { bust: 25 }, 11.5],
    ["man", "backWaist", { frontWaist: 17.5 }, 18],
    ["child", "backWaist", { frontWaist: 11.25 }, 11.25],
    ["man", "waistToHip", { frontWaist: 16 }, 8],
    ["man", "waistToHip", { frontWaist: 18 }, 8.5],
    ["man", "waistToHip", { frontWaist: 18.5 }, 9],
    ["child", "waistToHip", { frontWaist: 10 }, 4.2],
    ["child", "head", {}, 20.5],
    ["man", "waistToKnee", { waistToHip: 9 }, 25.2],
    ["child", "waistToKnee", { waistToHip: 5 }, 13.5],
    ["woman", "waistToKnee", { waistToHip: 9 }, 23.4],
  ])("a %s's %s from %o is estimated as %d", (kind, id, readings, value) =>
    expect(estimateReading(id, readings, kind)?.value).toBeCloseTo(value, 9),
  );

  it("makes up men and children whom nobody has to measure again (seed 5)", () => {
    const strange = [
      ...makeMen(5, 200).map((body) => codes(body, { kind: "man" })),
      ...makeChildren(5, 200).map(({ age, body }) => codes(body, { kind: "child", age })),
    ];
    expect(strange.filter((one) => one.length > 0)).toEqual([]);
    const women = makeChildren(5, 200).map(({ body }) => codes(body, { kind: "woman" }));
    expect(women.filter((one) => one.length > 5).length).toBeGreaterThan(150);
  });
});
