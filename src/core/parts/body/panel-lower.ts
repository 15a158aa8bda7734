import {
  add,
  at,
  crossAtDepth,
  joinPaths,
  leaningLine,
  lengthToDepth,
  mapPath,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  scale,
  splitAtDepth,
  splitAtLength,
  straight,
} from "../../geometry";
import type { Inches } from "../../length";
import { certain } from "../../result";
import { trueingRound } from "./body-lines";
import type { PanelPlan } from "./panel-plan";

/** The two edges have come together and run plumb this far below the bust line, rounded, so that the bust does not peak. */
export const MEET_BELOW_BUST: Inches = 0.75;

/** How far down both edges have come together. */
export function meetDown(plan: PanelPlan): Inches {
  const belowYoke = plan.kind === "yoke" ? 1 : 0;
  return plan.bustDown + Math.max(MEET_BELOW_BUST, belowYoke);
}

/** The slanted edge of a flare keeps the length of the straight one (craft: house rules, corner lift). */
export function flaredCorner(from: Point, plumb: Inches, flare: Inches): Point {
  const slant = Math.hypot(plumb, flare);
  return at(from.x + (flare * plumb) / slant, from.y + plumb ** 2 / slant);
}

/** Below the bust: out to full width, plumb to the waist, then run out, flared, or open to the end. */
export function lowerEdge(plan: PanelPlan, sign: -1 | 1): Path {
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

/** More than this no edge is trued by: a line further below the end is not on the panel. */
const MOST_LIFT: Inches = 3;

/** The width between both edges at a depth; past the lower end of one that was trued, as at that end. */
export function gapAt(inner: Path, outer: Path): (down: Inches) => Inches {
  const acrossAt = (edge: Path, down: Inches) => {
    const lowest = pathEnd(edge).y - 1e-9;
    return crossAtDepth(edge, down < lowest + MOST_LIFT ? Math.min(down, lowest) : down)[0]?.x;
  };
  return (down) => {
    const [left, right] = [acrossAt(inner, down), acrossAt(outer, down)];
    return left === undefined || right === undefined ? 0 : right - left;
  };
}

/** Length of an edge from its top to the bust line. */
export function toBust(path: Path, bustDown: Inches): Inches {
  return certain(lengthToDepth(path, bustDown), "a panel edge that crosses the bust line");
}

/** The lower end of the outer edge moved along itself until it is as long below the bust as the inner one. */
export function trueLower(
  inner: Path,
  outer: Path,
  bustDown: Inches,
): { readonly path: Path; readonly lifted: Inches } {
  const below = (path: Path) => pathLength(path) - toBust(path, bustDown);
  const lifted = trueingRound(below(outer) - below(inner));
  if (lifted === 0) return { path: outer, lifted };
  const [kept] = splitAtLength(outer, pathLength(outer) - Math.max(0, lifted));
  if (lifted > 0) return { path: kept, lifted };
  const way = placeAtLength(outer, pathLength(outer)).tangent;
  return { path: joinPaths([outer, straight(pathEnd(outer), add(pathEnd(outer), scale(way, -lifted)))]), lifted };
}

/** How far an edge was really moved out at a depth: a curve's handles do not follow the room exactly. */
export function movedOut(plan: PanelPlan, plain: Path, moved: Path): (down: Inches) => Inches {
  return (down) => {
    if (plan.roomBends.length === 0) return 0;
    const [from, to] = [crossAtDepth(plain, down)[0], crossAtDepth(moved, down)[0]];
    return from === undefined || to === undefined ? plan.room(down) : to.x - from.x;
  };
}

/** An edge of the outer panel moved out by what the house makes up for the allowances at each depth. */
export function withRoom(plan: PanelPlan, edge: Path): Path {
  if (plan.roomBends.length === 0) return edge;
  const cut = plan.roomBends.reduce<readonly Path[]>(
    (parts, bend) => parts.flatMap((part) => splitAtDepth(part, bend) ?? [part]),
    [edge],
  );
  const parts = cut.filter(({ segments }) => segments.length > 0);
  return joinPaths(parts.map((part) => mapPath(part, ({ x, y }) => at(x + plan.room(y), y))));
}
