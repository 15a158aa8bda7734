import { Clipper, FillRule } from "clipper2-ts";
import { flattenPath } from "./measure";
import { polygonArea } from "./outline";
import type { Path } from "./path";
import { cross, distance, type Point, subtract } from "./point";

/** A stretch of an outline with the box it fills. */
interface Stretch {
  readonly from: Point;
  readonly to: Point;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

function stretch(from: Point, to: Point): Stretch {
  return {
    from,
    to,
    left: Math.min(from.x, to.x),
    right: Math.max(from.x, to.x),
    top: Math.min(from.y, to.y),
    bottom: Math.max(from.y, to.y),
  };
}

function crosses(a: Stretch, b: Stretch): boolean {
  if (a.left > b.right || b.left > a.right) return false;
  const alongA = subtract(a.to, a.from);
  const alongB = subtract(b.to, b.from);
  const sidesOfB = cross(alongA, subtract(b.from, a.from)) * cross(alongA, subtract(b.to, a.from));
  const sidesOfA = cross(alongB, subtract(a.from, b.from)) * cross(alongB, subtract(a.to, b.from));
  return sidesOfA < 0 && sidesOfB < 0;
}

/**
 * True when a closed outline never crosses itself. A sweep over stretches sorted from the top (pieces are longer than wide), so that a draft can
 * afford it at every move of a slider; tests hold it against a library's answer.
 */
export function isSimple(outline: Path | readonly Point[]): boolean {
  const points = "segments" in outline ? flattenPath(outline) : outline;
  const corners = points.filter(
    (point, index) => distance(point, points[index - 1] ?? (points.at(-1) as Point)) > 1e-6,
  );
  const stretches = corners
    .map((point, index) => stretch(point, corners[(index + 1) % corners.length] as Point))
    .sort((a, b) => a.top - b.top);
  for (const [index, one] of stretches.entries()) {
    for (let next = index + 1; next < stretches.length; next++) {
      const other = stretches[next] as Stretch;
      if (other.top > one.bottom) break;
      if (crosses(one, other)) return false;
    }
  }
  return corners.length > 2;
}

/** How much of `inner` sticks out of `outer`, in square inches: 0 when it could be cut from it. */
export function areaOutside(inner: readonly Point[], outer: readonly Point[]): number {
  const outside = Clipper.differenceD([[...inner]], [[...outer]], FillRule.NonZero, 5);
  return outside.reduce((sum, path) => sum + polygonArea(path), 0);
}

/** How much two outlines have in common, in square inches: 0 when both can be cut. */
export function areaShared(a: readonly Point[], b: readonly Point[]): number {
  const shared = Clipper.intersectD([[...a]], [[...b]], FillRule.NonZero, 5);
  return shared.reduce((sum, path) => sum + polygonArea(path), 0);
}
