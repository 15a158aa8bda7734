import { expect, it } from "vitest";
import { sweepSlips } from "./sweep-slips";

it("of 300 made-up slips of ½ or more at least 95 % are noticed, and the right mark is named in 75 % of them (seed 7)", () => {
  const figures = sweepSlips(300, 7);
  expect(figures.noticed).toBeGreaterThanOrEqual(0.95);
  expect(figures.named).toBeGreaterThanOrEqual(0.75);
  expect(figures.named).toBeGreaterThan(figures.namedByPlace);
  expect(figures.falseAlarms).toBeLessThanOrEqual(0.01);
});
