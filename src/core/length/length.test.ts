import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatLength, parseLength, roundToStep, tickStep } from ".";

function inches(text: string, unit: "in" | "cm" = "in"): number | string {
  const result = parseLength(text, unit);
  return result.ok ? result.value.inches : (result.issues[0]?.code ?? "");
}

describe("reading a length as a tailor writes it", () => {
  it.each([
    ["38", 38],
    ["38.5", 38.5],
    ["38,5", 38.5],
    ["38 1/2", 38.5],
    ["38½", 38.5],
    ["38 ½", 38.5],
    ["38 4/8", 38.5],
    ["38-1/2", 38.5],
    ["1/8", 0.125],
    ["⅝", 0.625],
    ['41 1/2"', 41.5],
    ["41.5 in", 41.5],
    ["5' 4 1/2\"", 64.5],
    ["  38  1/2 ", 38.5],
    ["2 1/4 yd", 81],
    ["3 yards", 108],
    ["38-½", 38.5],
    ["38 in.", 38],
    ["38''", 38],
    ["38 1 / 2", 38.5],
    ["38 - 1/2", 38.5],
    ["9/8", 1.125],
    ["5 ft 4", 64],
  ])("reads %s as %d inches", (text, value) => expect(inches(text)).toBe(value));

  it.each([
    ["97 cm", 97],
    ["97,5cm", 97.5],
    ["97½ cm", 97.5],
    ["97.5CM", 97.5],
    ["2,5 m", 250],
    ["0,125 m", 12.5],
    ["960 mm", 96],
    ["965mm", 96.5],
  ])("reads %s as %d centimetres", (text, value) => expect(inches(text)).toBeCloseTo(value / 2.54, 12));

  it("takes the shop's unit when none is written", () => expect(inches("96", "cm")).toBeCloseTo(96 / 2.54, 12));

  it.each([
    ["", "empty"],
    ["-38", "negative"],
    ["− 4", "negative"],
    ["0", "zero"],
    ["0/8", "zero"],
    ["3/0", "divided-by-zero"],
    ["about 38", "not-a-length"],
    ["38 1/2 1/2", "not-a-length"],
    ["NaN", "not-a-length"],
    ["1e3", "not-a-length"],
    ["38 kg", "not-a-length"],
    ["<b>38</b>", "not-a-length"],
    ["38½0", "not-a-length"],
    ["½79", "not-a-length"],
    ["5' 10 cm", "feet-then-inches"],
    ["5' 3 yd", "feet-then-inches"],
    ["5'14", "feet-then-inches"],
    ["38 100/8", "more-than-whole"],
    ["38 8/8", "more-than-whole"],
    ["1,000", "thousands"],
  ])("refuses %j as %s", (text, code) => expect(inches(text)).toBe(code));
});

describe("saying a length", () => {
  it.each([
    [10.375, "10⅜"],
    [0.5, "½"],
    [12, "12"],
    [10.1875, "10 3⁄16"],
    [-0.25, "−¼"],
    [10.3749999, "10⅜"],
    [-0.001, "0"],
  ])("says %d as %s", (value, text) => expect(formatLength(value, "in")).toBe(text));

  it("says half centimetres", () => expect(formatLength(27.5 / 2.54, "cm")).toBe("27.5"));

  it("reads back every eighth it says", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 800 }), (eighths) => {
        expect(inches(formatLength(eighths / 8, "in"))).toBe(eighths / 8);
      }),
    );
  });
});

describe("rounding to the tape", () => {
  it("sends a quarter of 47⅜ (11.84375) to 11⅞ on a tape of eighths", () =>
    expect(roundToStep(47.375 / 4, tickStep("1/8"))).toBe(11.875));
  it("leaves a value alone without a tick", () => expect(roundToStep(11.84, tickStep("none"))).toBe(11.84));
  it("is never further off than half a tick", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 80, noNaN: true }),
        fc.constantFrom("1/8", "1/4", "0.5cm"),
        (value, tick) => {
          const step = tickStep(tick as "1/8");
          expect(Math.abs(roundToStep(value, step) - value)).toBeLessThanOrEqual(step / 2 + 1e-8);
        },
      ),
    );
  });
});
