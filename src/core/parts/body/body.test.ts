import { describe, expect, it } from "vitest";
import { makeCrowd, type Readings } from "../../body";
import type { Draft, Piece } from "../../chalk";
import { checkDraft } from "../../checks";
import { readOrder } from "../../formats";
import { draftGarment } from "../../garments";
import { crossAtDepth, flattenPath, pathEnd, pathLength, placeAtLength } from "../../geometry";
import { bodyChoices, offer } from "..";
import { planButtons } from "../buttons";

function draw(garment: string, measurements: Readings, choices: object = {}, rules: object = {}): Draft | null {
  const read = readOrder({ garment, choices, rules, client: { card: { measurements } } });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const drawn = draftGarment(read.value.garment, read.value.given);
  return drawn.ok ? drawn.value : null;
}

const drawn = (
  garment: string,
  seed: number,
  count: number,
  choices: object = {},
  rules: object = {},
): readonly Draft[] => makeCrowd(seed, count).flatMap((body) => draw(garment, body, choices, rules) ?? []);

function piece(draft: Draft, id: string): Piece {
  const found = draft.pieces.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no ${id}`);
  return found;
}

function edge(draft: Draft, pieceId: string, id: string) {
  const found = piece(draft, pieceId).edges.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no ${id} on ${pieceId}`);
  return found;
}

describe("panels on 60 made-up bodies (seed 31)", () => {
  it("meet above and below the bust within 1/16, whatever the split of the take-out", () => {
    for (const takeOutSplit of ["side", "mostly-side", "even"])
      for (const draft of drawn("armhole-bustier", 31, 60, {}, { takeOutSplit }))
        for (const seam of checkDraft(draft).seams)
          for (const { lengthA, lengthB } of seam.parts) expect(Math.abs(lengthA - lengthB)).toBeLessThan(1 / 16);
  });
  it("run over the bust without a corner: the edge nowhere turns by more than 12° between two points a quarter inch apart", () => {
    for (const draft of drawn("armhole-bustier", 31, 60)) {
      const path = edge(draft, "centre-front", "panel").stitch;
      for (let along = 0.5; along < pathLength(path) - 0.5; along += 0.25) {
        const [a, b] = [placeAtLength(path, along).tangent, placeAtLength(path, along + 0.25).tangent];
        expect(Math.abs(Math.asin(a.x * b.y - a.y * b.x))).toBeLessThan((12 * Math.PI) / 180);
      }
    }
  });
  it("from the shoulder: the sewn shoulder is half across shoulder along the slope, and straight", () => {
    for (const draft of drawn("shoulder-bustier", 31, 60)) {
      const whole = ["centre-front", "side-front"].reduce(
        (sum, id) => sum + pathLength(edge(draft, id, "shoulder").stitch),
        0,
      );
      expect(whole).toBeCloseTo(pathLength(edge(draft, "centre-back", "shoulder").stitch), 2);
    }
  });
  it("the armhole leaves a swung shoulder square and arrives level at the underarm", () => {
    for (const draft of drawn("shoulder-bustier", 31, 60)) {
      const [shoulder, armhole] = [
        edge(draft, "side-front", "shoulder").stitch,
        edge(draft, "side-front", "front-armhole").stitch,
      ];
      const [along, leaving] = [placeAtLength(shoulder, 1).tangent, placeAtLength(armhole, 0).tangent];
      expect(Math.abs(along.x * leaving.x + along.y * leaving.y)).toBeLessThan(0.01);
      expect(Math.abs(placeAtLength(armhole, pathLength(armhole)).tangent.y)).toBeLessThan(0.01);
    }
  });
  it("sew the armhole to the arm and its room within a quarter of an inch, take-outs closed", () => {
    for (const garment of ["armhole-bustier", "shoulder-bustier", "yoke-gown", "a-line-dress"])
      for (const draft of drawn(garment, 31, 40)) {
        const arm = draft.given.measurements.armhole?.value ?? 0;
        expect(Math.abs(checkDraft(draft).armholeRound - arm - 1.5), garment).toBeLessThan(0.25);
      }
  });
});

