import fc from "fast-check";
import { expect, it } from "vitest";
import { finestOn, fromCentimetres, readOnTape, type Tick } from ".";

it.each([
  [9.815, "1/8", 9.75, true],
  [9.875, "1/8", 9.875, false],
  [31 / 32, "1/8", 1, false],
  [5.308, "1/8", 5.25, true],
  [7.03, "1/8", 7, false],
  [9.79, "1/4", 9.75, false],
  [9.815, "1/4", 9.75, true],
  [9.9, "1/4", 9.75, true],
  [-0.375, "1/8", -0.375, false],
  [4.8541, "none", 4.875, false],
] as const)("%d with %s ticks is found at %d, a hair more: %s", (length, tick, at, hair) =>
  expect(readOnTape(length, tick)).toEqual({ at, hair }),
);
it("27.46 cm is found at 27.5 on a metric tape, which shows its millimetres", () => {
  const { at, hair } = readOnTape(fromCentimetres(27.46), "0.5cm");
  expect(at).toBeCloseTo(fromCentimetres(27.5), 9);
  expect(hair).toBe(false);
});
it("is never further from the length than half of the finest that the tape shows (seed 5)", () => {
  const ticks: readonly Tick[] = ["1/8", "1/4", "0.5cm", "none"];
  fc.assert(
    fc.property(fc.double({ min: -2, max: 60, noNaN: true }), fc.constantFrom(...ticks), (length, tick) => {
      const { at, hair } = readOnTape(length, tick);
      const shown = at + (hair ? Math.sign(length) * finestOn(tick) : 0);
      expect(Math.abs(shown - length)).toBeLessThanOrEqual(finestOn(tick) / 2 + 1e-9);
    }),
    { seed: 5 },
  );
});
