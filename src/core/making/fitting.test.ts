import { describe, expect, it } from "vitest";
import { typicalBody } from "../body";
import { layUnits } from "../cloth";
import { makeSheet, readLayQuestion } from "../formats";
import { openSize, placeAgain } from "./cut-again";
import { answerFitting, roomInSeams, type SeenAtFitting, seenIds } from "./fitting";
import { type LearntEntry, learn, learnRules } from "./learning";
import { countCut, standOfPieces } from "./piece-state";

const sheetOf = (garment: string, rules: object = {}, choices: object = {}) => {
  const outcome = makeSheet({ garment, rules, choices, client: { card: { measurements: { ...typicalBody } } } });
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
};
const entry = (seen: SeenAtFitting["seen"], amount: number, side: SeenAtFitting["side"] = "both"): SeenAtFitting => ({
  seen,
  amount,
  side,
});

describe("what lies in the seams of a cut garment", () => {
  it("is read off its pieces: sides and zip by their rules, no panels where there are none", () => {
    const rules = { "allowance.side": 2, "allowance.zip": 1.25, "allowance.shoulder": 0.625, "allowance.hem": 1.75 };
    expect(roomInSeams(sheetOf("straight-dress", rules))).toEqual({
      sides: 2,
      "centre-back": 1.25,
      shoulders: 0.625,
      hem: 1.75,
    });
    expect(roomInSeams(sheetOf("armhole-bustier", { "allowance.panel": 0.75 })).panels).toBe(0.75);
    expect(roomInSeams(sheetOf("straight-dress", {}, { sleeve: "long" }))["sleeve-seam"]).toBeGreaterThan(0);
  });
});

describe("what is done now about what was seen", () => {
  it("a waist 2 too loose is taken in ½ at each of four edges, and more is left in the seam", () => {
    const { answers, left } = answerFitting({ sides: 1.5 }, [entry("loose-waist", 2)]);
    expect(answers[0]?.carried).toEqual([{ seam: "sides", edges: 4, each: -0.5, had: 1.5, left: 2 }]);
    expect(left.sides).toBe(2);
  });
  it("a waist 1½ too tight is let out ⅜ at each edge, which needs ¾ in the seam: with less, something is let in", () => {
    const enough = answerFitting({ sides: 0.75 }, [entry("tight-waist", 1.5)]).answers[0];
    expect(enough).toMatchObject({ short: 0, carried: [{ each: 0.375, left: 0.375 }] });
    const scant = answerFitting({ sides: 0.625 }, [entry("tight-waist", 1.5)]).answers[0];
    expect(scant?.carried[0]).toMatchObject({ each: 0.25, left: 0.375 });
    expect(scant?.short).toBeCloseTo(0.5, 9);
  });
  it("where the sides are used up the panels give the rest, then the centre back", () => {
    const room = { sides: 0.5, panels: 0.5, "centre-back": 1 };
    const [answer] = answerFitting(room, [entry("tight-bust", 1.5)]).answers;
    expect(answer?.carried.map(({ seam, each }) => [seam, each])).toEqual([
      ["sides", 0.125],
      ["panels", 0.125],
      ["centre-back", 0.25],
    ]);
    expect(answer?.short).toBe(0);
  });
  it("in, no edge moves by more than 1 before the next seam is taken", () => {
    const [answer] = answerFitting({ sides: 1.5, panels: 0.5 }, [entry("loose-hip", 5)]).answers;
    expect(answer?.carried.map(({ each }) => each)).toEqual([-1, -0.25]);
  });
  it("of one side alone it is carried by that side's two edges", () => {
    const [answer] = answerFitting({ sides: 1.5 }, [entry("tight-hip", 1, "left")]).answers;
    expect(answer?.carried[0]).toMatchObject({ edges: 2, each: 0.5 });
  });
  it("a second fitting counts from the first: what was let out is not there any more", () => {
    const { answers, left } = answerFitting({ sides: 1 }, [entry("tight-waist", 2), entry("tight-waist", 1)]);
    expect(answers[0]?.carried[0]).toMatchObject({ each: 0.5, left: 0.5 });
    expect(answers[1]?.carried[0]).toMatchObject({ had: 0.5, each: 0.125, left: 0.375 });
    expect(answers[1]?.short).toBeCloseTo(0.5, 9);
    expect(left.sides).toBe(0.375);
  });
  it.each(seenIds)("%s: never leaves less than ⅜ in a seam that is let out, however much", (seen) => {
    const room = { sides: 1.25, panels: 0.5, "centre-back": 1, shoulders: 0.5, "sleeve-seam": 0.75, hem: 1.5 };
    const all = [0.25, 1, 4].map((amount) => answerFitting(room, [entry(seen, amount), entry(seen, amount)]));
    const after = all.flatMap(({ answers, left }) => [
      ...answers.flatMap(({ carried }) => carried.filter(({ each }) => each > 0).map((one) => one.left)),
      ...Object.values(left),
    ]);
    expect(Math.min(...after)).toBeGreaterThanOrEqual(0.375 - 1e-9);
  });
  it("next time it is a note on that line, a quarter on each piece; or the rule or reading that it comes from", () => {
    const next = (seen: SeenAtFitting["seen"], amount = 1) => answerFitting({}, [entry(seen, amount)]).answers[0]?.next;
    expect(next("loose-waist", 2)).toEqual({
      kind: "note",
      line: "waist",
      pieces: ["front", "back"],
      each: -0.5,
      side: "both",
    });
    expect(next("tight-ribs", 1)).toMatchObject({ line: "underbust", each: 0.25 });
    expect(next("armhole-cuts")).toEqual({ kind: "rule", rule: "armholeRoom" });
    expect(next("point-low")).toEqual({ kind: "reading", reading: "shoulderToBust" });
    for (const seen of seenIds) expect(next(seen)).toBeDefined();
    expect(answerFitting({}, [entry("loose-waist", 2, "left")]).answers[0]?.next).toMatchObject({
      kind: "note",
      each: -1,
    });
    expect(answerFitting({}, [entry("loose-waist", 2)]).answers[0]?.next).toMatchObject({ kind: "note", each: -0.5 });
    expect(answerFitting({}, [entry("slope-folds", 0.5, "left")]).answers[0]?.next).toEqual({ kind: "one-side" });
  });
});