describe("the bust dart on 60 made-up bodies (seed 32)", () => {
  const bodies = makeCrowd(32, 60);
  it("sewn: its legs are equally long from the bust point, and the side is as long as the back's when it is closed", () => {
    let looked = 0;
    for (const body of bodies) {
      const draft = draw("basic-bodice", body);
      const dart = draft && piece(draft, "bodice-front").darts.find(({ id }) => id === "bust-dart");
      if (draft === null || dart === undefined) continue;
      looked += 1;
      const point = piece(draft, "bodice-front").marks.find(({ id }) => id === "bust/point")?.place.stitch ?? {
        x: 0,
        y: 0,
      };
      const [upper, lower] = dart?.legs.map(({ x, y }) => Math.hypot(x - point.x, y - point.y)) ?? [];
      expect(upper).toBeCloseTo(lower ?? 0, 6);
      expect(Math.hypot((dart?.tip.x ?? 0) - point.x, (dart?.tip.y ?? 0) - point.y)).toBeCloseTo(1, 6);
      const side = checkDraft(draft).seams.find(({ id }) => id === "side");
      expect(Math.abs(side?.ease ?? 9)).toBeLessThan(1 / 16);
    }
    expect(looked).toBeGreaterThan(40);
  });
  it("moved to the waist dart: no mouth at the side, a wider waist dart with equal legs, the same girths", () => {
    let looked = 0;
    for (const body of bodies) {
      const [sewn, moved] = [draw("basic-bodice", body), draw("basic-bodice", body, { bustDart: "to-waist" })];
      if (sewn === null || moved === null) continue;
      const [before, after] = [sewn, moved].map((one) =>
        piece(one, "bodice-front").darts.find(({ id }) => id === "front-waist-dart"),
      );
      if (piece(moved, "bodice-front").turn === null) continue;
      looked += 1;
      expect(after?.intake ?? 0).toBeGreaterThan((before?.intake ?? 9) + 0.1);
      const [inner, outer] =
        after?.legs.map(({ x, y }) => Math.hypot(x - (after?.tip.x ?? 0), y - (after?.tip.y ?? 0))) ?? [];
      expect(inner).toBeCloseTo(outer ?? 0, 6);
      expect(edge(moved, "bodice-front", "side").mouths).toEqual([]);
      const waists = [sewn, moved].map((one) => checkDraft(one).girths.find(({ on }) => on === "waist")?.drawn ?? 0);
      expect(Math.abs((waists[0] ?? 0) - (waists[1] ?? 9))).toBeLessThan(1 / 8);
    }
    expect(looked).toBeGreaterThan(40);
  });
  it("moved into the panel: chest and bust marks leave their lines, and the wedge at the armhole opens", () => {
    let looked = 0;
    for (const body of bodies) {
      const draft = draw("a-line-dress", body);
      if (draft === null || piece(draft, "side-front").turn === null) continue;
      looked += 1;
      const chest = piece(draft, "side-front").marks.find(({ id }) => id === "chest/side");
      expect(chest?.line).toBeNull();
      const [inner, outer] = ["centre-front", "side-front"].map((id) => edge(draft, id, "panel").stitch);
      const gap = (outer ? pathEnd(outer).x : 0) - (inner?.start.x ?? 0) - piece(draft, "side-front").shift;
      expect(gap).toBeGreaterThan(0.1);
    }
    expect(looked).toBeGreaterThan(40);
  });
});

