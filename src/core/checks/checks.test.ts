import { describe, expect, it } from "vitest";
import { makeCrowd, makeExtremes, type Readings, typicalBody } from "../body";
import { type Draft, drawOutline, type Piece } from "../chalk";
import { type ReadOrder, readOrder } from "../formats";
import { draftGarment, garments } from "../garments";
import { mapPath, type Point } from "../geometry";
import { type RuleSetId, ruleSets } from "../rules";
import { checkDraft } from ".";

function read(garment: string, body: Readings, set: RuleSetId = "close", choices: object = {}): ReadOrder {
  const result = readOrder({ garment, client: { card: { measurements: body } }, rules: { set }, choices });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
}

function draw(
  body: Readings = typicalBody,
  garment = "straight-dress",
  set: RuleSetId = "close",
  choices: object = {},
): Draft {
  const order = read(garment, body, set, choices);
  const draft = draftGarment(order.garment, order.given);
  if (!draft.ok) throw new Error(JSON.stringify(draft.issues));
  return draft.value;
}

const errors = (draft: Draft) =>
  checkDraft(draft)
    .findings.filter(({ level }) => level === "error")
    .map(({ id }) => id);

function changePiece(draft: Draft, id: string, change: (piece: Piece) => Piece): Draft {
  return { ...draft, pieces: draft.pieces.map((piece) => (piece.id === id ? change(piece) : piece)) };
}

/** Moves every point of the drawn edges that lies at `from`, as a slip of the chalk would; marks and terms stay. */
function movePoint(piece: Piece, from: Point, by: Point): Piece {
  const move = (point: Point) =>
    Math.hypot(point.x - from.x, point.y - from.y) < 1e-6 ? { x: point.x + by.x, y: point.y + by.y } : point;
  const edges = piece.edges.map((edge) => ({ ...edge, stitch: mapPath(edge.stitch, move) }));
  return { ...piece, edges, outline: drawOutline(edges) };
}

describe("the proofs work: each slip turns its check red", () => {
  it("finds nothing wrong in a sound draft", () => expect(errors(draw())).toEqual([]));

  it.each(["chest", "waist", "hip"] as const)(
    "a side point moved out by ¼ on the %s line of the front: the girth is ½ too large",
    (line) => {
      const draft = changePiece(draw(), "bodice-front", (piece) => {
        const mark = piece.marks.find(({ id }) => id === `${line}/side`);
        return movePoint(piece, mark?.place.stitch ?? { x: 0, y: 0 }, { x: 0.25, y: 0 });
      });
      expect(errors(draft)).toContain("girth-off");
      const report = checkDraft(draft).girths.find(({ on }) => on === line);
      const sound = checkDraft(draw()).girths.find(({ on }) => on === line);
      expect((report?.drawn ?? 0) - (sound?.drawn ?? 0)).toBeCloseTo(0.5, 2);
    },
  );

  it("a give-back dropped from the back's waist: the ledger is open by ½", () => {
    const draft = changePiece(draw(), "bodice-back", (piece) => ({
      ...piece,
      marks: piece.marks.map((mark) => ({ ...mark, terms: mark.terms.filter(({ kind }) => kind !== "given-back") })),
    }));
    expect(errors(draft)).toEqual(["take-out-not-given-back"]);
    expect(checkDraft(draft).ledger[0]).toMatchObject({ removed: expect.closeTo(0.5, 6), givenBack: 0 });
  });

  it("a shoulder shortened by ¼: the seam does not meet", () => {
    const draft = changePiece(draw(), "bodice-front", (piece) =>
      movePoint(piece, piece.edges[1]?.stitch.start ?? { x: 0, y: 0 }, { x: 0.25, y: 0 }),
    );
    expect(errors(draft)).toEqual(["seam-mismatch"]);
  });

  it("a foot of the side seam left off: the side seam does not meet", () => {
    const draft = changePiece(draw(), "bodice-back", (piece) => {
      const foot = piece.marks.find(({ id }) => id === "side/foot")?.place.stitch ?? { x: 0, y: 0 };
      return movePoint(piece, foot, { x: 0, y: -0.25 });
    });
    expect(errors(draft)).toContain("seam-mismatch");
  });

  it("a hem corner thrown across the neck: the outline crosses itself", () => {
    const draft = changePiece(draw(), "bodice-front", (piece) =>
      movePoint(piece, piece.edges[4]?.stitch.start ?? { x: 0, y: 0 }, { x: -30, y: -60 }),
    );
    expect(errors(draft)).toContain("outline-crosses-itself");
  });

  it("a zip that ends 1 above the edge of a blouse, or a tick more, is long enough: no body is told otherwise", () => {
    for (const [index, body] of [typicalBody, ...makeCrowd(30, 5)].entries()) {
      const draft = draw(body, "flared-blouse", index % 2 === 0 ? "close" : "metric", { opening: "back-zip" });
      expect(checkDraft(draft).findings.map(({ id }) => id)).not.toContain("zip-too-short");
    }
  });
  it("a zip that ends 3 above the hip is too short", () => {
    const draft = changePiece(draw(), "bodice-back", (piece) => ({
      ...piece,
      marks: piece.marks.map((mark) => (mark.id === "centre/zip-end" ? { ...mark, stitch: mark.stitch - 3 } : mark)),
    }));
    expect(checkDraft(draft).findings.map(({ id }) => id)).toContain("zip-too-short");
  });

  it("an arm measured 3 larger than drawn for pinches; 3 smaller gapes", () => {
    const pretend = (armhole: number): Draft => {
      const draft = draw();
      return {
        ...draft,
        given: {
          ...draft.given,
          measurements: { ...draft.given.measurements, armhole: { value: armhole, from: "card" } },
        },
      };
    };
    expect(checkDraft(pretend(19.75)).findings.map(({ id }) => id)).toContain("armhole-tight");
    expect(checkDraft(pretend(14)).findings.map(({ id }) => id)).toContain("armhole-loose");
  });
});

