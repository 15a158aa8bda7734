import { describe, expect, it } from "vitest";
import { type CutSheet, makeSheet, type Order } from "../formats";
import { garments } from "../garments";
import {
  hideNumbers,
  isRight,
  madeUpOrder,
  type PracticeQuestion,
  type PracticeTry,
  practiceQuestions,
  rehearsedOrder,
  rulesOf,
  saySlip,
  slipIds,
  slipOf,
  tableSlips,
  tallyTries,
} from ".";

function sheetOf(order: Order | undefined): CutSheet {
  const outcome = makeSheet(order);
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}

/** The straight dress of the craft page: its numbers are worked there by hand. */
const worked: Order = {
  garment: "straight-dress",
  client: {
    card: {
      measurements: {
        bust: 40,
        waist: 32,
        hip: 42,
        shoulder: 15.5,
        armhole: 17,
        frontWaist: 17,
        backWaist: 17,
        waistToHip: 9,
        fullLength: 42,
      },
    },
  },
  rules: { "ease.bust": 2, "ease.waist": 2, "ease.hip": 3, zipHollow: 0.625, "allowance.zip": 1.25 },
};
const sheet = sheetOf(worked);
const questions = practiceQuestions(sheet);
const ask = (id: string): PracticeQuestion => {
  const found = questions.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no question ${id} among ${questions.map((one) => one.id).join(", ")}`);
  return found;
};

describe("what went wrong in a sum, by the number that was typed", () => {
  const hipNet = ask("front-hip-side/net");
  const hipCut = ask("front-hip-side/cut");
  it("asks the front hip of the worked dress: 11¼ net, 12¾ cut", () => {
    expect([hipNet.answer, hipCut.answer]).toEqual([11.25, 12.75]);
    expect(isRight(hipNet, 11.25)).toBe(true);
    expect(slipOf(hipNet, 11.25)).toBeNull();
    expect(isRight(hipNet, 11.125)).toBe(false);
  });
  it.each<[string, PracticeQuestion, number, string]>([
    ["the whole hip and the ease", hipNet, 42.75, "whole-for-quarter"],
    ["four times all of it", hipNet, 45, "whole-for-quarter"],
    ["half the hip and the ease", hipNet, 21.75, "half-for-quarter"],
    ["the hip alone", hipNet, 10.5, "no-ease"],
    ["the seam left out", hipCut, 11.25, "no-seam"],
    ["the seam twice", hipCut, 14.25, "seam-twice"],
    ["the chest's", hipNet, 10.5 + 1 / 32, "no-ease"],
    ["the waist's", hipNet, 8.5, "wrong-line"],
    ["added wrong", hipNet, 11.75, "arithmetic"],
    ["another line's", hipNet, 3, "wrong-line"],
    ["something else", hipNet, 1.25, "unknown"],
  ])("%s", (_, question, typed, slip) => expect(slipOf(question, typed)).toBe(slip));
  it("from the cloth's edge instead of the zip line: the zip's 1¼ too much, or too little", () => {
    const waist = ask("back-waist-side/net");
    expect(slipOf(waist, waist.answer + 1.25)).toBe("wrong-origin");
    expect(slipOf(waist, waist.answer - 1.25)).toBe("wrong-origin");
  });
  it("the hollow of ⅝ not given back", () => {
    const waist = ask("back-waist-side/net");
    expect(slipOf(waist, waist.answer - 0.625)).toBe("not-given-back");
  });
  it("has a sentence for every cause", () => {
    for (const slip of [...slipIds, ...tableSlips]) expect(saySlip(slip)).toMatch(/^[A-Z].*\.$/);
  });
});

describe("the numbers that are asked", () => {
  it("are those of the sheet, in the order of the hand, each once, net before cut", () => {
    const at = (id: string) => questions.findIndex((one) => one.id === id);
    expect(at("front-top-neck/net")).toBeLessThan(at("front-top-neck/cut"));
    expect(at("front-chest-side/cut")).toBeLessThan(at("front-waist-side/net"));
    expect(new Set(questions.map(({ id }) => id)).size).toBe(questions.length);
    // The chest's depth is solved for the armhole: no head can add it up.
    expect(questions.map(({ mark }) => mark)).not.toContain("chest");
    expect(rulesOf(ask("front-hip-side/cut"))).toEqual(["ease.hip", "allowance.side"]);
  });
  it("halve at half scale, on the card of the same client", () => {
    const half = sheetOf(rehearsedOrder(worked, "0.5"));
    const asked = practiceQuestions(half).find(({ id }) => id === "front-hip-side/cut");
    expect(asked?.answer).toBe(6.375);
    expect(half.resolved.measurements.find(({ id }) => id === "hip")?.value).toBe(42);
  });
  it.each(garments.map(({ id }) => id))("of a %s add up from their parts, and are right when said so", (garment) => {
    const order = madeUpOrder(garment, 17, "in", "0.5");
    expect(order).toBeDefined();
    const drawn = sheetOf(order);
    const asked = practiceQuestions(drawn);
    // Rings are swung by radii that nobody adds up, strips are cut by their lengths.
    expect(asked.length).toBeGreaterThan(/circle|gathered|tiered-skirt/.test(garment) ? -1 : 3);
    for (const question of asked) {
      const sum = question.terms.reduce((all, { value }) => all + value, 0);
      // Half of half an eighth, and a sixteenth where an edge slants.
      expect(Math.abs(sum - question.answer), question.id).toBeLessThan(1 / 8);
      expect(slipOf(question, question.answer)).toBeNull();
      expect(slipOf(question, question.answer + 73.3)).toBe("unknown");
      expect(hideNumbers(question.terms[0]?.label ?? "")).not.toMatch(/[\d¼½¾⅛⅜⅝⅞]/);
    }
  });
});

describe("which marks go wrong", () => {
  const tried = (mark: string, slip: PracticeTry["slip"], rules: readonly string[] = []): PracticeTry => ({
    mark,
    rules,
    right: slip === null,
    slip,
  });
  it("counts all and the last ten, the commonest cause, and puts the worst first", () => {
    const early = Array.from({ length: 9 }, () => tried("hip/side", "no-ease", ["ease.hip"]));
    const late = Array.from({ length: 8 }, () => tried("hip/side", null, ["ease.hip"]));
    const chest = [tried("chest/side", "arithmetic"), tried("chest/side", "no-seam", ["allowance.side"])];
    const { marks, rules } = tallyTries([...early, ...late, ...chest, tried("chest/side", "no-seam")]);
    expect(marks).toEqual([
      { id: "chest/side", tries: 3, rights: 0, lastTries: 3, lastRights: 0, commonest: "no-seam" },
      { id: "hip/side", tries: 17, rights: 8, lastTries: 10, lastRights: 8, commonest: "no-ease" },
    ]);
    expect(rules.map(({ id, tries }) => [id, tries])).toEqual([
      ["allowance.side", 1],
      ["ease.hip", 17],
    ]);
  });
  it("says no cause where everything was right", () =>
    expect(tallyTries([tried("top/neck", null)]).marks[0]?.commonest).toBeNull());
});
