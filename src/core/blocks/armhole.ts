import { at, curveBetween, type Direction, type Path, type Point, pathLength, rightOf } from "../geometry";
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
function wayAtMiddle(plan: ArmholePlan, middle: Point): Direction {
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

export interface SolvedDepth {
  readonly down: Inches;
  /** The sewn armhole at the least and the greatest depth that can be drawn. */
  readonly least: Inches;
  readonly most: Inches;
}

/**
 * The depth of the sewn underarm at which both armholes together are `wanted` long, by false position to 1/1000 in.
 * `down` lies between the given bounds; the caller refuses when `wanted` is not between `least` and `most`.
 */
export function solveUnderarm(plans: readonly ArmholePlan[], wanted: Inches, from: Inches, to: Inches): SolvedDepth {
  const sewn = (down: Inches) => plans.reduce((sum, plan) => sum + pathLength(drawArmhole(plan, down)), 0);
  let low = from;
  let high = to;
  let shortBy = sewn(low) - wanted;
  let longBy = sewn(high) - wanted;
  const bounds = { least: shortBy + wanted, most: longBy + wanted };
  if (shortBy >= 0 || longBy <= 0) return { down: shortBy >= 0 ? low : high, ...bounds };
  let down = low;
  for (let round = 0; round < 30; round++) {
    down = low + ((high - low) * shortBy) / (shortBy - longBy);
    const off = sewn(down) - wanted;
    if (Math.abs(off) < 1e-3) break;
    if (off < 0) {
      low = down;
      shortBy = off;
      longBy /= 2;
    } else {
      high = down;
      longBy = off;
      shortBy /= 2;
    }
  }
  return { down, ...bounds };
}
