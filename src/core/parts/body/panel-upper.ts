import { armholeMiddle, drawArmhole, redrawToUnderarm, wayAtMiddle } from "../../blocks";
import {
  add,
  angleBetween,
  at,
  cross,
  cubicTo,
  curveBetween,
  type Direction,
  directionFrom,
  distance,
  lineTo,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  type Radians,
  rightOf,
  scale,
  splitAtDepth,
  splitAtLength,
  straight,
  subtract,
  turnPoint,
} from "../../geometry";
import type { Inches } from "../../length";
import { certain } from "../../result";
import { trueingRound } from "./body-lines";
import { gapAt, lowerEdge, meetDown, movedOut, toBust, withRoom } from "./panel-lower";
import type { PanelPlan, PanelShape } from "./panel-plan";

/** Above the bust point the straight leg begins to round. */
const ROUND_ABOVE: Inches = 1;
/** Of the way to the bust point each handle of the rounding goes. */
const ROUNDING = 0.6;
/** A leg shorter than this does not reach the bust as a line. */
const LEAST_ABOVE_BUST: Inches = 1.5;
/** The sine of the angle that leg and armhole enclose at least. */
const LEAST_TURN = 0.15;
/** The outer panel's upper end lies at least this far above the underarm, or nothing is left of its armhole. */
const LEAST_ABOVE_UNDERARM: Inches = 0.25;
/** What must be left of the armhole beside the panel. */
const LEAST_ARMHOLE: Inches = 0.75;

/**
 * The edge from its top end, straight along the leg, rounded over the bust point and plumb below it. Where the legs meet
 * above the bust line, both edges run on from there as one, the way the panel line goes.
 */
function upperEdge(plan: PanelPlan, top: Point, pivot: Point): Path {
  const bustPoint = at(plan.bustAcross, plan.bustDown);
  const leg = directionFrom(top, pivot) ?? { x: 0, y: 1 };
  const shared = distance(pivot, bustPoint) > 1e-9 && pivot.y < plan.bustDown;
  const from = shared ? pivot : add(pivot, scale(leg, -ROUND_ABOVE));
  const way = shared ? (directionFrom(pivot, bustPoint) ?? leg) : leg;
  const meet = at(plan.across, meetDown(plan));
  const control = add(from, scale(way, ROUNDING * distance(from, bustPoint)));
  const arrive = at(meet.x, meet.y - ROUNDING * (meet.y - plan.bustDown));
  return { start: top, segments: [lineTo(from), cubicTo(control, arrive, meet)] };
}

/** Where the legs of a panel start, and the place they meet at. */
export interface Tops {
  readonly pivot: Point;
  readonly inner: Point;
  readonly outer: Point;
  /** How far the outer part swings about the pivot. */
  readonly swing: Radians;
}

function swingOf(pivot: Point, inner: Point, outer: Point): Radians {
  return angleBetween(subtract(inner, pivot), subtract(outer, pivot));
}

/** Panel point and legs on the armhole: the take-out shared above and below the point; null where they find no place there. */
function armholeTops(plan: PanelPlan, curve: Path, point: Inches): (Tops & { readonly innerAlong: Inches }) | null {
  const total = pathLength(curve);
  const [innerAlong, outerAlong] = [point - plan.upper.inner, point + plan.upper.outer];
  if (innerAlong < LEAST_ARMHOLE || outerAlong > total - LEAST_ARMHOLE) return null;
  const outer = placeAtLength(curve, outerAlong).point;
  if (outer.y > plan.bustDown - LEAST_ABOVE_BUST) return null;
  const bustPoint = at(plan.bustAcross, plan.bustDown);
  const meets = placeAtLength(curve, point).point;
  const way = directionFrom(bustPoint, meets) ?? { x: 0, y: -1 };
  const pivot = add(bustPoint, scale(way, plan.tipAbove / Math.max(0.2, -way.y)));
  const inner = placeAtLength(curve, innerAlong).point;
  return { pivot, inner, outer, swing: swingOf(pivot, inner, outer), innerAlong };
}

/** Legs from the shoulder line: the outer part of the shoulder swings out whole, so that the sewn one is straight and as long. */
function shoulderTops(plan: PanelPlan): Tops {
  const slope = (plan.armhole.tip.y - plan.neckPoint.y) / (plan.armhole.tip.x - plan.neckPoint.x);
  const onShoulder = (x: Inches) => at(x, plan.neckPoint.y + (x - plan.neckPoint.x) * slope);
  const pivot = at(plan.bustAcross, plan.bustDown - plan.tipAbove);
  const inner = onShoulder(plan.shoulderAcross - plan.upper.inner);
  const swing = swingOf(pivot, inner, onShoulder(plan.shoulderAcross + plan.upper.outer));
  return { pivot, inner, outer: turnPoint(inner, pivot, swing), swing };
}

