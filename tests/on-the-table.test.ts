import { describe, expect, it } from "vitest";
import { makeCrowd, typicalBody } from "../src/core/body";
import { type Draft, type Edge, edgeDots, type Piece } from "../src/core/chalk";
import { checkDraft } from "../src/core/checks";
import { draftOrder, readOrder } from "../src/core/formats";
import { garments } from "../src/core/garments";
import { edgeOf, pieceOf, WORKED_CARD, type Worked, workedSheet } from "../src/core/garments/worked-client.test-data";
import { at, type Dot, distance, pathEnd } from "../src/core/geometry";
import { chainOf, fromChain } from "./judge/shapes";

function draw(garment: string, more: object = {}, body: object = typicalBody): Draft | null {
  const read = readOrder({ garment, ...more, client: { card: { measurements: body } } });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const drawn = draftOrder(read.value);
  return drawn.ok ? drawn.value.full : null;
}

describe("cloth left to trim at the fitting", () => {
  const sheet = (choices: object, worked: Worked = {}) =>
    workedSheet("freehand-bustier", {
      choices: { shoulderTrim: 0, trimLength: 0, ...choices },
      rules: { "allowance.shoulder": 0.625, "allowance.waistJoin": 0.875, ...worked.rules },
    });
  const step = (made: ReturnType<typeof sheet>, id: string) => made.steps.find((one) => one.id === id);

  it("puts the top line down by the shoulder's seam and what is to be trimmed: ⅝ and ⅜ are 1 in", () => {
    expect(step(sheet({}), "centre-front-top-line")?.reading).toBe(0.625);
    const trimmed = step(sheet({ shoulderTrim: 0.375 }), "centre-front-top-line");
    expect(trimmed?.reading).toBe(1);
    expect(trimmed?.terms.map(({ label, value }) => [label, value])).toEqual([
      ["Shoulder seam", 0.625],
      ["To trim at the fitting", 0.375],
    ]);
    // A front half length of 17 is then chalked 18 in below the cloth's edge.
    expect(step(sheet({ shoulderTrim: 0.375 }), "centre-front-waist-line")?.reading).toBe(18);
  });
  it("leaves it below the waist too: ⅞ and 1⅝ are 2½ under the waist's seam, on each piece", () => {
    const made = sheet({ trimLength: 1.625 });
    for (const piece of made.pieces)
      expect(piece.edges.filter(({ role }) => role === "waist").map(({ allowance }) => allowance)).toEqual([2.5]);
    const outline = (choices: object) => pieceOf(sheet(choices), "centre-front").outline.cut;
    expect(outline({ trimLength: 1.625 })).not.toBe(outline({ trimLength: 0 }));
  });
  it("moves no stitching line: the shoulder and the waist are sewn where they were", () => {
    const [plain, trimmed] = [sheet({}), sheet({ shoulderTrim: 0.375, trimLength: 1.625 })];
    for (const { id, edges } of plain.pieces)
      for (const edge of edges) expect(edgeOf(trimmed, id, edge.id).path).toBe(edge.path);
  });
});

describe("room to walk: the knee's girth and 20 in", () => {
  const caution = (knee: number) => {
    const draft = draw(
      "sheath-dress",
      { rules: { set: "close" } },
      { ...WORKED_CARD, knee, waistToKnee: 20, fullLength: 44 },
    );
    return draft === null ? undefined : checkDraft(draft).findings.find(({ id }) => id === "hem-too-narrow-to-walk");
  };
  it("says the girth at the knee and what a step wants of it", () => {
    const { girth = 0, wanted } = caution(26)?.numbers ?? {};
    expect(wanted).toBe(46);
    expect(girth).toBeGreaterThan(36);
    expect(girth).toBeLessThan(46);
  });
  it("a girth of exactly 20 more than the knee is enough, a quarter less is not", () => {
    const { girth = 0 } = caution(26)?.numbers ?? {};
    // A card's tape is finer than an eighth of an inch, so the limit itself can be read.
    const knee = Math.floor((girth - 20) * 8) / 8;
    expect(caution(knee)).toBeUndefined();
    expect(caution(knee + 0.25)?.level).toBe("caution");
  });
  it("a body that ends above the knee is not asked", () => {
    const draft = draw("basic-bodice", {}, { ...WORKED_CARD, knee: 19, waistToKnee: 20 });
    expect(checkDraft(draft as Draft).findings.map(({ id }) => id)).not.toContain("hem-too-narrow-to-walk");
  });
});

interface Curve {
  readonly edge: Edge;
  readonly dots: readonly Dot[];
  readonly metric: boolean;
}

/** Every edge that has dots, of the typical body in inches and of a made-up one in centimetres. */
function curvesOf(garment: string): readonly Curve[] {
  const [other] = makeCrowd(1, 77);
  return [false, true].flatMap((metric) => {
    const draft = draw(garment, { rules: { set: metric ? "metric" : "close" } }, metric ? other : typicalBody);
    const edges = draft?.pieces.flatMap((piece) => piece.edges) ?? [];
    return edges
      .map((edge) => ({ edge, metric, dots: edgeDots(edge, (draft as Draft).given) }))
      .filter(({ dots }) => dots.length > 0);
  });
}

