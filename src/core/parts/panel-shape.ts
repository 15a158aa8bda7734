import { type ArmholePlan, armholeMiddle, drawArmhole, redrawToUnderarm, wayAtMiddle } from "../blocks";
import { refuse } from "../chalk";
import {
  add,
  angleBetween,
  at,
  crossAtDepth,
  cubicTo,
  curveBetween,
  type Direction,
  directionFrom,
  distance,
  joinPaths,
  leaningLine,
  lengthToDepth,
  lineTo,
  mapPath,
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
} from "../geometry";
import type { Inches } from "../length";
import { certain } from "../result";
import { trueingRound } from "./body-lines";

/** How much of a take-out lies on either side of the panel line. */
export interface Shares {
  readonly inner: Inches;
  readonly outer: Inches;
}

/** A panel on the net draft, before anything is cut apart or moved. Depths from the top line, widths from the centre. */
export interface PanelPlan {
  readonly kind: "armhole" | "shoulder" | "yoke";
  /** Where the panel line runs plumb: half the bust span. */
  readonly across: Inches;
  /** Where it crosses the bust line, when the house sets it further out there. */
  readonly bustAcross: Inches;
  readonly armhole: ArmholePlan;
  /** Across to the underarm, from what the take-out removes on its level: settled on the tape, or exact while solving. */
  readonly sideAcross: (removed: Inches) => Inches;
  readonly underarmDown: Inches;
  readonly neckPoint: Point;
  /** Along the armhole from the tip to where the line meets it; null for the middle of the curve. */
  readonly panelPoint: Inches | null;
  /** Where a shoulder panel leaves the shoulder, across. */
  readonly shoulderAcross: Inches;
  readonly yokeDown: Inches;
  /** Taken out at the armhole, the shoulder or the yoke line. */
  readonly upper: Shares;
  /** Legs of the upper take-out meet this far above the bust line. */
  readonly tipAbove: Inches;
  readonly bustDown: Inches;
  /** The first line at full width below the bust: the ribs in front, the waist in the back. */
  readonly fullDown: Inches;
  readonly lower: Shares;
  /** The outer leg is at full width this much above that line. */
  readonly cupLift: Inches;
  /** Taken in beyond the take-out on that line alone, and never given back. */
  readonly tightening: Shares;
  /** The waist, when the piece goes on below `fullDown`. */
  readonly waistDown: Inches;
  /** Where the take-out has run out to nothing; null when it stays open to the end. */
  readonly runOut: Inches | null;
  readonly endDown: Inches;
  /** Both edges flare by this from the waist to the end. */
  readonly flare: Inches;
  /** Room for the allowances that the house makes up at a depth of the outer panel alone. */
  readonly room: (down: Inches) => Inches;
}

export interface PanelShape {
  /** Edges of the inner and the outer panel from the top end down to the lower edge. */
  readonly inner: Path;
  readonly outer: Path;
  /** Where the panel line crosses the bust line on either edge, along it from the top. */
  readonly bustAlong: Shares;
  /** The inner panel's own stretch of armhole, shoulder tip first; null when it has none. */
  readonly innerArmhole: Path | null;
  readonly outerArmhole: Path;
  readonly innerShoulder: Path | null;
  readonly outerShoulder: Path | null;
  /** The yoke's own stretch of armhole. */
  readonly yokeArmhole: Path | null;
  /** Room below the yoke line from the panel line to the armhole, moved out. */
  readonly yokeAcross: Inches;
  readonly tip: Point;
  /** The bust point on the panel line. */
  readonly bustPoint: Point;
  /** Where the upper legs meet. */
  readonly pivot: Point;
  readonly ends: { readonly inner: Point; readonly outer: Point };
  /** How far the upper end of the outer edge was carried on, and its lower end lifted, so that both edges are equal. */
  readonly trued: { readonly upper: Inches; readonly lower: Inches };
  /** The leans of the two upper legs from the plumb. */
  readonly leans: Shares;
  readonly removedAt: (down: Inches) => Inches;
  /** Where either edge crosses a depth; undefined above its top and below its end. */
  readonly innerAt: (down: Inches) => Inches | undefined;
  readonly outerAt: (down: Inches) => Inches | undefined;
  /** Along the inner edge from the bust line to the waist line. */
  readonly bustToWaist: Inches;
  /** The lean of flared edges below the waist; 0 where they do not flare. */
  readonly flareLean: Radians;
  /** How far the two edges run over each other where they flare; 0 elsewhere. */
  readonly overlap: Inches;
}