describe("the proofs of panels, darts and fronts turn red too", () => {
  const levels = (draft: Draft) => checkDraft(draft).findings.map(({ id, level }) => `${level} ${id}`);
  const bustier = () => draw(typicalBody, "armhole-bustier");

  it("a bustier's seams meet in both parts, above and below the bust", () => {
    const seam = checkDraft(bustier()).seams.find(({ id }) => id === "front-panel");
    expect(seam?.parts).toHaveLength(2);
    for (const { lengthA, lengthB } of seam?.parts ?? []) expect(Math.abs(lengthA - lengthB)).toBeLessThan(1 / 16);
  });
  it("a bust notch set ¼ too low: the whole seam meets, its parts do not", () => {
    const draft = changePiece(bustier(), "side-front", (piece) => ({
      ...piece,
      notches: piece.notches.map((notch) => (notch.id === "bust" ? { ...notch, at: notch.at - 0.25 } : notch)),
    }));
    expect(errors(draft)).toEqual(["seam-mismatch"]);
  });
  it("an outer panel not moved out: its cutting line runs over its neighbour's", () => {
    const draft = changePiece(bustier(), "side-front", (piece) => {
      const edges = piece.edges.map((edge) => ({
        ...edge,
        stitch: mapPath(edge.stitch, ({ x, y }) => ({ x: x - piece.shift, y })),
      }));
      return { ...piece, edges, outline: drawOutline(edges.map(({ cut: _, ...edge }) => edge)) };
    });
    expect(levels(draft)).toContain("error panel-cuts-overlap");
  });
  it("where the house does not move panels apart, that is a caution and not a mistake of the draft", () => {
    const order = readOrder({
      garment: "armhole-bustier",
      rules: { panelRoom: "none" },
      client: { card: { measurements: typicalBody } },
    });
    if (!order.ok) throw new Error("no order");
    const drawn = draftGarment(order.value.garment, order.value.given);
    expect(drawn.ok && levels(drawn.value)).toContain("caution panel-cuts-overlap");
  });
  it("a panel that leaves the armhole near its tip loses a corner of its seam: told as a corner, not as a seam", () => {
    const order = readOrder({
      garment: "armhole-bustier",
      rules: { "allowance.armhole": 0.875, armholeTakeOut: 0, panelPoint: "4 cm" },
      client: { card: { measurements: typicalBody } },
    });
    if (!order.ok) throw new Error("no order");
    const drawn = draftGarment(order.value.garment, order.value.given);
    const found = drawn.ok ? checkDraft(drawn.value).findings.find(({ id }) => id === "panel-cuts-overlap") : undefined;
    expect(found).toMatchObject({ level: "caution", piece: "side-front", words: { where: "corner" } });
    expect(found?.numbers.shared).toBeGreaterThan(0.1);
    expect(found?.numbers.shared).toBeLessThan(0.5);
  });
  it("a take-out that is dropped from the ribs' side mark: the ledger is open by 2", () => {
    const draft = changePiece(bustier(), "side-front", (piece) => ({
      ...piece,
      marks: piece.marks.map((mark) =>
        mark.id === "underbust/side"
          ? { ...mark, terms: mark.terms.filter(({ kind }) => kind !== "given-back") }
          : mark,
      ),
    }));
    expect(errors(draft)).toEqual(["take-out-not-given-back"]);
  });
  it("a waist dart sewn ½ wider than it was given back: the waist is 1 too small", () => {
    const draft = changePiece(draw(typicalBody, "sheath-dress"), "bodice-front", (piece) => ({
      ...piece,
      darts: piece.darts.map((dart) =>
        dart.id === "front-waist-dart"
          ? { ...dart, legs: [dart.legs[0], { ...dart.legs[1], x: dart.legs[1].x + 0.5 }] as const }
          : dart,
      ),
    }));
    const [wrong, sound] = [draft, draw(typicalBody, "sheath-dress")].map(
      (one) => checkDraft(one).girths.find(({ on }) => on === "waist")?.drawn ?? 0,
    );
    expect((wrong ?? 0) - (sound ?? 0)).toBeCloseTo(-1, 6);
    expect(errors(draft)).toContain("girth-off");
  });
  it("a turn undone measures the chest as it was before the bust dart was closed", () => {
    const dress = draw(typicalBody, "a-line-dress");
    const side = dress.pieces.find(({ id }) => id === "side-front");
    expect(side?.turn?.lines).toEqual(["chest", "bust"]);
    expect(errors(dress)).toEqual([]);
    const forgotten = changePiece(dress, "side-front", (piece) => ({ ...piece, turn: null }));
    expect(errors(forgotten)).toContain("girth-off");
  });
  it.each([
    ["a-line-dress", { frontNeck: "boat" }, "caution neck-not-as-named"],
    ["straight-dress", { frontNeck: "scoop", frontNeckDepth: 4 }, "caution neck-not-as-named"],
    ["flared-blouse", { panelFlare: 0 }, "caution hip-tight"],
    ["a-line-dress", {}, "note flare-kept"],
    ["yoke-gown", { yokeAboveBust: 1 }, "note yoke-line-raised"],
    ["sheath-dress", { bustDartDepth: 6 }, "note bust-dart-raised"],
  ])("%s with %j says %s", (garment, choices, said) =>
    expect(levels(draw(typicalBody, garment, "close", choices))).toContain(said),
  );
  it("says so when the house leaves the bust dart out, when none is needed, and when a trim has no join", () => {
    const order = (garment: string, rules: object, body: Readings = typicalBody) => {
      const got = readOrder({ garment, rules, client: { card: { measurements: body } } });
      const drawn = got.ok ? draftGarment(got.value.garment, got.value.given) : null;
      return drawn?.ok ? levels(drawn.value) : [];
    };
    expect(order("sheath-dress", { balance: "none" })).toContain("note bust-dart-off-by-rule");
    expect(order("sheath-dress", {}, { ...typicalBody, backWaist: typicalBody.frontWaist ?? 17 })).toContain(
      "note bust-dart-not-needed",
    );
    expect(order("sheath-dress", { balance: "trim" })).toContain("note trim-needs-join");
  });
});

