import type { Given } from "../../chalk";
import {
  add,
  at,
  directionFrom,
  distance,
  joinPaths,
  meetCircles,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  type SideSeamPoints,
  scale,
  sideSeam,
  splitAtDepth,
  steepness,
  straight,
  subtract,
  turnPoint,
} from "../../geometry";
import type { Inches } from "../../length";
import { certain } from "../../result";
import { trueingRound } from "./body-lines";
import { type DartedSide, placeBustDart } from "./bust-dart";
import type { HalfPlan } from "./half-plan";
import { hemSide, sideCutOff } from "./lower-edge";

/** A side ready to be chalked: its path trued to the other half's, and the marks it runs through. */
export interface SideShape extends DartedSide {
  /** How far it was carried on past its lowest mark, so that both sides are equal. */
  readonly lengthened: Inches;
  readonly points: SideSeamPoints;
}

function withHem(given: Given, half: HalfPlan): SideSeamPoints {
  const foot = hemSide(given, half);
  const cutOff = sideCutOff(half);
  const hip = half.points.hip;
  if (foot === undefined || (cutOff !== null && hip !== undefined && cutOff <= hip.y)) return half.points;
  if (half.form.style.hem !== "panel-flare") return { ...half.points, hem: foot };
  return half.points;
}

/** The marks of a side from the underarm down. */
function marksOf({ underarm, bust, underbust, waist, hip, hem }: SideSeamPoints): readonly Point[] {
  return [underarm, bust, underbust, waist, hip, hem].filter((mark) => mark !== undefined);
}

/** Beyond this a cutting line that is moved out level would leave the slanted seam too little cloth. */
const SLANTED = 1;

/** Whether a side slants so much somewhere that it is cut square off its stitching line, and not level. */
export function isSlanted(points: SideSeamPoints): boolean {
  const row = marksOf(points);
  return row.slice(1).some((mark, index) => steepness(row[index] as Point, mark) > SLANTED);
}

/** The side of a half as it is drawn: through its marks, flared straight from the waist, cut off where a hem rises. */
function drawSide(given: Given, half: HalfPlan): { readonly points: SideSeamPoints; readonly path: Path } {
  const points = withHem(given, half);
  const foot = hemSide(given, half);
  const drawn = sideSeam(points);
  if (half.form.style.hem === "panel-flare" && foot !== undefined)
    return { points, path: joinPaths([drawn, straight(pathEnd(drawn), foot)]) };
  const cutOff = sideCutOff(half);
  const cut = cutOff === null ? null : splitAtDepth(drawn, cutOff);
  return { points, path: cut === null ? drawn : cut[0] };
}

/** The path drawn on past its end, the way it goes there, by `more`; nothing new where it ends with a straight line. */
function lengthen(path: Path, more: Inches): Path {
  if (more === 0) return path;
  const end = pathEnd(path);
  const last = path.segments.at(-1);
  const before = path.segments.at(-2)?.to ?? path.start;
  if (last?.kind === "line") {
    const foot = add(end, scale(directionFrom(before, end) ?? { x: 0, y: 1 }, more));
    return { ...path, segments: [...path.segments.slice(0, -1), { kind: "line", to: foot }] };
  }
  const { tangent } = placeAtLength(path, pathLength(path));
  return joinPaths([path, straight(end, add(end, scale(tangent, more)))]);
}

function sewnSide(shape: DartedSide): Inches {
  const mouth = shape.mouth === null ? 0 : shape.mouth.to - shape.mouth.from;
  return pathLength(shape.path) - mouth;
}

/** The least that a side is carried on by. */
const LEAST_CHALKED: Inches = 1 / 16;

function trued(half: { readonly shape: DartedSide; readonly points: SideSeamPoints }, longest: Inches): SideShape {
  const wanted = trueingRound(longest - sewnSide(half.shape));
  // Less is not chalked: it stays in the seam as ease (craft: table, fold-away).
  const more = wanted < LEAST_CHALKED ? 0 : wanted;
  return { ...half.shape, points: half.points, path: lengthen(half.shape.path, more), lengthened: more };
}

/**
 * Both sides, equally long when sewn: the bust dart takes up what the front is longer; what then remains (what was given
 * back makes one side straighter and so shorter) is carried on past the lower edge (craft: mistakes, "side seams differ").
 */
