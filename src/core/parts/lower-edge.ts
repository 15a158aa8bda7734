import { type Given, refuse, ruleLength, ruleValue } from "../chalk";
import {
  at,
  curveBetween,
  type Direction,
  directionFrom,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  rightOf,
  straight,
} from "../geometry";
import type { Inches } from "../length";
import type { BodyForm } from "./body-form";
import type { HalfPlan } from "./half-plan";
import { flaredCorner } from "./panel-shape";

/** A hem narrower than this, a quarter, is no hem. */
const LEAST_HEM: Inches = 1;

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

/** The depth at which the side is cut off before its lowest mark: a curved hem rises there. */
export function sideCutOff(half: HalfPlan): Inches | null {
  const { form, lines } = half;
  return form.style.hem === "curved" && lines.hem !== undefined ? lines.hem.value - form.sideRise : null;
}

/** How far down the centre the lower edge lies. */
export function centreFootDown(half: HalfPlan): Inches {
  const { form, lines } = half;
  if (form.style.hem === "basque") return (lines.hip?.value ?? 0) + form.centreDip;
  if (form.style.hem === "join") return (form.end === "ribs" ? lines.underbust : lines.waist)?.value ?? 0;
  return (lines.hem ?? lines.hip)?.value ?? 0;
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

/** A lower edge between two feet, walked inwards: straight where level, else square to the edges it leaves and joins. */
function edgeBetween(from: Point, leaving: Direction, to: Point, arriving: Direction): Path {
  return isLevel(from, to)
    ? straight(from, to)
    : { start: from, segments: [curveBetween(from, leaving, to, arriving)] };
}

/** The lower edge from the foot of the side to the foot of the centre, one half as if it had no panel. */
export function wholeLowerEdge(half: HalfPlan, side: Path, centreFoot: Point): Path {
  const from = pathEnd(side);
  switch (half.form.style.hem) {
    case "basque":
      return edgeBetween(from, INWARDS, centreFoot, BASQUE_WAY);
    case "curved":
      return edgeBetween(from, INWARDS, centreFoot, INWARDS);
    case "flared":
    case "panel-flare":
      return edgeBetween(from, rightOf(endWay(side)), centreFoot, INWARDS);
    default:
      return edgeBetween(from, directionFrom(from, centreFoot) ?? INWARDS, centreFoot, INWARDS);
  }
}

/** The stretch of lower edge between a side and a panel edge, or a panel edge and the centre, each met squarely where they lean. */
export function panelLowerEdge(from: Path, to: Point, arrivingAt: Path | null): Path {
  const start = pathEnd(from);
  const arriving = arrivingAt === null ? INWARDS : rightOf(endWay(arrivingAt));
  return edgeBetween(start, rightOf(endWay(from)), to, arriving);
}