/** The two edges have come together and run plumb this far below the bust line, rounded, so that the bust does not peak. */
const MEET_BELOW_BUST: Inches = 0.75;
/** Above the bust point the straight leg begins to round. */
const ROUND_ABOVE: Inches = 1;
/** Of the way to the bust point each handle of the rounding goes. */
const ROUNDING = 0.6;
/** A leg shorter than this does not reach the bust as a line. */
const LEAST_ABOVE_BUST: Inches = 1.5;
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

function meetDown(plan: PanelPlan): Inches {
  const belowYoke = plan.kind === "yoke" ? 1 : 0;
  return plan.bustDown + Math.max(MEET_BELOW_BUST, belowYoke);
}

/** The slanted edge of a flare keeps the length of the straight one (craft: house rules, corner lift). */
export function flaredCorner(from: Point, plumb: Inches, flare: Inches): Point {
  const slant = Math.hypot(plumb, flare);
  return at(from.x + (flare * plumb) / slant, from.y + plumb ** 2 / slant);
}

/** Below the bust: out to full width, plumb to the waist, then run out, flared, or open to the end. */
function lowerEdge(plan: PanelPlan, sign: -1 | 1): Path {
  const width = (sign < 0 ? plan.lower.inner : plan.lower.outer) * sign;
  const tight = (sign < 0 ? plan.tightening.inner : plan.tightening.outer) * sign;
  const lift = sign > 0 ? plan.cupLift : 0;
  const meet = at(plan.across, meetDown(plan));
  const full = at(plan.across + width + tight, plan.fullDown - lift);
  const paths = [leaningLine(meet, 0, full, 0)];
  if (lift > 0) paths.push(straight(full, at(full.x, plan.fullDown)));
  const waist = at(plan.across + width, plan.waistDown);
  if (plan.waistDown > plan.fullDown + 1e-9) paths.push(leaningLine(at(full.x, plan.fullDown), 0, waist, 0));
  if (plan.endDown > plan.waistDown + 1e-9) paths.push(...belowWaist(plan, waist, sign));
  return joinPaths(paths);
}

function belowWaist(plan: PanelPlan, waist: Point, sign: -1 | 1): readonly Path[] {
  const plumb = plan.endDown - plan.waistDown;
  if (plan.flare > 0) return [straight(waist, flaredCorner(waist, plumb, -sign * plan.flare))];
  if (plan.runOut === null) return [straight(waist, at(waist.x, plan.endDown))];
  const out = at(plan.across, Math.min(plan.runOut, plan.endDown));
  const run = leaningLine(waist, 0, out, 0);
  return out.y < plan.endDown - 1e-9 ? [run, straight(out, at(plan.across, plan.endDown))] : [run];
}

interface Tops {
  readonly pivot: Point;
  readonly inner: Point;
  readonly outer: Point;
  /** How far the outer part swings about the pivot. */
  readonly swing: Radians;
}

function swingOf(pivot: Point, inner: Point, outer: Point): Radians {
  return angleBetween(subtract(inner, pivot), subtract(outer, pivot));
}

/** Where a panel with its take-out meets the armhole, along it from the tip. */
function armholeReach(
  plan: PanelPlan,
  curve: Path,
): { readonly point: Inches; readonly from: Inches; readonly to: Inches; readonly total: Inches } {
  const total = pathLength(curve);
  const point = plan.panelPoint ?? total / 2;
  return { point, from: point - plan.upper.inner, to: point + plan.upper.outer, total };
}

/** Whether a panel finds its place on the armhole, clear of its ends and above the bust. */
export function panelFits(plan: PanelPlan): boolean {
  if (plan.kind === "shoulder") return true;
  const curve = drawArmhole(plan.armhole, plan.underarmDown);
  if (plan.kind === "yoke") return plan.yokeDown > plan.armhole.tip.y + 1 && plan.yokeDown < plan.underarmDown;
  const { from, to, total } = armholeReach(plan, curve);
  if (from < LEAST_ARMHOLE || to > total - LEAST_ARMHOLE) return false;
  return placeAtLength(curve, to).point.y < plan.bustDown - LEAST_ABOVE_BUST;
}