function yokeTops(plan: PanelPlan): Tops | null {
  if (plan.yokeDown < plan.armhole.tip.y + 1 || plan.yokeDown >= plan.underarmDown) return null;
  const pivot = at(plan.across, plan.bustDown + 0.5);
  const inner = at(plan.across - plan.upper.inner, plan.yokeDown);
  const outer = at(plan.across + plan.upper.outer, plan.yokeDown);
  return { pivot, inner, outer, swing: swingOf(pivot, inner, outer) };
}

/**
 * The armhole slid out with a shoulder panel: square to the swung shoulder at the tip, level at the moved underarm. Where
 * the house makes room at the shoulder, the outer shoulder moves out whole, so that the sewn one keeps its length.
 */
function swungArmhole(
  plan: PanelPlan,
  { pivot, swing, inner }: Tops,
  moved: Inches,
): { readonly path: Path; readonly tip: Point } {
  const { armhole, underarmDown } = plan;
  const middle = armholeMiddle(armhole, underarmDown);
  const out = plan.room(inner.y);
  const tip = add(turnPoint(armhole.tip, pivot, swing), at(out, 0));
  const swung = turnPoint(middle, pivot, swing);
  const newMiddle = at(swung.x + (out + plan.room(underarmDown)) / 2, (middle.y + swung.y) / 2);
  const shoulder = turnPoint(armhole.shoulder, at(0, 0), swing);
  const way = turnPoint(wayAtMiddle(armhole, middle), at(0, 0), swing / 2);
  const side = at(armhole.sideAcross + moved, underarmDown);
  const path = {
    start: tip,
    segments: [
      curveBetween(tip, rightOf(shoulder), newMiddle, way),
      curveBetween(newMiddle, way, side, { x: 1, y: 0 }),
    ],
  };
  return { path, tip };
}

/** The way of the armhole at a length along it, swung with the outer panel, so that the sewn armhole runs on smoothly. */
function swungWay(curve: Path, along: Inches, swing: Radians): Direction {
  return turnPoint(placeAtLength(curve, along).tangent, at(0, 0), swing);
}

export type Armholes = Pick<
  PanelShape,
  "innerArmhole" | "outerArmhole" | "innerShoulder" | "outerShoulder" | "yokeArmhole" | "yokeAcross" | "tip"
>;

function armholesOf(plan: PanelPlan, curve: Path, tops: Tops, innerAlong: Inches, underarm: Point): Armholes {
  const none = { innerArmhole: null, innerShoulder: null, outerShoulder: null, yokeArmhole: null, yokeAcross: 0 };
  const { tip } = plan.armhole;
  switch (plan.kind) {
    case "armhole": {
      const [innerArmhole] = splitAtLength(curve, innerAlong);
      const way = swungWay(curve, innerAlong, tops.swing);
      return { ...none, tip, innerArmhole, outerArmhole: redrawToUnderarm(tops.outer, way, underarm) };
    }
    case "shoulder": {
      const moved = underarm.x - plan.armhole.sideAcross;
      const swung = swungArmhole(plan, tops, moved);
      return {
        ...none,
        tip: swung.tip,
        innerShoulder: straight(plan.neckPoint, tops.inner),
        outerShoulder: straight(tops.outer, swung.tip),
        outerArmhole: swung.path,
      };
    }
    case "yoke": {
      const cut = splitAtDepth(curve, plan.yokeDown);
      const [yokeArmhole] = certain(cut ?? undefined, "a yoke line that crosses the armhole");
      const end = pathEnd(yokeArmhole);
      const yokeAcross = end.x + plan.upper.inner + plan.upper.outer + plan.room(plan.yokeDown);
      const { tangent } = placeAtLength(yokeArmhole, pathLength(yokeArmhole));
      return {
        ...none,
        tip,
        yokeArmhole,
        yokeAcross,
        outerArmhole: redrawToUnderarm(at(yokeAcross, plan.yokeDown), tangent, underarm),
      };
    }
    default:
      return plan.kind satisfies never;
  }
}

/** What lies above the bust of a panel: its legs, both edges down to where they meet, and the armholes beside them. */
export interface PanelUpper {
  readonly tops: Tops;
  /** Where along the armhole the panel meets it. */
  readonly point: Inches;
  /** Edges from the top ends to the place where both run plumb. */
  readonly inner: Path;
  readonly outer: Path;
  /** The outer edge before the house's room was made up in it. */
  readonly plain: Path;
  /** How far the outer one was carried on at its top, so that both are equally long above the bust line. */
  readonly trued: Inches;
  readonly armholes: Armholes;
}

