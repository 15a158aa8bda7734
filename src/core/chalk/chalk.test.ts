import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { typicalBody } from "../body";
import { readOrder } from "../formats";
import { at, straight } from "../geometry";
import {
  chalkDraft,
  checkChoice,
  choiceDefault,
  edgeDots,
  figureNoteTerms,
  type Given,
  givenBackTerms,
  PieceChalk,
  refuse,
  settle,
  type Term,
  turnTerm,
} from ".";

const read = readOrder({
  garment: "straight-dress",
  client: { card: { measurements: typicalBody } },
  figureNotes: [{ piece: "bodice-back", line: "waist", amount: -0.5, why: "hollow back" }],
});
if (!read.ok) throw new Error("no order");
const given: Given = read.value.given;

const term = (value: number, kind: Term["kind"] = "body"): Term => ({
  code: "neck-width",
  kind,
  value,
  source: "test",
});
const open = () =>
  new PieceChalk(given, "bodice-front", {
    name: "front",
    part: "body",
    half: "front",
    origin: "fold",
    originInset: settle([], 0),
    topInset: settle([term(0.5)], 0),
  });

describe("a reading and its terms", () => {
  it("rounds 8.5625 + ½ once, to 9⅛, and says the 1/16 that it added", () =>
    expect(settle([term(8.5625), term(0.5, "ease")], 1 / 8)).toMatchObject({
      value: 9.125,
      terms: [{}, {}, { kind: "rounding", value: 0.0625 }],
    }));
  it("adds no term when nothing is rounded", () =>
    expect(settle([term(10.375), term(0.5)], 1 / 8).terms).toHaveLength(2));
  it("always adds up to what is chalked, within half a tick of what was meant", () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -5, max: 20, noNaN: true }), { minLength: 1, maxLength: 6 }), (values) => {
        const { value, terms } = settle(
          values.map((one) => term(one)),
          1 / 8,
        );
        expect(terms.reduce((sum, one) => sum + one.value, 0)).toBeCloseTo(value, 8);
        expect(Math.abs(value - values.reduce((sum, one) => sum + one, 0))).toBeLessThanOrEqual(1 / 16 + 1e-8);
        expect(value * 8).toBeCloseTo(Math.round(value * 8), 7);
      }),
    );
  });
  it("turns a term round without losing where it came from", () =>
    expect(turnTerm(term(0.5))).toMatchObject({ value: -0.5, source: "test" }));
  it("finds a figure note by piece and line, and nowhere else", () => {
    expect(figureNoteTerms(given, "bodice-back", "waist")).toEqual([
      {
        code: "figure-note",
        about: { words: "hollow back" },
        kind: "figure-note",
        value: -0.5,
        source: "figure-note:bodice-back/waist",
      },
    ]);
    expect(figureNoteTerms(given, "bodice-front", "waist")).toEqual([]);
  });
});

describe("one call makes the geometry and the step", () => {
  it("a line, then a mark on it: the step reads from the fold, stitch and cut", () => {
    const piece = open();
    piece.line("waist", settle([term(16.5)], 0));
    piece.mark("waist", "side", { terms: [term(9)], allowance: [term(1.5, "allowance")] });
    const { marks, steps } = { marks: [piece.markAt("waist/side")], steps: drawn(piece).steps };
    expect(marks[0]).toMatchObject({
      stitch: 9,
      cut: 10.5,
      place: { stitch: { x: 9, y: 16.5 }, cut: { x: 10.5, y: 16.5 } },
    });
    expect(steps.find(({ id }) => id === "waist-side")).toMatchObject({
      id: "waist-side",
      from: "fold",
      direction: "across",
      reading: 9,
      cutReading: 10.5,
      marks: ["waist/side"],
    });
  });
  it("asks for no line or mark that was not chalked before", () => {
    expect(() => open().down("hip")).toThrow("guide line hip");
    expect(() => open().markAt("hip/side")).toThrow("mark hip/side");
  });
  it("gives back exactly what a take-out removes on a line, and nothing where it removes nothing", () => {
    const piece = open();
    piece.line("chest", settle([term(8)], 0));
    piece.line("waist", settle([term(16)], 0));
    piece.takeOut("wedge", "waist-dart", (down) => Math.max(0, (down - 8) / 16));
    expect(givenBackTerms("wedge", "waist-dart-given-back", 0.5)).toEqual([
      { code: "waist-dart-given-back", kind: "given-back", value: 0.5, source: "take-out:wedge" },
    ]);
    expect(givenBackTerms("wedge", "waist-dart-given-back", 0)).toEqual([]);
    piece.declare("wedge", "waist", -0.5, "ribs-tightened");
    expect(drawn(piece).takeOuts[0]).toMatchObject({
      removes: [{ line: "waist", amount: 0.5 }],
      declared: [{ line: "waist", amount: -0.5, why: "ribs-tightened" }],
    });
  });
  it("a straight edge has no dots, and a notch lies on its edge", () => {
    const piece = drawn(open());
    expect(piece.edges.map((edge) => edgeDots(edge, given))).toEqual([[], [], [], []]);
    expect(piece.notches).toEqual([{ id: "balance", edge: "right", at: 6, point: { x: 10, y: 6 } }]);
  });
});

/** Closes a piece as a square of 10, so that it can be finished. */
function drawn(piece: PieceChalk) {
  const corners = [at(0, 0), at(10, 0), at(10, 10), at(0, 10)];
  for (const [index, id] of ["top", "right", "bottom", "left"].entries()) {
    piece.edge(id, {
      role: "side",
      stitch: straight(corners[index] ?? at(0, 0), corners[(index + 1) % 4] ?? at(0, 0)),
      allowance: 0.5,
      through: [],
    });
  }
  piece.notchAt("balance", "right", 6);
  return piece.finish();
}

describe("a recipe", () => {
  it("that refuses ends as data, with nothing drawn", () => {
    const refusal = {
      code: "hem-above-hip",
      conflicts: ["measurements.fullLength"],
      numbers: { hem: 20, hip: 25 },
      nearest: 26,
    } as const;
    expect(chalkDraft("test", [], given, () => refuse(refusal))).toEqual({ ok: false, issues: [refusal] });
  });
  it("that fails by our own mistake is not hidden as a refusal", () => {
    expect(() =>
      chalkDraft("test", [], given, () => {
        throw new Error("ours");
      }),
    ).toThrow("ours");
  });
});

describe("choices", () => {
  const depth = {
    kind: "length",
    label: "Depth",
    why: "",
    default: { inches: 3.5, centimetres: 9 },
    range: [1.5, 12],
  } as const;
  it("has a round default in either system: 3½ in or 9 cm", () => {
    expect(choiceDefault(depth, false)).toBe(3.5);
    expect(choiceDefault(depth, true)).toBeCloseTo(9 / 2.54, 12);
  });
  it.each([
    [1.5, undefined],
    [12, undefined],
    [1.25, 1.5],
    [13, 12],
  ])("%d is kept or sent to %s", (value, nearest) => expect(checkChoice("depth", depth, value)?.nearest).toBe(nearest));
  it("takes no word for a length and no length for a yes", () => {
    expect(checkChoice("depth", depth, "deep")?.code).toBe("not-a-length");
    expect(checkChoice("flag", { kind: "flag", label: "", why: "", default: true }, 1)?.code).toBe("not-yes-or-no");
  });
});