export function planSides(
  given: Given,
  front: HalfPlan,
  back: HalfPlan,
): { readonly front: SideShape; readonly back: SideShape } {
  const behind = drawSide(given, back);
  const before = drawSide(given, front);
  const backShape: DartedSide = {
    path: behind.path,
    underarm: behind.points.underarm,
    bust: behind.points.bust,
    mouth: null,
    legs: [behind.points.underarm, behind.points.underarm],
    angle: 0,
    opensAt: 0,
    turned: [0, 0],
  };
  const about = front.panel?.bustPoint ?? bustPointOf(front);
  // What lies below the last mark of a side (a flare, a cut-off hem) is the same length on both halves but for rounding.
  const tail = pathLength(before.path) - pathLength(sideSeam(before.points));
  const wanted = pathLength(behind.path) - tail;
  const darted =
    about === null || front.form.dart === "none" ? null : placeBustDart(front.form, before.points, about, wanted);
  const plain: DartedSide = {
    ...backShape,
    path: before.path,
    underarm: before.points.underarm,
    bust: before.points.bust,
  };
  const frontShape =
    darted === null || darted.angle === 0
      ? plain
      : { ...darted, path: withTail(darted.path, before.path, before.points) };
  const longest = Math.max(sewnSide(frontShape), sewnSide(backShape));
  return {
    front: trued({ shape: frontShape, points: before.points }, longest),
    back: trued({ shape: backShape, points: behind.points }, longest),
  };
}

/** A darted side runs through the marks; what was drawn on below them, or cut off, is done to it again. */
function withTail(path: Path, drawn: Path, points: SideSeamPoints): Path {
  const marks = sideSeam(points);
  const end = pathEnd(drawn);
  const lowest = pathEnd(marks);
  if (Math.abs(end.y - lowest.y) < 1e-9) return path;
  if (end.y > lowest.y) return joinPaths([path, straight(lowest, end)]);
  return certain(splitAtDepth(path, end.y) ?? undefined, "a side that reaches its cut-off")[0];
}

/** The bust point of a half without a panel: where dart or span line crosses the bust line. */
export function bustPointOf(half: HalfPlan): Point | null {
  if (half.lines.bust === undefined) return null;
  return { x: half.pointAcross, y: half.lines.bust.value };
}

/** Whether the bust dart was moved into the waist dart, so that the side below it swung up. */
export function turnsLower(half: HalfPlan, shape: Pick<SideShape, "angle">): boolean {
  return half.side === "front" && half.form.dart === "to-waist" && shape.angle > 0;
}

/** The legs of a waist dart as they are sewn: cut off where the back's lower edge was raised. */
export function sewnLegs(half: HalfPlan, shape: SideShape): readonly [Point, Point] {
  const legs = chalkedLegs(half, shape);
  const { dart, centre, form } = half;
  if (dart === null || dart.end !== null || centre.raised === 0 || form.style.hem !== "join") return legs;
  const side = pathEnd(shape.path).x;
  const rise = (centre.raised * (side - dart.tip.x)) / side;
  const share = 1 - rise / (dart.legs[0].y - dart.tip.y);
  const [inner, outer] = legs.map((leg) => add(dart.tip, scale(subtract(leg, dart.tip), share)));
  return [inner as Point, outer as Point];
}

/**
 * The legs of the waist dart where the bust dart moved into it: the outer one swung, both made equal by lifting it, so
 * that the waist between it and the side stays as long as it was.
 */
export function chalkedLegs(half: HalfPlan, shape: SideShape): readonly [Point, Point] {
  const { dart } = half;
  if (dart === null) return [at(0, 0), at(0, 0)];
  const about = bustPointOf(half);
  if (!turnsLower(half, shape) || about === null) return dart.legs;
  const [inner, outer] = dart.legs;
  const swung = turnPoint(outer, about, -shape.angle);
  const side = pathEnd(shape.path);
  const met = meetCircles(dart.tip, distance(dart.tip, inner), side, distance(side, swung), swung);
  const share = distance(dart.tip, inner) / distance(dart.tip, swung);
  return [inner, met ?? add(dart.tip, scale(subtract(swung, dart.tip), share))];
}
