import type { ShoulderPlan, Side } from "../../blocks";
import {
  addTerms,
  type Given,
  givenStep,
  type Mouth,
  neckAllowance,
  neckInside,
  neckTerm,
  type PieceChalk,
  refuse,
  ruleLength,
  type Sum,
  settle,
  settleOnTape,
  type Term,
  turnTerm,
} from "../../chalk";
import {
  at,
  curveBetween,
  type Direction,
  directionFrom,
  joinPaths,
  leftOf,
  lineTo,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  splitAtAcross,
  straight,
} from "../../geometry";
import { type Inches, roundToStep, roundUpToStep, TRUEING_STEP } from "../../length";
import { certain } from "../../result";
import type { BodyForm } from "./body-form";
import { builtUpBack, builtUpFront, isBuiltUp, riseEnd, riseTerm } from "./built-up";
import type { NeckShape } from "./neck-shapes";

/** A neck edge on the net draft. */
export interface NeckPlan {
  readonly shape: NeckShape;
  readonly width: Inches;
  readonly depth: Inches;
  /** Along the shoulder, from the neck outwards. */
  readonly shoulder: Direction;
  /** Where the finished front edge lies: 0 on the centre, less where it overlaps, more where a band is sewn on. */
  readonly edgeAcross: Inches;
  /** Half the bust span: the crest of a sweetheart. */
  readonly crestAcross: Inches;
  /** Of a neck that is built up: its line, which ends above the neck point; null for any other. */
  readonly builtUp: Path | null;
}

/** Room that the neck must leave above the waist line: less holds nothing together, and there is no edge to button. */
const LEAST_ABOVE_WAIST: Inches = 1;

/** How far the crest of a sweetheart lies above its point, and what it keeps from the shoulder. */
const CREST_ABOVE: Inches = 1.25;

/** Two arcs that meet at the centre; from the crest straight up to the shoulder. */
function sweetheart(centre: Point, { width, depth, crestAcross }: NeckPlan): Path {
  const crest = at(Math.max(crestAcross, 1), depth - CREST_ABOVE);
  const steep = directionFrom(at(0, 0), at(0.45, -1)) ?? { x: 0, y: -1 };
  const arc = curveBetween(centre, steep, crest, { x: 1, y: 0 });
  return { start: centre, segments: [arc, lineTo(at(width, 0))] };
}

function shapeNeck(plan: NeckPlan): Path {
  const { shape, width, depth, shoulder } = plan;
  const centre = at(0, depth);
  const shoulderPoint = at(width, 0);
  switch (shape) {
    case "round":
    case "scoop":
    case "boat":
      return { start: centre, segments: [curveBetween(centre, { x: 1, y: 0 }, shoulderPoint, leftOf(shoulder))] };
    case "v":
      return straight(centre, shoulderPoint);
    case "square":
      return straight(centre, at(width, depth), shoulderPoint);
    case "sweetheart":
      return sweetheart(centre, plan);
    case "built-up":
      return plan.builtUp ?? straight(centre, shoulderPoint);
    default:
      return shape satisfies never;
  }
}

/**
 * The line of the neck from the front edge to the shoulder (craft: bodice, step 5). Over an overlap a V runs on to the
 * edge, every other shape level; short of the centre the line is cut off where the band begins.
 */
export function drawNeck(plan: NeckPlan): Path {
  const { edgeAcross, depth, width } = plan;
  if (edgeAcross < 0 && plan.shape === "v") return straight(at(edgeAcross, depth), at(width, 0));
  const neck = shapeNeck(plan);
  if (edgeAcross < 0) return joinPaths([straight(at(edgeAcross, depth), at(0, depth)), neck]);
  if (edgeAcross === 0) return neck;
  return splitAtAcross(neck, edgeAcross)?.[1] ?? neck;
}

/** Which way a path goes at one of its ends. */
function tangentAt(path: Path, end: "start" | "end"): Direction {
  if (end === "start") return placeAtLength(path, 0).tangent;
  const from: Point = path.segments.at(-2)?.to ?? path.start;
  const last = certain(path.segments.at(-1), "a neck with a line");
  const before = last.kind === "cubic" ? last.control2 : from;
  return directionFrom(before, pathEnd(path)) ?? { x: 0, y: -1 };
}

