import { describe, expect, it } from "vitest";
import { both } from "../length";
import { checkRuleValue, type RuleSetId, resolveRules, ruleDefault, ruleIds, ruleSets } from ".";

describe("house rules", () => {
  it.each<[RuleSetId, string, number | string]>([
    ["close", "allowance.side", 1.5],
    ["easy", "allowance.side", 1],
    ["metric", "allowance.side", 1.5 / 2.54],
    ["metric", "allowance.hem", 2 / 2.54],
    ["easy", "shoulderSlope", "gradient"],
    ["easy", "backDart.tipAboveBust", -2],
    ["metric", "shoulderSlope", 3 / 2.54],
    ["metric", "allowance.waistJoin", 1 / 2.54],
    ["easy", "armholeLine", "cutting"],
    ["metric", "tick", "0.5cm"],
    ["easy", "zipHollow", 0],
    ["easy", "balance", "none"],
    ["easy", "armholeTakeOut", 1],
  ])("%s says %s = %s", (set, id, value) => expect(ruleDefault(set, id as "tick")).toBe(value));

  it("has every default inside its own range, in all three sets", () => {
    for (const set of Object.keys(ruleSets) as RuleSetId[])
      for (const id of ruleIds) expect(checkRuleValue(id, ruleDefault(set, id)), `${set} ${id}`).toBeUndefined();
  });
  it("lets the order stand over the garment, and the garment over the set", () => {
    const resolved = resolveRules("metric", { "ease.bust": both(2, 5), "ease.hip": both(3, 7.5) }, { "ease.hip": 1 });
    expect(resolved["ease.bust"]).toEqual({ value: 5 / 2.54, from: "garment" });
    expect(resolved["ease.hip"]).toEqual({ value: 1, from: "order" });
    expect(resolved["ease.waist"]).toEqual({ value: 3 / 2.54, from: "set" });
  });
  it("lets a garment stand over the shop's own set, and the shop's own set over the one it stands on", () => {
    const own = { "ease.bust": 3, "allowance.side": 1 };
    const resolved = resolveRules("close", { "ease.bust": both(2, 5) }, {}, own);
    expect(resolved["ease.bust"]).toEqual({ value: 2, from: "garment" });
    expect(resolved["allowance.side"]).toEqual({ value: 1, from: "own-set" });
    expect(resolved["allowance.hem"]).toEqual({ value: 1, from: "set" });
  });
  it("names what would do: a side seam of 9 is out of range, 3 is the most", () =>
    expect(checkRuleValue("allowance.side", 9)).toMatchObject({ code: "out-of-range", nearest: 3 }));
  it("takes a way or a length for the armhole depth, nothing else", () => {
    expect(checkRuleValue("armholeDepth", "bust-sixth")).toBeUndefined();
    expect(checkRuleValue("armholeDepth", 9)).toBeUndefined();
    expect(checkRuleValue("armholeDepth", "deep")).toMatchObject({ code: "not-a-length" });
    expect(checkRuleValue("zipHollowGivenBack", 1)).toMatchObject({ code: "not-yes-or-no" });
  });
});