const sets = Object.keys(ruleSets) as RuleSetId[];

function sweep(garment: string, body: Readings, set: RuleSetId, choices: object = {}): "refused" | readonly string[] {
  const order = read(garment, body, set, choices);
  const draft = draftGarment(order.garment, order.given);
  if (!draft.ok) return "refused";
  const report = checkDraft(draft.value);
  for (const piece of draft.value.pieces) {
    for (const { x, y } of piece.outline.cut) if (!Number.isFinite(x + y)) throw new Error("a point that is none");
  }
  // That a head or both knees do not pass is the truth about a sound draft, and no mistake of it.
  return report.findings
    .filter(({ id, level }) => level === "error" && id !== "head-does-not-pass" && id !== "flare-narrow")
    .map(({ id }) => id);
}

const everyWay = garments.flatMap(({ id }) => sets.map((set) => [id, set] as const));
const bad = (outcome: "refused" | readonly string[]) => outcome !== "refused" && outcome.length > 0;

describe("any plausible body: a sound draft or a refusal", () => {
  it.each(everyWay)("%s, %s: 60 made-up bodies (seed 11) without an error, at most 2 refused", (garment, set) => {
    const outcomes = makeCrowd(11, 60).map((body) => sweep(garment, body, set));
    expect(outcomes.filter(bad)).toEqual([]);
    expect(outcomes.filter((outcome) => outcome === "refused").length).toBeLessThanOrEqual(2);
  });
  it.each(everyWay)("%s, %s: the extremes of every reading without an error", (garment, set) => {
    const outcomes = makeExtremes().map(({ name, body }) => [name, sweep(garment, body, set)] as const);
    expect(outcomes.filter(([, outcome]) => bad(outcome))).toEqual([]);
  });
  it("every neck shape, front and back, on 20 bodies (seed 12)", () => {
    const shapes = ["round", "v", "square", "scoop", "boat", "sweetheart"];
    for (const frontNeck of shapes)
      for (const backNeck of shapes)
        for (const body of makeCrowd(12, 20)) {
          const choices = { frontNeck, backNeck, frontNeckDepth: 6, backNeckDepth: 3 };
          expect(sweep("straight-dress", body, "close", choices)).toEqual([]);
        }
  });
});
