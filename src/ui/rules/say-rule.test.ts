import { expect, it } from "vitest";
import { sayRange, sayRule } from "./say-rule";

const rule = { options: [{ id: "solved", label: "solved for the sewn armhole" }], range: [5, 14] } as const;

it.each([
  ["solved", "solved for the sewn armhole"],
  [9, "9 in"],
  [true, "yes"],
  [undefined, ""],
])("%s is said “%s”", (value, said) => expect(sayRule(rule, value, "in")).toBe(said));

it("says how far a rule goes, and nothing of one that has only named ways", () => {
  expect(sayRange(rule, "in")).toBe("From 5 in to 14 in.");
  expect(sayRange({ range: null }, "in")).toBe("");
});
