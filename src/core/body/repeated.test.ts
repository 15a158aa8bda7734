import { expect, it } from "vitest";
import { settleRepeated, splitRepeated } from ".";

it.each([
  ["one reading of 41½ is itself", [41.5], 41.5, 0, false],
  ["two that agree to a quarter lie halfway, at 41⅝", [41.5, 41.75], 41.625, 0.25, false],
  ["two just half an inch apart still agree", [41, 41.5], 41.25, 0.5, false],
  ["two an inch apart want a third", [41, 42], 41.5, 1, true],
  ["of three the middle one is kept, whatever their order", [42, 38, 41.5], 41.5, 4, false],
] as const)("%s", (_, taken, value, apart, wantsThird) =>
  expect(settleRepeated(taken)).toEqual({ value, apart, wantsThird }),
);

it("parts readings at semicolons, since 96,5 has a comma of its own", () => {
  expect(splitRepeated("96,5 cm; 97; ")).toEqual(["96,5 cm", "97"]);
  expect(splitRepeated("")).toEqual([""]);
});