describe("edges that a hand would chalk", () => {
  it("a flared hem never sags below its centre by more than a hair, and leaves the side square", () => {
    for (const draft of drawn("a-line-dress", 33, 60)) {
      const hem = edge(draft, "bodice-back", "hem").stitch;
      const centre = pathEnd(hem).y;
      expect(Math.max(...flattenPath(hem).map(({ y }) => y))).toBeLessThan(centre + 0.3);
      const side = edge(draft, "bodice-back", "side").stitch;
      const [down, along] = [placeAtLength(side, pathLength(side)).tangent, placeAtLength(hem, 0).tangent];
      expect(Math.abs(down.x * along.x + down.y * along.y)).toBeLessThan(0.01);
    }
  });
  it("a shirt tail is level at the centre and rises to the side", () => {
    for (const draft of drawn("shirt", 33, 40)) {
      const hem = edge(draft, "bodice-front", "hem").stitch;
      expect(placeAtLength(hem, pathLength(hem)).tangent.y).toBeCloseTo(0, 6);
      expect(pathEnd(hem).y - hem.start.y).toBeCloseTo(2.5, 0);
    }
  });
  it("flared panel edges that meet lean out by the same", () => {
    for (const draft of drawn("flared-blouse", 33, 40)) {
      const [inner, outer] = [edge(draft, "centre-front", "panel"), edge(draft, "side-front", "panel")];
      const waist = piece(draft, "centre-front").lines.find(({ id }) => id === "waist")?.down ?? 0;
      const lean = (path: typeof inner.stitch, end: { x: number; y: number }) =>
        (end.x - (crossAtDepth(path, waist)[0]?.x ?? 0)) / (end.y - waist);
      const [right, left] = [lean(inner.stitch, pathEnd(inner.stitch)), lean(outer.stitch, outer.stitch.start)];
      expect(right).toBeCloseTo(-left, 6);
      expect(right).toBeGreaterThan(0.2);
    }
  });
});

describe("buttons", () => {
  it.each([
    [3.5, 10.5, 29], // first at 4¼; 6¼ to the bust line in two
    [3, 11, 30],
    [12, 10.5, 29], // a neck below the bust line starts at its own first button
  ])("from a neck %d deep with a bust line at %d: even, one on the bust line, none in the hem", (neck, bust, end) => {
    const { downs, pitch } = planButtons(neck, bust, end, { metric: false, end: "hem", stand: false });
    for (const [index, down] of downs.slice(1).entries()) expect(down - (downs[index] ?? 0)).toBeCloseTo(pitch, 6);
    expect(pitch).toBeGreaterThanOrEqual(2.5);
    expect(pitch).toBeLessThanOrEqual(3.5);
    if (neck < bust) expect(downs.some((down) => Math.abs(down - bust) < 1e-6)).toBe(true);
    expect(downs[0]).toBeGreaterThanOrEqual(neck + 0.5);
    expect(Math.max(...downs)).toBeLessThanOrEqual(end - 3);
  });
});

it("offers a choice as it is, with another default, or only some of its ways", () => {
  const offered = offer({ neckWidth: true, frontNeck: "v", opening: ["slit", "none"], backYoke: "on" });
  expect(offered.neckWidth).toEqual(bodyChoices.neckWidth);
  // Where the front neck is not asked for, what waits for it is always asked.
  expect(offer({ overlapWidth: true }).overlapWidth?.when).toBeUndefined();
  expect(offer({ overlapWidth: true, opening: true }).overlapWidth?.when).toEqual({ opening: ["overlap"] });
  expect(offered.frontNeck?.default).toBe("v");
  expect(offered.opening).toMatchObject({ default: "slit", options: { slit: expect.any(String), none: "None" } });
  expect(offered.backYoke?.default).toBe(true);
  expect(Object.keys(offered)).toEqual([
    "neckWidth",
    "frontNeck",
    "opening",
    "backYoke",
    "workingPiece",
    "growth",
    "scale",
  ]);
  expect(Object.keys(offer({ fold: true }))).toEqual(["fold", "frontCurves", "workingPiece", "growth", "scale"]);
  expect(Object.keys(offer({ fold: ["one-fold", "back-from-front"] }))).toEqual([
    "fold",
    "workingPiece",
    "growth",
    "scale",
  ]);
});