/** Where a dot is chalked: along the straight line between the edge's ends, then square across from it. */
function placeOfDot({ stitch }: Edge, { along, across }: Dot) {
  const [start, end] = [stitch.start, pathEnd(stitch)];
  const chord = distance(start, end);
  const [ux, uy] = [(end.x - start.x) / chord, (end.y - start.y) / chord];
  return at(start.x + ux * along - uy * across, start.y + uy * along + ux * across);
}

describe("dots that set a curve without a ruler", () => {
  it.each(garments.map(({ id }) => id))("%s: each lies on its curve, to half a sixteenth", (garment) => {
    const curves = curvesOf(garment);
    // Strips have no curve at all, a ring only what is swung.
    if (!["gathered-skirt", "tiered-skirt"].includes(garment)) expect(curves.length).toBeGreaterThanOrEqual(4);
    for (const { edge, dots } of curves) {
      const chain = chainOf(edge.stitch);
      for (const dot of dots) {
        expect(fromChain(placeOfDot(edge, dot), chain)).toBeLessThanOrEqual(1 / 32 + 0.005);
        expect(dot.across * 16).toBeCloseTo(Math.round(dot.across * 16), 9);
      }
    }
  });
  it.each(garments.map(({ id }) => id))("%s: no stretch without one is longer than 1 in, or 2.5 cm", (garment) => {
    for (const { edge, dots, metric } of curvesOf(garment)) {
      const reached = [0, ...dots.map(({ along }) => along), distance(edge.stitch.start, pathEnd(edge.stitch))];
      const stretches = reached.slice(1).map((along, index) => along - (reached[index] ?? 0));
      expect(Math.max(...stretches)).toBeLessThanOrEqual((metric ? 2.5 / 2.54 : 1) + 1e-6);
    }
  });
  it("bulge inwards as positive: a front armhole is chalked towards the body, a neck too", () => {
    const draft = draw("straight-dress") as Draft;
    const front = draft.pieces.find(({ id }) => id === "bodice-front") as Piece;
    const armhole = front.edges.find(({ role }) => role === "armhole");
    const dots = armhole === undefined ? [] : edgeDots(armhole, draft.given);
    expect(Math.max(...dots.map(({ across }) => across))).toBeGreaterThan(1);
  });
});

describe("layers under the shears", () => {
  const OPEN = { opening: "none", neckWidth: 5, frontNeckDepth: 6, backNeckDepth: 3, fold: "four-layers" };
  const sheet = workedSheet("straight-dress", { choices: OPEN });
  it("four while front and back lie together, two when the front alone is re-cut", () => {
    const cuts = sheet.steps.filter(({ phase, id }) => phase === "cut" && id !== "separate-front");
    expect(cuts.map(({ id, layers }) => [id, layers])).toEqual([
      ["cut-back-neck-body", 4],
      ["cut-shoulder-body", 4],
      ["cut-back-armhole-body", 4],
      ["cut-side-body", 4],
      ["cut-hem-body", 4],
      ["re-cut-front-neck-body", 2],
      ["re-cut-front-armhole-body", 2],
    ]);
  });
  it("after separating nothing is done through four, and the front's neck and armhole are not cut before", () => {
    const separated = sheet.steps.findIndex(({ stopUntil }) => stopUntil === "separated");
    expect(separated).toBeGreaterThan(0);
    const after = sheet.steps.slice(separated).filter(({ phase }) => phase !== "count" && phase !== "make");
    expect(after.every(({ layers }) => layers === 2)).toBe(true);
    expect(sheet.steps[separated]?.mustNotCut).toEqual(["bodice-front/front-neck", "bodice-front/front-armhole"]);
  });
});

describe("names on the cloth", () => {
  it.each(garments.map(({ id }) => id))(
    "%s: no two marks, darts, edges or notches of a piece are called the same",
    (id) => {
      const bustDarts = draw(id, { choices: {} });
      for (const piece of bustDarts?.pieces ?? []) {
        const lists = {
          marks: piece.marks.map((mark) => mark.id),
          darts: piece.darts.map((dart) => dart.id),
          edges: piece.edges.map((edge) => edge.id),
          notches: piece.notches.map((notch) => `${notch.id} ${notch.edge}`),
          lines: piece.lines.map((line) => line.id),
        };
        for (const [what, names] of Object.entries(lists))
          expect([piece.id, what, [...names].sort()]).toEqual([piece.id, what, [...new Set(names)].sort()]);
      }
    },
  );
  it("the legs of a waist dart are told apart, each with a step of its own name", () => {
    const sheet = workedSheet("sheath-dress");
    const legs = sheet.steps.filter(({ id }) => id.startsWith("front-") && /dart/.test(id));
    expect(new Set(legs.map(({ title }) => title)).size).toBe(legs.length);
    const marks = pieceOf(sheet, "bodice-front").marks.filter(({ id }) => /dart/.test(id));
    expect(new Set(marks.map(({ id }) => id)).size).toBe(marks.length);
  });
});