describe("what keeps being altered", () => {
  const of = (client: string, order: string, seen: LearntEntry["seen"], amount: number, waist = 2): LearntEntry => ({
    client,
    order,
    seen,
    amount,
    rules: { "ease.waist": waist, zipHollow: 0.5 },
  });
  const book = [
    of("a", "1", "loose-waist", 1),
    of("a", "2", "loose-waist", 1.25),
    of("b", "3", "loose-waist", 4),
    of("b", "3", "hem-dips", 0.5),
    of("b", "4", "loose-waist", 1, 0.5),
  ];
  it("is counted, the commonest first, and its usual amount is the middle one", () => {
    expect(learn(book)).toEqual([
      { seen: "loose-waist", times: 4, orders: 4, usual: 1.125 },
      { seen: "hem-dips", times: 1, orders: 1, usual: 0.5 },
    ]);
    expect(learn([])).toEqual([]);
  });
  it("leads to the house rule only under one value of it, three times and more, and for more than one client", () => {
    expect(learnRules(book)).toEqual([
      { rule: "ease.waist", value: 2, clients: 2, seen: "loose-waist", times: 3, orders: 3, usual: 1.25 },
    ]);
    expect(learnRules(book.map((one) => ({ ...one, client: "a" })))).toEqual([]);
    expect(learnRules(book.slice(0, 2))).toEqual([]);
  });
  it("two fittings of one garment are one order", () => {
    expect(learn([of("a", "1", "tight-hip", 1), of("a", "1", "tight-hip", 0.5)])[0]).toMatchObject({
      times: 2,
      orders: 1,
    });
  });
});

