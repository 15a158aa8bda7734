import {
  at,
  curveBetween,
  type Direction,
  distance,
  isStraight,
  leftOf,
  lineTo,
  movePath,
  type Path,
  type Point,
  pathBeside,
  pathEnd,
  pathLength,
  placeAtLength,
  reversePath,
  rightOf,
  splitAtDepth,
  splitAtLength,
  straight,
} from "../geometry";
import type { Inches } from "../length";
import type { ClosedHalf } from "./closed-half";

/** The outline of a facing, walked clockwise; what it does not have is left out. */
export interface FacingShape {
  readonly neck?: Path;
  readonly shoulder: Path;
  readonly armhole?: Path;
  readonly side?: Path;
  /** The edge inside the garment, back to where the walk began. */
  readonly inner: Path;
  /** Up to the neck again. */
  readonly centre?: Path;
}

/** The neck as it is sewn to a facing: from where a slit's own facing leaves off. */
function sewnNeck({ neck }: ClosedHalf): Path {
  const [taken] = neck.mouths;
  return taken === undefined ? neck.stitch : splitAtLength(neck.stitch, taken.to)[1];
}

/** Down the centre from the neck to a depth; where the neck starts beside the centre, plumb. */
function centreTo({ centre }: ClosedHalf, from: Point, depth: Inches): Path {
  const plumb = straight(from, at(from.x, from.y + depth));
  if (distance(centre.start, from) > 1e-6) return plumb;
  return splitAtDepth(centre, from.y + depth)?.[0] ?? plumb;
}

/** A facing of the neck, as deep all round: at the centre, and along the shoulder. */
export function shapeNeckFacing(half: ClosedHalf, depth: Inches): FacingShape {
  const neck = sewnNeck(half);
  const [shoulder] = splitAtLength(half.shoulder, Math.min(depth, pathLength(half.shoulder)));
  const centre = centreTo(half, neck.start, depth);
  const foot = pathEnd(centre);
  const beside = isStraight(shoulder)
    ? pathBeside(neck, depth, { end: pathEnd(shoulder) })
    : risenBeside(neck, shoulder, depth);
  // Under the point of a V the parallel starts beside the centre.
  const inner: Path =
    distance(foot, beside.start) < 1e-3
      ? beside
      : { start: foot, segments: [lineTo(beside.start), ...beside.segments] };
  return { neck, shoulder, inner: reversePath(inner), centre: reversePath(centre) };
}

/** Beside a neck that is built up the shoulder bends: the edge is rounded to it, and meets it squarely. */
function risenBeside(neck: Path, shoulder: Path, depth: Inches): Path {
  const beside = pathBeside(neck, depth);
  const [kept] = splitAtLength(beside, Math.max(0, pathLength(beside) - depth));
  const { point, tangent } = placeAtLength(shoulder, pathLength(shoulder));
  return roundTo(kept, point, leftOf(tangent));
}

/** A path carried on in one curve to a place, where it arrives going some way. */
function roundTo(path: Path, to: Point, arriving: Direction): Path {
  const from = placeAtLength(path, pathLength(path));
  return { start: path.start, segments: [...path.segments, curveBetween(from.point, from.tangent, to, arriving)] };
}

/** A facing of the armhole, as deep along the shoulder and down the side. */
export function shapeArmholeFacing(
  { shoulder, armhole, side }: Pick<ClosedHalf, "shoulder" | "armhole" | "side">,
  depth: Inches,
): FacingShape {
  const length = pathLength(shoulder);
  const [, end] = splitAtLength(shoulder, Math.max(0, length - depth));
  const [down] = splitAtLength(side, depth);
  const low = pathEnd(down);
  const beside = pathBeside(armhole, depth, { start: end.start });
  // Under the arm it is rounded to the side, wherever that leans: a closed dart may have turned it.
  const [kept] = splitAtLength(beside, Math.max(0, pathLength(beside) - depth));
  const inner = roundTo(kept, low, leftOf(placeAtLength(down, depth).tangent));
  return { shoulder: end, armhole, side: down, inner: reversePath(inner) };
}

/** One facing for neck and armhole, where the shoulder is too narrow for two. */
export function shapeFacingInOne(half: ClosedHalf, neckDepth: Inches, sideDepth: Inches): FacingShape {
  const neck = sewnNeck(half);
  const [side] = splitAtLength(half.side, sideDepth);
  const centre = centreTo(half, neck.start, neckDepth);
  const [low, foot] = [pathEnd(side), pathEnd(centre)];
  const { tangent } = placeAtLength(side, pathLength(side));
  const inner: Path = { start: low, segments: [curveBetween(low, rightOf(tangent), foot, { x: -1, y: 0 })] };
  return { neck, shoulder: half.shoulder, armhole: half.armhole, side, inner, centre: reversePath(centre) };
}

/** A facing moved, whole. */
export function moveFacing(shape: FacingShape, by: Point): FacingShape {
  return Object.fromEntries(
    Object.entries(shape).map(([edge, path]: [string, Path]) => [edge, movePath(path, by)]),
  ) as unknown as FacingShape;
}

/** Every edge of a facing in the order of its walk. */
export function facingEdges(shape: FacingShape): readonly (readonly [keyof FacingShape, Path])[] {
  const order = ["neck", "shoulder", "armhole", "side", "inner", "centre"] as const;
  return order.flatMap((edge) => {
    const path = shape[edge];
    return path === undefined ? [] : [[edge, path] as const];
  });
}