/** Panel point and legs on the armhole: the take-out shared above and below the point. */
function armholeTops(plan: PanelPlan, curve: Path): Tops & { readonly innerAlong: Inches } {
  const { point, from: innerAlong, to: outerAlong, total } = armholeReach(plan, curve);
  if (!panelFits(plan)) {
    refuse({
      code: "panel-off-armhole",
      conflicts: ["rules.panelPoint", "rules.armholeTakeOut"],
      numbers: { from: innerAlong, to: outerAlong, armhole: total },
      nearest: total / 2,
    });
  }
  const bustPoint = at(plan.bustAcross, plan.bustDown);
  const meets = placeAtLength(curve, point).point;
  const way = directionFrom(bustPoint, meets) ?? { x: 0, y: -1 };
  const pivot = add(bustPoint, scale(way, plan.tipAbove / Math.max(0.2, -way.y)));
  const inner = placeAtLength(curve, innerAlong).point;
  const outer = placeAtLength(curve, outerAlong).point;
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

function yokeTops(plan: PanelPlan): Tops {
  const pivot = at(plan.across, plan.bustDown + 0.5);
  const inner = at(plan.across - plan.upper.inner, plan.yokeDown);
  const outer = at(plan.across + plan.upper.outer, plan.yokeDown);
  return { pivot, inner, outer, swing: swingOf(pivot, inner, outer) };
}

/** The armhole slid out with a shoulder panel: square to the swung shoulder at the tip, level at the moved underarm. */
function swungArmhole(
  plan: PanelPlan,
  { pivot, swing }: Tops,
  moved: Inches,
): { readonly path: Path; readonly tip: Point } {
  const { armhole, underarmDown } = plan;
  const middle = armholeMiddle(armhole, underarmDown);
  const tip = turnPoint(armhole.tip, pivot, swing);
  const swung = turnPoint(middle, pivot, swing);
  const newMiddle = at(swung.x, (middle.y + swung.y) / 2);
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

/** More than this no edge is trued by: a line further below the end is not on the panel. */
const MOST_LIFT: Inches = 3;

/** The width between both edges at a depth; past the lower end, where one was trued, as at that end. */
function gapAt(inner: Path, outer: Path): (down: Inches) => Inches {
  const lowest = Math.min(pathEnd(inner).y, pathEnd(outer).y) - 1e-9;
  return (down) => {
    const depth = down < lowest + MOST_LIFT ? Math.min(down, lowest) : down;
    const [left, right] = [crossAtDepth(inner, depth)[0], crossAtDepth(outer, depth)[0]];
    return left === undefined || right === undefined ? 0 : right.x - left.x;
  };
}

/** Length of an edge from its top to the bust line. */
function toBust(path: Path, bustDown: Inches): Inches {
  return certain(lengthToDepth(path, bustDown), "a panel edge that crosses the bust line");
}

/** The lower end of the outer edge moved along itself until it is as long below the bust as the inner one. */
function trueLower(inner: Path, outer: Path, bustDown: Inches): { readonly path: Path; readonly lifted: Inches } {
  const below = (path: Path) => pathLength(path) - toBust(path, bustDown);
  const lifted = trueingRound(below(outer) - below(inner));
  if (lifted === 0) return { path: outer, lifted };
  const [kept] = splitAtLength(outer, pathLength(outer) - Math.max(0, lifted));
  if (lifted > 0) return { path: kept, lifted };
  const way = placeAtLength(outer, pathLength(outer)).tangent;
  return { path: joinPaths([outer, straight(pathEnd(outer), add(pathEnd(outer), scale(way, -lifted)))]), lifted };
}

function lean(from: Point, to: Point): Radians {
  return Math.atan2(Math.abs(to.x - from.x), Math.abs(to.y - from.y));
}

/** The way of the armhole at a length along it, swung with the outer panel, so that the sewn armhole runs on smoothly. */
function swungWay(curve: Path, along: Inches, swing: Radians): Direction {
  return turnPoint(placeAtLength(curve, along).tangent, at(0, 0), swing);
}

/**
 * Both edges of a panel seam on the net draft, with what they take out, trued in two parts so that the bust notches meet
 * (craft: bodice, princess panels steps 1–5, and the deep-neck yoke).
 *
 * @returns refuses when the panel or its take-out does not fit on the armhole, or the cup leaves no room to shape
 */
export function shapePanel(plan: PanelPlan): PanelShape {
  if (plan.fullDown - plan.cupLift < meetDown(plan) + 0.5) {
    refuse({
      code: "underbust-out-of-place",
      conflicts: ["measurements.shoulderToUnderbust", "rules.cupLift"],
      numbers: { bust: plan.bustDown, ribs: plan.fullDown, waist: plan.waistDown },
      nearest: meetDown(plan) + 0.5 + plan.cupLift,
    });
  }
  const curve = drawArmhole(plan.armhole, plan.underarmDown);
  const armhole = plan.kind === "armhole" ? armholeTops(plan, curve) : null;
  const tops = armhole ?? (plan.kind === "shoulder" ? shoulderTops(plan) : yokeTops(plan));
  const inner = joinPaths([upperEdge(plan, tops.inner, tops.pivot), lowerEdge(plan, -1)]);
  const roomy = (point: Point) => at(point.x + plan.room(point.y), point.y);
  const drawn = mapPath(joinPaths([upperEdge(plan, tops.outer, tops.pivot), lowerEdge(plan, 1)]), roomy);
  const outerEnd = roomy(tops.outer);
  const upper = plan.kind === "armhole" ? trueingRound(toBust(inner, plan.bustDown) - toBust(drawn, plan.bustDown)) : 0;
  const away = directionFrom(tops.pivot, tops.outer) ?? { x: 0, y: -1 };
  const outerTop = add(outerEnd, scale(away, upper));
  const lower = trueLower(inner, { ...drawn, start: outerTop }, plan.bustDown);
  const outer = lower.path;
  const gap = gapAt(inner, outer);
  const removedAt = (down: Inches) => gap(down) - plan.room(down);
  const underarm = at(plan.sideAcross(removedAt(plan.underarmDown)), plan.underarmDown);
  return {
    inner,
    outer,
    bustAlong: { inner: toBust(inner, plan.bustDown), outer: toBust(outer, plan.bustDown) },
    bustPoint: at(plan.bustAcross, plan.bustDown),
    pivot: tops.pivot,
    ends: { inner: tops.inner, outer: outerTop },
    trued: { upper, lower: lower.lifted },
    leans: { inner: lean(tops.pivot, tops.inner), outer: lean(tops.pivot, tops.outer) },
    removedAt,
    innerAt: (down) => crossAtDepth(inner, down)[0]?.x,
    outerAt: (down) => crossAtDepth(outer, down)[0]?.x,
    bustToWaist: (lengthToDepth(inner, plan.waistDown) ?? 0) - toBust(inner, plan.bustDown),
    flareLean: plan.flare > 0 ? Math.atan2(plan.flare, plan.endDown - plan.waistDown) : 0,
    overlap: Math.max(0, pathEnd(inner).x - pathEnd(outer).x),
    ...armholesOf(plan, curve, { ...tops, outer: outerTop }, armhole?.innerAlong ?? 0, underarm),
  };
}

type Armholes = Pick<
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
      const yokeAcross = end.x + plan.upper.inner + plan.upper.outer;
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

/** Every stretch of armhole that a panelled half sews, together. */
export function sewnPanelArmhole(shape: PanelShape): Inches {
  return [shape.innerArmhole, shape.yokeArmhole, shape.outerArmhole].reduce(
    (sum, path) => sum + (path === null ? 0 : pathLength(path)),
    0,
  );
}

/** The path with its first place moved; what follows stays. */
function startAt(path: Path, start: Point): Path {
  return { ...path, start };
}

/**
 * A panel whose outer upper part was turned about the bust point to close the bust dart: its edge, armhole and shoulder
 * turned with it, and its edge trued again so that the bust notches still meet.
 */
export function turnPanel(panel: PanelShape, angle: Radians): PanelShape {
  const turn = (point: Point) => turnPoint(point, panel.bustPoint, angle);
  const split = splitAtDepth(panel.outer, panel.bustPoint.y);
  const [above, below] = certain(split ?? undefined, "a panel edge over the bust line");
  const [leg, rounding] = above.segments;
  if (leg === undefined || rounding?.kind !== "cubic") return panel;
  // The edge keeps its place on the bust line, where it is half way round; only what lies above turned.
  const [top, from, crossing] = [turn(panel.outer.start), turn(leg.to), rounding.to];
  const leaving = directionFrom(top, from) ?? { x: 0, y: 1 };
  const over = cubicTo(turn(rounding.control1), rounding.control2, crossing);
  const edge = joinPaths([{ start: top, segments: [lineTo(from), over] }, below]);
  const more = trueingRound(panel.bustAlong.inner - toBust(edge, panel.bustPoint.y));
  const moved = add(top, scale(leaving, -more));
  const outer = startAt(edge, moved);
  const turned = (path: Path) => mapPath(path, turn);
  const onShoulder = panel.outerShoulder !== null;
  return {
    ...panel,
    outer,
    outerShoulder: panel.outerShoulder === null ? null : startAt(turned(panel.outerShoulder), moved),
    outerArmhole: onShoulder ? turned(panel.outerArmhole) : startAt(turned(panel.outerArmhole), moved),
    tip: onShoulder ? turn(panel.tip) : panel.tip,
    ends: { ...panel.ends, outer: moved },
    bustAlong: { inner: panel.bustAlong.inner, outer: toBust(outer, panel.bustPoint.y) },
  };
}