/**
 * The neck allowance as the tape meets it on the centre or on the top line: ½ square to the line is more when the line
 * crosses the tape at a slant (a V cuts 1⅜ above its stitched point, not ½). Rounded to the tape as a term of its own.
 */
function slantedAllowance(given: Given, slant: number): readonly Term[] {
  const seam = turnTerm(neckTerm(given));
  const exact = neckAllowance(given) / Math.max(0.2, slant);
  const rounded = roundToStep(exact, givenStep(given) || TRUEING_STEP);
  const more = seam.value + rounded;
  return more < 1 / 32
    ? [seam]
    : [seam, { code: "line-slants", kind: "allowance", value: -more, source: "rule:allowance.neck" }];
}

/** A sweetheart whose crest would rise into the shoulder is no neck: it wants this much depth at least. */
function checkCrest(given: Given, side: Side, plan: NeckPlan, step: Inches): void {
  if (plan.shape !== "sweetheart") return;
  const crest = Math.max(plan.crestAcross, 1);
  const shoulderDown = (Math.max(0, crest - plan.width) * plan.shoulder.y) / plan.shoulder.x;
  const seams = neckAllowance(given) + ruleLength(given, "allowance.shoulder");
  const least = CREST_ABOVE + shoulderDown + seams;
  if (plan.depth >= least - 1e-9) return;
  refuse({
    code: "sweetheart-too-shallow",
    conflicts: [`choices.${side}NeckDepth`, `choices.${side}Neck`],
    numbers: { depth: plan.depth, least },
    nearest: roundUpToStep(least, step),
  });
}

/** A planned neck: its shape, its depth with its sum, and its line. */
export interface NeckDrawn {
  readonly plan: NeckPlan;
  readonly depth: Sum;
  readonly path: Path;
}

/** The neck built up, front and back drawn as one line across the shoulder seam (craft: collars, built-up neck). */
function planBuiltUp(given: Given, form: BodyForm, side: Side, shoulder: ShoulderPlan, edgeAcross: Inches): NeckDrawn {
  const width = shoulder.neckWidth.value;
  const end = riseEnd(form, width);
  const chosen: Term = {
    code: "neck-depth",
    kind: "style",
    value: form.frontNeckDepth,
    source: "choice:frontNeckDepth",
  };
  const frontDepth = settleOnTape(given, [chosen, ...neckInside(given)]);
  const front = builtUpFront(given, end, frontDepth.value);
  const path = side === "front" ? front : builtUpBack(end, front, form.builtUpDip);
  const dip: Term = { code: "centre-dip", kind: "style", value: form.builtUpDip, source: "choice:builtUpDip" };
  const depth = side === "front" ? frontDepth : settle([riseTerm(form), dip], 0);
  const plan: NeckPlan = {
    shape: "built-up",
    width,
    depth: depth.value,
    shoulder: shoulder.direction,
    edgeAcross,
    crestAcross: width,
    builtUp: path,
  };
  return { plan, depth, path: drawNeck(plan) };
}

/** The neck of one half: its shape and depth by choice. */
export function planNeck(
  given: Given,
  form: BodyForm,
  side: Side,
  shoulder: ShoulderPlan,
  edgeAcross: Inches,
): NeckDrawn {
  if (isBuiltUp(form)) return planBuiltUp(given, form, side, shoulder, edgeAcross);
  const choice = `${side}NeckDepth` as const;
  const value = form[choice];
  const depth = settleOnTape(given, [
    { code: "neck-depth", kind: "style", value, source: `choice:${choice}` },
    ...neckInside(given),
  ]);
  const span = given.measurements.bustSpan?.value;
  const plan: NeckPlan = {
    shape: form[`${side}Neck`],
    width: shoulder.neckWidth.value,
    depth: depth.value,
    shoulder: shoulder.direction,
    edgeAcross,
    crestAcross: span === undefined ? shoulder.neckWidth.value : span / 2,
    builtUp: null,
  };
  checkCrest(given, side, plan, givenStep(given));
  return { plan, depth, path: drawNeck(plan) };
}

/** The line that a neck must stay above. */
export interface NeckLimit {
  readonly line: "waist" | "ribs" | "yoke";
  readonly down: Inches;
}

