import { describe, expect, it } from "vitest";
import { measurementIds, typicalBody } from "../body";
import { declaredCodes, pieceNames, type Remedy, type StepReason, takeOutCodes, termCodes } from "../chalk";
import { type Finding, findingIds } from "../checks";
import { makeSheet } from "../formats";
import { garments } from "../garments";
import { bodyChoices } from "../parts";
import {
  nameEdge,
  wordAbsurdReading,
  wordFinding,
  wordLedgerWhy,
  wordLengthProblem,
  wordMissingReading,
  wordPieceName,
  wordReason,
  wordRefusal,
  wordTerm,
} from ".";

/** Words that a tailor must never read: holes in a sentence, and software's own. */
const WRONG = /undefined|NaN|null|\[object|\bdraft\b|record|invalid|parameter|\s{2,}/i;

const numbers = {
  removed: 0.5,
  givenBack: 0,
  difference: -0.5,
  drawn: 36,
  wanted: 37,
  lengthA: 33,
  lengthB: 33.25,
  ease: -0.25,
  neck: 18,
  head: 22,
  short: 4,
  waist: 30,
  bust: 38,
  end: 20,
  hip: 25,
  girth: 30,
  depth: 14,
  bustLine: 11,
  sewn: 17,
  armhole: 17,
  room: 0,
  least: 0.5,
  most: 3,
  chest: 10,
  value: 60,
  against: 40,
  length: 80,
  used: 88,
  width: 30,
  raised: 1,
  asked: 4,
  kept: 3,
  lift: 1,
  yoke: 8,
  intake: 3,
  usual: 2,
  half: 1.25,
  across: 3,
  down: 1,
  shared: 1,
  finished: 30,
  ribs: 31,
};
const finding = (id: Finding["id"]): Finding => ({
  id,
  level: "caution",
  piece: "bodice-back",
  line: "waist",
  edge: "side",
  measurement: "bust",
  doubt: "underbust-not-below-bust",
  numbers,
  words: {
    place: "the waist",
    ratio: "2.00",
    shape: "boat",
    why: "zip-hollow",
    line: "waist",
    girth: "waist",
    seam: "side",
    rule: "the usual",
    against: "waist",
  },
});

describe("findings", () => {
  it.each(findingIds)("%s is said whole, with a remedy, in inches and in centimetres", (id) => {
    for (const unit of ["in", "cm"] as const) {
      const { text, remedy } = wordFinding(finding(id), unit);
      for (const said of [text, remedy]) {
        expect(said).not.toMatch(WRONG);
        expect(said).toMatch(/^[A-Z].*[.?]$/);
      }
      if (unit === "cm") expect(text).not.toMatch(/\d in\b/);
    }
  });
  it("says both lengths of a seam that does not meet", () =>
    expect(wordFinding(finding("seam-mismatch"), "in").text).toBe(
      "The two edges of the side seam differ by −¼ in: 33 in against 33¼ in.",
    ));
  it("says the quarter's girth in the shop's unit: 36 in is 91.4 cm", () =>
    expect(wordFinding(finding("girth-off"), "cm").text).toContain("91.4 cm"));
});

const remedies: readonly (readonly [Remedy, string])[] = [
  [
    { kind: "choice", id: "neckWidth", choice: bodyChoices.neckWidth, value: 3.375, bound: "at-most" },
    "Choose 3⅜ in or less for “Neck width, from the centre”.",
  ],
  [
    { kind: "choice", id: "panelLine", choice: bodyChoices.panelLine, value: "straight", bound: "exactly" },
    "Choose “Straight from the middle of the shoulder” for “Panel line above the bust”.",
  ],
  [
    { kind: "rule", id: "ease.waist", value: 1, bound: "at-least" },
    "Set the house rule “Ease at the waist, whole body” to 1 in or more.",
  ],
  [{ kind: "measure", readings: ["bust", "shoulder"] }, "Measure bust girth and across shoulder again."],
  [{ kind: "measure", readings: [] }, "Measure again, or choose another garment."],
  [{ kind: "defaults" }, "Go back to this garment's own choices and house rules, then change one thing at a time."],
];

describe("refusals", () => {
  it.each(remedies)("a way out is said as what to set, and to what: %j", (remedy, said) =>
    expect(wordRefusal({ code: "panels-need-own-fold", conflicts: [], numbers: {} }, remedy, "in").remedy).toBe(said),
  );
  it("names the line that the neck reaches: a yoke line is not the waist line", () => {
    const refusal = { code: "neck-below-waist", conflicts: [], numbers: { depth: 9, waist: 8 } } as const;
    const said = (line: string) => wordRefusal({ ...refusal, words: { line } }, null, "in").message;
    expect(said("yoke")).toBe("A neck depth of 9 in reaches down to the yoke line at 8 in.");
    expect(said("ribs")).toContain("under-bust line");
  });
});

describe("the words of a sum", () => {
  it.each(termCodes)("%s is said whole, and needs no number that it was not given", (code) => {
    const about = {
      measurement: "bust",
      share: 4,
      whole: 2,
      rule: "allowance.side",
      count: 3,
      words: "hollow back",
    } as const;
    expect(wordTerm({ code, about }, "in")).not.toMatch(WRONG);
    expect(wordTerm({ code, about }, "in").length).toBeGreaterThan(3);
  });
  it("says a quarter of the bust, and both the quarter and the whole of an ease", () => {
    expect(wordTerm({ code: "body-share", about: { measurement: "bust", share: 4 } }, "in")).toBe("Bust girth ÷ 4");
    expect(wordTerm({ code: "ease-quarter", about: { whole: 2 } }, "cm")).toBe("Ease, a quarter of 5.1");
  });
  it.each([...takeOutCodes, ...declaredCodes])("the ledger says %s in words", (code) =>
    expect(wordLedgerWhy(code, undefined)).toMatch(/^[a-z][a-z -]+.*[a-z]$/),
  );
  it("a figure note says its own words in the ledger", () =>
    expect(wordLedgerWhy("figure-note", "one hip fuller")).toBe("one hip fuller"));
  it.each(pieceNames)("the piece %s has a name to chalk", (name) =>
    expect(wordPieceName(name)).toMatch(/^[A-Z][a-z ,\d]+$/),
  );
  it("what lies inside is called after the piece that it lies in", () => {
    expect(wordPieceName("lining/side-front")).toBe("Lining, side front");
    expect(wordPieceName("stay/collar-fall")).toBe("Stay, collar fall");
  });
});

describe("steps", () => {
  const folds = [
    {},
    { fold: "back-from-front", frontNeck: "v" },
    { fold: "four-layers", opening: "none", neckWidth: 5, frontNeckDepth: 6, backNeckDepth: 3 },
  ];
  const sheets = folds.map((choices) => {
    const outcome = makeSheet({ garment: "straight-dress", choices, client: { card: { measurements: typicalBody } } });
    if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
    return outcome.sheet;
  });

  it.each([0, 1, 2])("are said whole in fold %d, each with its own id", (fold) => {
    const steps = sheets[fold]?.steps ?? [];
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
    const said = steps.flatMap(({ title, text, why, caution }) => [title, text, why ?? "", caution ?? ""]);
    expect(said.filter((words) => WRONG.test(words))).toEqual([]);
    expect(steps.filter(({ text }) => !text.endsWith("."))).toEqual([]);
  });

  it.each([0, 1, 2])("chalk every mark of an edge before the edge, in fold %d", (fold) => {
    const chalk = (sheets[fold]?.steps ?? []).filter(({ phase, group }) => phase === "chalk" && group !== "back");
    const chalkedAt = (mark: string) => chalk.findIndex((step) => step.act !== "edge" && step.marks.includes(mark));
    const late = chalk.flatMap((step, index) =>
      step.act === "edge" ? step.marks.filter((mark) => chalkedAt(mark) > index || chalkedAt(mark) < 0) : [],
    );
    expect(late).toEqual([]);
  });

  it("warn at the iron and at the shears", () => {
    const cautions = (sheets[0]?.steps ?? []).flatMap(({ caution }) => (caution === null ? [] : [caution])).join(" ");
    expect(cautions).toMatch(/Iron and steam burn/);
    expect(cautions).toMatch(/Cut away from the holding hand/);
  });
  it.each<StepReason>(["armhole-depth", "zip-hollow", "hem-trued", "origin-zip-line"])("%s has its why", (reason) =>
    expect(wordReason(reason)).toMatch(/^[A-Z].*\.$/),
  );
});

describe("entries", () => {
  it("says where each missing reading is taken", () => {
    for (const id of measurementIds) expect(wordMissingReading(id)).toMatch(/ is missing\. It is taken .+\.$/);
  });
  it("shortens what was typed when it is very long", () =>
    expect(wordLengthProblem("Bust girth", { code: "not-a-length", typed: "x".repeat(500) }).length).toBeLessThan(140));
  it("asks whether a lost point was meant", () =>
    expect(wordAbsurdReading("Bust girth", 415, 41.5, "in")).toBe(
      "Bust girth, 415 in, is no body's. Did you mean 41½ in?",
    ));
});

describe.each(garments.map(({ id }) => id))("the steps of a %s", (garment) => {
  const outcome = makeSheet({ garment, client: { card: { measurements: typicalBody } } });
  const steps = outcome.kind === "sheet" ? outcome.sheet.steps : [];
  it("are each their own, said whole, and say nothing twice in one breath", () => {
    expect(steps.length).toBeGreaterThan(20);
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
    const said = steps.flatMap(({ title, text, why }) => [title, text, why ?? ""]);
    expect(said.filter((words) => WRONG.test(words) || / in in |\b(\w{3,}) \1\b/.test(words))).toEqual([]);
  });
  it("chalk every piece, cut every edge that is not on a fold, and notch from the upper end", () => {
    if (outcome.kind !== "sheet") throw new Error("not drawn");
    for (const piece of outcome.sheet.pieces) {
      const own = steps.filter((step) => step.piece === piece.id || outcome.sheet.groups.length === 1);
      expect(
        own.some(({ phase }) => phase === "chalk"),
        piece.id,
      ).toBe(true);
      for (const edge of piece.edges.filter(
        ({ onFold, role }) => !onFold && role !== "centre" && piece.half !== null,
      )) {
        const cuts = steps.filter(({ phase, text }) => phase === "cut" && text.includes(nameEdge(edge.id)));
        expect(cuts.length, `${piece.id} ${edge.id}`).toBeGreaterThan(0);
      }
      for (const notch of piece.notches.filter(({ edge }) => edge === "panel")) {
        const step = own.find(
          ({ id, edge }) => edge === "panel" && id.startsWith(`notch-${notch.id}`) && id.endsWith(piece.id),
        );
        expect(step?.reading ?? 99, `${piece.id} ${notch.id}`).toBeLessThan(notch.id === "bust" ? 12 : 20);
      }
    }
  });
});

describe("a piece that is one of several", () => {
  const said = (garment: string) =>
    JSON.stringify(makeSheet({ garment, client: { card: { measurements: typicalBody } } }));
  it.each(["tiered-skirt", "tiered-dress"])("is told by its number, without an article: %s", (garment) => {
    expect(said(garment)).toContain("Cut out tier 2");
    expect(said(garment)).not.toMatch(/\bthe tier \d/i);
  });
  it("is told with one where there is one alone", () => {
    expect(said("ruched-skirt")).toMatch(/of the (skirt )?back/);
  });
});
