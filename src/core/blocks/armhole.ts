import { at, curveBetween, type Direction, type Path, type Point, rightOf, solveRising } from "../geometry";
import type { Inches } from "../length";

export interface ArmholePlan {
  readonly tip: Point;
  /** Along the shoulder, from the neck outwards and down. */
  readonly shoulder: Direction;
  /** How far the middle is scooped in from the armhole line. */
  readonly scoop: Inches;
  readonly sideAcross: Inches;
}

/** The scooped middle of the armhole line. */
export function armholeMiddle(plan: ArmholePlan, underarmDown: Inches): Point {
  return at(plan.tip.x - plan.scoop, (plan.tip.y + underarmDown) / 2);
}

/**
 * The way the armhole goes at its middle: plumb where it is scooped. With little or no scoop the arc that leaves square
 * to the shoulder arrives leaning outwards; held plumb there it would waver, as no hand chalks it.
 */
export function wayAtMiddle(plan: ArmholePlan, middle: Point): Direction {
  const leaving = Math.atan2(plan.shoulder.y, plan.shoulder.x);
  const inwards = Math.atan2(plan.tip.x - middle.x, middle.y - plan.tip.y);
  const lean = Math.max(0, leaving - 2 * inwards);
  return { x: Math.sin(lean), y: Math.cos(lean) };
}

/**
 * The armhole from the shoulder tip to the underarm: square to the shoulder at the tip, plumb at the scooped middle,
 * level at the side (craft: bodice, step 7).
 */
export function drawArmhole(plan: ArmholePlan, underarmDown: Inches): Path {
  const middle = armholeMiddle(plan, underarmDown);
  const way = wayAtMiddle(plan, middle);
  return {
    start: plan.tip,
    segments: [
      curveBetween(plan.tip, rightOf(plan.shoulder), middle, way),
      curveBetween(middle, way, at(plan.sideAcross, underarmDown), { x: 1, y: 0 }),
    ],
  };
}

/** A stretch of armhole drawn again to an underarm that was moved: on from where and how it starts, level at the side. */
export function redrawToUnderarm(from: Point, way: Direction, underarm: Point): Path {
  return { start: from, segments: [curveBetween(from, way, underarm, { x: 1, y: 0 })] };
}

/** How nearly the sewn armhole is solved. */
const SOLVED: Inches = 1 / 200;

/** Where to look for a depth: between two, first round a guess. */
export interface DepthRange {
  readonly from: Inches;
  readonly to: Inches;
  readonly guess: Inches;
}

export interface SolvedDepth {
  readonly down: Inches;
  /** The sewn armhole at the least and the greatest depth that were tried: of the whole range where no depth will do. */
  readonly least: Inches;
  readonly most: Inches;
}

/** How far from its guess a depth is looked for first; nearly always it lies there, and each try draws two armholes. */
const NEAR: Inches = 1.25;

/**
 * The depth of the sewn underarm at which the sewn armhole is `wanted` long, by false position to 1/200 in: the tape
 * rounds the depth coarser. The caller refuses when `wanted` is not between `least` and `most`.
 */
export function solveUnderarm(sewn: (underarmDown: Inches) => Inches, wanted: Inches, range: DepthRange): SolvedDepth {
  const { from, to, guess } = range;
  const near = [Math.max(from, guess - NEAR), Math.min(to, guess + NEAR)] as const;
  return solveBetween(sewn, wanted, ...near) ?? solveBetween(sewn, wanted, from, to) ?? tryEnds(sewn, from, to);
}

/** The depth between two at which the armhole is as long as wanted; undefined when it lies elsewhere. */
function solveBetween(
  sewn: (underarmDown: Inches) => Inches,
  wanted: Inches,
  from: Inches,
  to: Inches,
): SolvedDepth | undefined {
  const { least, most } = tryEnds(sewn, from, to);
  if (from >= to || least >= wanted || most <= wanted) return undefined;
  const ends = [
    { at: from, value: least - wanted },
    { at: to, value: most - wanted },
  ] as const;
  return { down: solveRising((depth) => sewn(depth) - wanted, ...ends, SOLVED), least, most };
}

function tryEnds(sewn: (underarmDown: Inches) => Inches, from: Inches, to: Inches): SolvedDepth {
  return { down: from, least: sewn(from), most: sewn(to) };
}
