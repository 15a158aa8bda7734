import { type Given, refuse, ruleLength, ruleValue } from "../../chalk";
import {
  add,
  at,
  cubicTo,
  curveBetween,
  type Direction,
  directionFrom,
  distance,
  dot,
  HANDLE,
  joinPaths,
  meetLines,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  rightOf,
  scale,
  straight,
  subtract,
} from "../../geometry";
import type { Inches } from "../../length";
import type { BodyForm } from "./body-form";
import type { HalfPlan } from "./half-plan";
import { flaredCorner } from "./panel-lower";

/** A hem narrower than this, a quarter, is no hem. */
const LEAST_HEM: Inches = 1;
/** A hem nearer to the hip line than this, or above it, is cut off the side and not drawn on from the hip. */
const LEAST_BELOW_HIP: Inches = 0.5;

/** Where the side ends below the hip: the hem's width and the lift of its corner (craft: house rules, hem and corner lift). */
function belowHip(given: Given, form: BodyForm, hip: Point, hemDown: Inches): Point {
  switch (form.style.hem) {
    case "pegged":
      return at(hip.x - ruleLength(given, "hemPeg"), hemDown);
    case "beyond-hip":
      return at(hip.x + form.hemExtra, hemDown);
    case "flared": {
      const flare = ruleLength(given, "hemFlare");
      const lift = ruleValue(given, "cornerLift");
      return typeof lift === "number" ? at(hip.x + flare, hemDown - lift) : flaredCorner(hip, hemDown - hip.y, flare);
    }
    default:
      return at(hip.x, hemDown);
  }
}

/** The lowest mark of the side, on the net draft; undefined where the side ends at a mark it has already. */
export function hemSide(given: Given, half: HalfPlan): Point | undefined {
  const { form, points, lines } = half;
  const hem = lines.hem?.value;
  if (form.style.hem === "panel-flare" && points.waist !== undefined && hem !== undefined)
    return flaredCorner(points.waist, hem - points.waist.y, form.panelFlare);
  const hip = points.hip;
  if (hip === undefined) return undefined;
  if (form.style.hem === "basque") return at(hip.x, hip.y + form.sideDip);
  if (hem === undefined) return undefined;
  const foot = belowHip(given, form, hip, hem);
  if (foot.x < LEAST_HEM) {
    refuse({ code: "hem-too-narrow", conflicts: ["choices.hemExtra", "measurements.hip"], numbers: { hem: foot.x } });
  }
  return foot;
}

/** The depth at which the side is cut off before its lowest mark: a curved hem rises there, a short one ends there. */
export function sideCutOff(half: HalfPlan): Inches | null {
  const { form, lines, points } = half;
  const hem = lines.hem?.value;
  if (hem === undefined || points.hip === undefined) return null;
  if (form.style.hem === "basque") return null;
  if (form.style.hem === "curved") return hem - form.sideRise;
  return hem < points.hip.y + LEAST_BELOW_HIP ? hem : null;
}

function endWay(path: Path): Direction {
  return placeAtLength(path, pathLength(path)).tangent;
}

/** A basque's edge arrives at its point sloping down. */
const BASQUE_WAY = directionFrom(at(0, 0), at(-1, 0.55)) as Direction;
const INWARDS: Direction = { x: -1, y: 0 };

function isLevel(a: Point, b: Point): boolean {
  return Math.abs(a.y - b.y) < 1e-6;
}

/** A smooth edge between two feet, walked inwards, by its ways at both. */
function curveFrom(from: Point, leaving: Direction, to: Point, arriving: Direction): Path {
  return isLevel(from, to)
    ? straight(from, to)
    : { start: from, segments: [curveBetween(from, leaving, to, arriving)] };
}

/**
 * An edge that leaves and arrives squarely: an even bend about where both ways meet, and straight for the rest. One bend
 * over the whole width would sag below the hem.
 */
function squareEdge(from: Point, leaving: Direction, to: Point, arriving: Direction): Path {
  const meet = meetLines(from, leaving, to, arriving);
  if (isLevel(from, to) && Math.abs(leaving.y) < 1e-9) return straight(from, to);
  if (meet === null || dot(subtract(meet, from), leaving) <= 0 || dot(subtract(to, meet), arriving) <= 0)
    return curveFrom(from, leaving, to, arriving);
  const [before, after] = [distance(from, meet), distance(meet, to)];
  const reach = Math.min(before, after);
  const start = add(meet, scale(leaving, -reach));
  const end = add(meet, scale(arriving, reach));
  const bend: Path = {
    start,
    segments: [cubicTo(add(start, scale(leaving, HANDLE * reach)), add(end, scale(arriving, -HANDLE * reach)), end)],
  };
  return joinPaths([
    ...(before > reach + 1e-6 ? [straight(from, start)] : []),
    bend,
    ...(after > reach + 1e-6 ? [straight(end, to)] : []),
  ]);
}

/** The lower edge from the foot of the side to the foot of the centre, one half as if it had no panel. */
export function wholeLowerEdge(half: HalfPlan, side: Path, centreFoot: Point): Path {
  const from = pathEnd(side);
  switch (half.form.style.hem) {
    case "basque":
      return curveFrom(from, INWARDS, centreFoot, BASQUE_WAY);
    case "curved":
      return curveFrom(from, INWARDS, centreFoot, INWARDS);
    case "flared":
      return squareEdge(from, rightOf(endWay(side)), centreFoot, INWARDS);
    default:
      return curveFrom(from, directionFrom(from, centreFoot) ?? INWARDS, centreFoot, INWARDS);
  }
}

/** The lower edge of one panel between the feet of two of its edges, square to both where they flare. */
export function panelLowerEdge(half: HalfPlan, from: Path, to: Path): Path {
  const [start, end] = [pathEnd(from), pathEnd(to)];
  if (half.form.style.hem !== "panel-flare") return straight(start, end);
  return squareEdge(start, rightOf(endWay(from)), end, rightOf(endWay(to)));
}
