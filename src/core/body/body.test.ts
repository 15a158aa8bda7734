import { describe, expect, it } from "vitest";
import { estimateReading, findDoubts, guessMeant, isAbsurd, makeCrowd, measurements, type Readings } from ".";

const codes = (readings: Readings, before?: Readings) => findDoubts(readings, before).map((doubt) => doubt.code);

describe("estimates", () => {
  it.each([
    [38, 16.72],
    [42, 18.48],
    [44, 18.48],
    [50, 20],
  ])("guesses the armhole of a bust of %d as %d", (bust, armhole) =>
    expect(estimateReading("armhole", { bust })?.value).toBeCloseTo(armhole, 6),
  );
  it("takes the hip depth from shoulder to hip when that was typed", () =>
    expect(estimateReading("waistToHip", { shoulderToHip: 26, frontWaist: 17 })?.value).toBe(9));
  it.each([
    [15, 8],
    [16, 9],
    [17.5, 10],
  ])("gives a front half length of %d a hip depth of %d", (frontWaist, depth) =>
    expect(estimateReading("waistToHip", { frontWaist })?.value).toBe(depth),
  );
  it.each([
    [34.5, 15.5],
    [32, 15],
    [30, 14.5],
  ])("with an under-bust of %d under a bust of 38 gives a back half length of %d from 16½", (underbust, back) =>
    expect(estimateReading("backWaist", { frontWaist: 16.5, bust: 38, underbust })?.value).toBe(back),
  );
  it("never makes up a girth that shapes the garment", () =>
    expect(estimateReading("hip", { bust: 38, waist: 30 })).toBeUndefined());
});

describe("doubts", () => {
  it.each<[string, Readings, string]>([
    ["an under-bust as large as the bust", { bust: 38, underbust: 38 }, "underbust-not-below-bust"],
    ["a bust 11½ over the ribs", { bust: 44, underbust: 32.5 }, "bust-far-over-underbust"],
    ["a waist 9 over the bust", { bust: 40, waist: 49 }, "waist-far-over-bust"],
    ["a hip 5 under the waist", { waist: 40, hip: 35 }, "hip-far-under-waist"],
    ["bust points 11 apart on a bust of 38", { bust: 38, bustSpan: 11 }, "span-wide-for-bust"],
    ["bust points 5½ apart on a bust of 38", { bust: 38, bustSpan: 5.5 }, "span-narrow-for-bust"],
    ["shoulders of 20 on a bust of 38", { bust: 38, shoulder: 20 }, "shoulder-wide-for-bust"],
    ["an armhole of 13 on a bust of 40", { bust: 40, armhole: 13 }, "armhole-odd-for-bust"],
    ["an upper arm of 16 in an armhole of 16½", { armhole: 16.5, upperArm: 16 }, "upper-arm-close-to-armhole"],
    ["a wrist over the elbow", { wrist: 10, elbow: 9 }, "wrist-over-elbow"],
    ["a front shorter than the back", { frontWaist: 15, backWaist: 16 }, "front-shorter-than-back"],
    ["a bust point under the ribs", { shoulderToBust: 14, shoulderToUnderbust: 13 }, "bust-point-not-above-underbust"],
    ["a waist of 19", { waist: 19 }, "outside-usual-range"],
  ])("asks again for %s", (_, readings, code) => expect(codes(readings)).toContain(code));

  it("asks whether it is the right client when the waist changed by 2¼, not by 2", () => {
    expect(codes({ waist: 32.25 }, { waist: 30 })).toEqual(["changed-since-last-card"]);
    expect(codes({ waist: 32 }, { waist: 30 })).toEqual([]);
  });
  it("calls 415 absurd for a bust and guesses 41½; 97 typed for inches is guessed as centimetres", () => {
    expect(isAbsurd("bust", 415)).toBe(true);
    expect(guessMeant("bust", 415)).toBe(41.5);
    expect(isAbsurd("waist", 130)).toBe(true);
    expect(isAbsurd("bust", 26)).toBe(false);
  });
});

describe("the made-up crowd", () => {
  it("is the same for the same seed, lies on eighths and in the usual ranges (seed 7)", () => {
    expect(makeCrowd(7, 20)).toEqual(makeCrowd(7, 20));
    for (const body of makeCrowd(7, 300)) {
      for (const [id, value] of Object.entries(body)) {
        const [least, most] = measurements[id as keyof typeof measurements].range;
        expect(value * 8).toBe(Math.round(value * 8));
        expect(value >= least && value <= most).toBe(true);
      }
    }
  });
});
