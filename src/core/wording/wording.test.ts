import { describe, expect, it } from "vitest";
import { measurementIds, typicalBody } from "../body";
import type { Refusal, RefusalCode, StepReason } from "../chalk";
import { type Finding, findingIds } from "../checks";
import { makeSheet } from "../formats";
import { garments } from "../garments";
import {
  nameEdge,
  wordAbsurdReading,
  wordFinding,
  wordLengthProblem,
  wordMissingReading,
  wordReason,
  wordRefusal,
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
  words: { shape: "boat", why: "zip hollow", girth: "waist", seam: "side", rule: "the usual", against: "waist" },
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

const codes: readonly RefusalCode[] = [
  "shoulder-wider-than-chest",
  "armhole-too-small-for-chest",
  "armhole-too-deep",
  "neck-wider-than-shoulder",
  "neck-below-waist",
  "hem-above-hip",
  "hip-above-waist",
  "hem-too-narrow",
  "four-layers-need-no-opening",
  "front-not-inside-back",
  "shoulder-drop-too-steep",
];

it.each(codes)("the refusal %s says what conflicts and a way out", (code) => {
  const refusal: Refusal = {
    code,
    conflicts: [],
    numbers: {
      halfShoulder: 9,
      quarter: 8,
      least: 16,
      neckWidth: 7,
      depth: 18,
      waist: 17,
      hem: 20,
      hip: 25,
      hipDepth: 2,
      drop: 3,
      shoulder: 4,
    },
    nearest: 15,
  };
  const { message, remedy } = wordRefusal(refusal, "in");
  for (const said of [message, remedy]) {
    expect(said).not.toMatch(WRONG);
    expect(said).toMatch(/^[A-Z].*\.$/);
  }
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
    expect(wordAbsurdReading("bust", 415, 41.5, "in")).toBe("Bust girth, 415 in, is no body's. Did you mean 41½ in?"));
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