/** The outer edge above the bust with the house's room in it; on a shoulder its top moves as far as the shoulder does. */
function roomyUpper(plan: PanelPlan, tops: Tops): Path {
  const edge = withRoom(plan, upperEdge(plan, tops.outer, tops.pivot));
  return plan.kind === "shoulder" ? { ...edge, start: add(tops.outer, at(plan.room(tops.inner.y), 0)) } : edge;
}

type PanelTops = Tops & { readonly innerAlong: Inches };

function panelTops(plan: PanelPlan, curve: Path, point: Inches): PanelTops | null {
  if (plan.kind === "armhole") return armholeTops(plan, curve, point);
  const tops = plan.kind === "shoulder" ? shoulderTops(plan) : yokeTops(plan);
  return tops === null ? null : { ...tops, innerAlong: 0 };
}

/** A panel point that finds no place where it was asked is looked for nearer to the middle, by this much each time. */
const NEARER: Inches = 1 / 8;

/** Panel points to try along an armhole: as asked, then nearer and nearer to its middle. */
function* pointsToTry(plan: PanelPlan, curve: Path): Generator<Inches, void> {
  const middle = pathLength(curve) / 2;
  const asked = plan.panelPoint ?? middle;
  yield asked;
  if (plan.kind !== "armhole") return;
  const toward = Math.sign(middle - asked) * NEARER;
  for (let point = asked + toward; toward !== 0 && (middle - point) * toward > 0; point += toward) yield point;
}

/**
 * Shapes a panel above the bust; enough to know the sewn armhole, and so done alone while its depth is solved.
 *
 * @returns null where the panel with its take-out finds no place on the armhole
 */
export function shapeUpper(plan: PanelPlan): PanelUpper | null {
  const curve = drawArmhole(plan.armhole, plan.underarmDown);
  for (const point of pointsToTry(plan, curve)) {
    const shaped = shapeAt(plan, curve, point);
    if (shaped !== null) return shaped;
  }
  return null;
}

function shapeAt(plan: PanelPlan, curve: Path, point: Inches): PanelUpper | null {
  const tops = panelTops(plan, curve, point);
  if (tops === null) return null;
  const inner = upperEdge(plan, tops.inner, tops.pivot);
  const drawn = roomyUpper(plan, tops);
  const trued = plan.kind === "armhole" ? trueingRound(toBust(inner, plan.bustDown) - toBust(drawn, plan.bustDown)) : 0;
  const away = directionFrom(tops.pivot, tops.outer) ?? { x: 0, y: -1 };
  const top = add(drawn.start, scale(away, trued));
  if (plan.kind === "armhole" && !leavesArmhole(plan, curve, tops, top)) return null;
  const outer = { ...drawn, start: top };
  const plain = upperEdge(plan, tops.outer, tops.pivot);
  const lower = plan.underarmDown < meetDown(plan) ? null : lowerEdge(plan, 1);
  const [left, right] = lower === null ? [inner, outer] : [lowerEdge(plan, -1), withRoom(plan, lower)];
  const room = movedOut(plan, lower ?? plain, right)(plan.underarmDown);
  const removed = gapAt(left, right)(plan.underarmDown) - room;
  const underarm = at(plan.sideAcross(removed) + room, plan.underarmDown);
  const moved = { ...tops, outer: top };
  return {
    tops: moved,
    point,
    inner,
    outer,
    plain,
    trued,
    armholes: armholesOf(plan, curve, moved, tops.innerAlong, underarm),
  };
}

/** An armhole that runs almost along the leg, or a leg that starts at the underarm, leaves no panel between them. */
function leavesArmhole(
  plan: PanelPlan,
  curve: Path,
  tops: Tops & { readonly innerAlong: Inches },
  top: Point,
): boolean {
  if (top.y > plan.underarmDown - LEAST_ABOVE_UNDERARM) return false;
  const leg = directionFrom(top, tops.pivot) ?? { x: 0, y: 1 };
  return cross(leg, swungWay(curve, tops.innerAlong, tops.swing)) < -LEAST_TURN;
}

/** Every stretch of armhole that a panelled half sews, together. */
export function sewnPanelArmhole({ innerArmhole, yokeArmhole, outerArmhole }: Armholes): Inches {
  return [innerArmhole, yokeArmhole, outerArmhole].reduce(
    (sum, path) => sum + (path === null ? 0 : pathLength(path)),
    0,
  );
}
