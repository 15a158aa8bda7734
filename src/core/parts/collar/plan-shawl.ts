import type { FrontFacts, Given } from "../../chalk";
import {
  add,
  at,
  curveBetween,
  type Direction,
  joinPaths,
  type Path,
  type Point,
  scale,
  subtract,
  turnPoint,
} from "../../geometry";
import type { CollarForm } from "./collar-form";
import { type BreakPlan, planBreak } from "./plan-lapel";

/** The outer edge leaves the break this far outside the break line. */
const STARTS_OUTSIDE = (10 * Math.PI) / 180;
/** The shawl is widest this far down the break line. */
const WIDEST_AT = 1 / 3;

export interface ShawlPlan extends BreakPlan {
  /** Where it is widest. */
  readonly widest: Point;
  /** From the outer end of the centre back over the widest place down to the break. */
  readonly outerEdge: Path;
}

/** A shawl: its outer edge in two curves from the break to the centre back, without a gorge (craft: collars, shawl). */
export function planShawl(given: Given, form: CollarForm, facts: FrontFacts): ShawlPlan {
  const plan = planBreak(given, form, facts);
  const { point, top, lean, outer, collarLean } = plan;
  const down = subtract(point, top);
  const outwards = at(-Math.cos(lean), -Math.sin(lean));
  const widest = add(add(top, scale(down, WIDEST_AT)), scale(outwards, form.shawlWidth));
  const up: Direction = at(Math.sin(lean), -Math.cos(lean));
  const along: Direction = at(Math.sin(collarLean), -Math.cos(collarLean));
  const leaves = turnPoint(up, at(0, 0), -STARTS_OUTSIDE);
  const lower: Path = { start: point, segments: [curveBetween(point, leaves, widest, up)] };
  const upper: Path = { start: widest, segments: [curveBetween(widest, up, outer, along)] };
  return { ...plan, widest, outerEdge: joinPaths([lower, upper]) };
}