/** Refuses a neck that reaches below what holds the garment together; with the line that lies there. */
export function checkNeckDepth(side: Side, depth: Inches, { line, down }: NeckLimit): void {
  const most = down - LEAST_ABOVE_WAIST;
  if (depth <= most + 1e-9) return;
  refuse({
    code: "neck-below-waist",
    conflicts: [
      `choices.${side}NeckDepth`,
      ...(line === "yoke" ? ["choices.yokeAboveBust"] : []),
      `measurements.${side}Waist`,
    ],
    numbers: { depth, waist: down },
    words: { line },
    nearest: most,
  });
}

/** Where the neck ends on a front edge that does not lie on the centre line: a mark of its own. */
function chalkNeckAtEdge(piece: PieceChalk, { plan, path }: NeckDrawn): void {
  const { x } = path.start;
  if (Math.abs(x) < 1e-9) return;
  const place = { id: "edge/neck", stitch: path.start, why: "neck-edge" } as const;
  if (plan.edgeAcross < 0) {
    const value = piece.start.originInset.value + x;
    const beyond: Term = { code: "beyond-finished-edge", kind: "allowance", value, source: "choice:opening" };
    piece.at({ ...place, terms: [beyond], from: "cloth-edge" });
    return;
  }
  const short: Term = { code: "short-of-centre", kind: "style", value: x, source: "choice:bandWidth" };
  piece.at({ ...place, terms: [short] });
}

/** The neck's cut on the top line, where the line meets it at all: a flat neck is cut above it from side to side. */
function topCut(given: Given, width: Inches, slant: number): { readonly allowance?: readonly Term[] } {
  const allowance = slantedAllowance(given, slant);
  return width + addTerms(allowance) < 0 ? {} : { allowance };
}

/** The stretch of neck that the facing of a slit takes into its seam. */
function takenMouths(path: Path, taken: Inches): readonly Mouth[] {
  const rest = taken === 0 ? null : splitAtAcross(path, taken);
  return rest === null ? [] : [{ closes: "slit-facing", from: 0, to: pathLength(rest[0]) }];
}

/** Chalks a neck that is built up: its width on the top line, the end of the rise, its lowest place at the centre. */
function chalkBuiltUp(piece: PieceChalk, shoulder: ShoulderPlan, side: Side, neck: NeckDrawn, taken: Inches): void {
  const { given } = piece;
  const { plan, depth, path } = neck;
  const { neckWidth } = shoulder;
  piece.mark("top", "neck", { terms: neckWidth.terms, step: 0, why: "neck-width" });
  piece.at({ id: "neck/rise", terms: neckWidth.terms, stitch: pathEnd(path), drawn: "neck-rise", why: "neck-rise" });
  if (side === "front")
    piece.centreMark("neck-depth", { terms: depth.terms, step: 0, allowance: [turnTerm(neckTerm(given))] });
  else
    piece.at({ id: "centre/neck-depth", terms: [], stitch: at(0, plan.depth), drawn: "neck-rise", why: "neck-rise" });
  chalkNeckAtEdge(piece, neck);
  piece.edge(`${side}-neck`, {
    role: "neck",
    stitch: path,
    allowance: neckAllowance(given),
    through: ["edge/neck", "centre/neck-depth", "neck/rise"],
    mouths: takenMouths(path, taken),
    why: "neck-rise",
  });
}

/** Chalks a neck: width on the top line, depth on the centre line, the edge between. */
export function chalkNeck(piece: PieceChalk, shoulder: ShoulderPlan, side: Side, neck: NeckDrawn, taken: Inches): void {
  const { given } = piece;
  const { depth, path } = neck;
  if (neck.plan.builtUp !== null) {
    chalkBuiltUp(piece, shoulder, side, neck, taken);
    return;
  }
  piece.mark("top", "neck", {
    terms: shoulder.neckWidth.terms,
    step: 0,
    ...topCut(given, shoulder.neckWidth.value, Math.abs(leftOf(tangentAt(path, "end")).x)),
    why: "neck-width",
  });
  piece.centreMark("neck-depth", {
    terms: depth.terms,
    step: 0,
    allowance: slantedAllowance(given, Math.abs(leftOf(tangentAt(path, "start")).y)),
  });
  chalkNeckAtEdge(piece, neck);
  piece.edge(`${side}-neck`, {
    role: "neck",
    stitch: path,
    allowance: neckAllowance(given),
    through: ["edge/neck", "centre/neck-depth", "top/neck"],
    mouths: takenMouths(path, taken),
    why: "neck-curve",
  });
}