describe("how each piece stands", () => {
  const sheet = sheetOf("straight-dress", {}, { sleeve: "long" });
  const idsOf = (phases: readonly string[], group: string) =>
    sheet.steps.filter((step) => phases.includes(step.phase) && step.group === group).map(({ id }) => id);
  const group = sheet.groups.find(({ pieces }) => pieces.includes("bodice-front"))?.id ?? "";
  const stateAfter = (done: readonly string[], isCut = false) =>
    standOfPieces(sheet, new Set(done), isCut).find(({ piece }) => piece === "bodice-front")?.state;
  it("goes from planned to sewn as its own steps are ticked, and back as a tick is taken back", () => {
    const phases = ["fold", "chalk", "check", "cut"];
    const states = phases.map((_, index) => stateAfter(idsOf(phases.slice(0, index + 1), group)));
    expect(stateAfter([])).toBe("planned");
    expect(states).toEqual(["folded", "chalked", "checked", "cut"]);
    const chalk = idsOf(["fold", "chalk"], group);
    expect(stateAfter(chalk.slice(0, -1))).toBe("folded");
  });
  it("is cut where the whole sheet was said to be, and sewn once a seam joins it", () => {
    expect(stateAfter([], true)).toBe("cut");
    expect(stateAfter(["make-shoulders"], true)).toBe("sewn");
    expect(stateAfter(["make-fitting"], true)).toBe("cut");
    const sleeve = standOfPieces(sheet, new Set(["make-shoulders"]), true).find(({ piece }) => piece === "sleeve");
    expect(sleeve?.state).toBe("cut");
  });
  it("one that is spoilt is missing until it is cut again, and does not count as cut", () => {
    const lost = { piece: "sleeve", copies: 1, again: false };
    const stands = (again: boolean) => standOfPieces(sheet, new Set(), true, [{ ...lost, again }]);
    expect(countCut(stands(false))).toEqual({ cut: 2, all: 3 });
    expect(stands(false).find(({ piece }) => piece === "sleeve")?.missing).toBe(1);
    expect(countCut(stands(true))).toEqual({ cut: 3, all: 3 });
    expect(countCut(standOfPieces(sheet, new Set(idsOf(["cut"], group)), false)).cut).toBe(1);
  });
});

describe("a spoilt piece is cut again on what is left", () => {
  const sleeve = { cut: { on: "fold" }, box: { left: 0, top: -0.5, right: 8, bottom: 23.5 } };
  it("one copy lies open: on the fold it is twice as wide as it is drawn", () => {
    expect(openSize(sleeve)).toEqual({ width: 16, length: 24 });
    expect(openSize({ ...sleeve, cut: { on: "pair" } })).toEqual({ width: 8, length: 24 });
  });
  it("a ring lies open as the lay has it: in four it is a whole disc, folded across it is twice as long as it is drawn wide", () => {
    const ring = (half: string, garment: string, choices: object) => {
      const order = {
        garment,
        choices,
        client: { card: { measurements: typicalBody } },
      };
      const asked = readLayQuestion(order);
      if (!asked.ok) throw new Error(asked.issues.join(" "));
      const { draft, groups } = asked.value;
      const piece = draft.pieces.find(({ cut }) => cut.on === half);
      if (piece === undefined) throw new Error(JSON.stringify(draft.pieces.map(({ id, cut }) => [id, cut])));
      const unit = layUnits(draft, groups).find(({ pieces }) => pieces.includes(piece.id));
      const sheet = makeSheet(order);
      const drawn = sheet.kind === "sheet" ? sheet.sheet.pieces.find(({ id }) => id === piece.id) : undefined;
      if (unit === undefined || drawn === undefined) throw new Error("a ring without its lay");
      const [xs, ys] = [unit.outline.map(({ x }) => x), unit.outline.map(({ y }) => y)];
      const across = (values: readonly number[]) => Math.max(...values) - Math.min(...values);
      return { open: openSize(drawn), lies: { width: across(xs), height: across(ys) } };
    };
    for (const { open, lies } of [
      ring("quarter", "straight-dress", { sleeve: "flounce" }),
      ring("across", "circle-skirt", {}),
    ]) {
      expect(open.width).toBeCloseTo(lies.width, 1);
      expect(open.length).toBeCloseTo(lies.height, 1);
    }
  });
  it("on the smallest stretch that holds it along the grain; on none where it is too short or too narrow", () => {
    const left = [
      { width: 40, length: 60 },
      { width: 16, length: 24 },
      { width: 15, length: 90 },
      { width: 44, length: 23 },
    ];
    expect(placeAgain(left, sleeve)).toEqual({ width: 16, length: 24 });
    expect(placeAgain(left.slice(2), sleeve)).toBeNull();
    expect(placeAgain([], sleeve)).toBeNull();
  });
});
