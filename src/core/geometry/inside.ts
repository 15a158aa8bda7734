import type { Inches } from "../length";
import { distanceToPath, flattenPath } from "./measure";
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

/** Where a closed outline crosses a level, from the left; half-open, so that a corner on the level counts once. */
export function crossingsAt(outline: readonly Point[], level: Inches): readonly Inches[] {
  const found: Inches[] = [];
  let before = outline.at(-1) as Point;
  for (const point of outline) {
    if (before.y <= level !== point.y <= level)
      found.push(before.x + ((point.x - before.x) * (level - before.y)) / (point.y - before.y));
    before = point;
  }
  return found.sort((a, b) => a - b);
}

/** Across at every level where a closed chain meets it, the leftmost and the rightmost; null where it does not reach. */
function reachAt(points: readonly Point[], down: number): { readonly left: number; readonly right: number } | null {
  let left = Number.POSITIVE_INFINITY;
  let right = Number.NEGATIVE_INFINITY;
  let before = points.at(-1) as Point;
  for (const point of points) {
    if (before.y < down !== point.y < down) {
      const x = before.x + ((point.x - before.x) * (down - before.y)) / (point.y - before.y);
      left = Math.min(left, x);
      right = Math.max(right, x);
    }
    before = point;
  }
  return right < left ? null : { left, right };
}

/** Levels half an inch apart: finer than two edges that chalk could tell apart run together. */
const LEVEL = 0.5;

/**
 * How much a piece runs over its neighbour at the right, in square inches, measured level by level; 0 when both can be
 * cut. Quicker than clipping, and a draft asks it at every move of a slider; a test holds it against a library's answer.
 */
export function overlapBeside(left: readonly Point[], right: readonly Point[]): number {
  const tops = right.map(({ y }) => y);
  let area = 0;
  for (let down = Math.min(...tops) + LEVEL / 2; down < Math.max(...tops); down += LEVEL) {
    const [one, other] = [reachAt(left, down), reachAt(right, down)];
    if (one !== null && other !== null) area += LEVEL * Math.max(0, one.right - other.left);
  }
  return area;
}

/** How far apart levels are at most where an area is summed. */
const FINE_LEVEL = 1 / 16;

/** How much of a level lies between the crossings of one outline and outside those of another; both rising, in pairs. */
function lengthOutside(inner: readonly Inches[], outer: readonly Inches[]): Inches {
  let length = 0;
  for (let index = 0; index + 1 < inner.length; index += 2) {
    const [from, to] = [inner[index] as Inches, inner[index + 1] as Inches];
    length += to - from;
    for (let other = 0; other + 1 < outer.length; other += 2)
      length -= Math.max(0, Math.min(to, outer[other + 1] as Inches) - Math.max(from, outer[other] as Inches));
  }
  return length;
}

/** How much of `inner` sticks out of `outer`, in square inches, summed level by level: 0 when it could be cut from it. */
export function areaOutside(inner: readonly Point[], outer: readonly Point[]): number {
  const depths = inner.map(({ y }) => y);
  const [top, bottom] = [Math.min(...depths), Math.max(...depths)];
  const levels = Math.ceil((bottom - top) / FINE_LEVEL);
  const apart = (bottom - top) / levels;
  let area = 0;
  for (let level = 0; level < levels; level++) {
    const down = top + (level + 0.5) * apart;
    area += apart * lengthOutside(crossingsAt(inner, down), crossingsAt(outer, down));
  }
  return area;
}

/** How far a place lies outside a closed outline; 0 inside it. */
export function distanceOutside(place: Point, outline: readonly Point[]): Inches {
  const crossed = crossingsAt(outline, place.y).filter((x) => x > place.x).length;
  if (crossed % 2 === 1) return 0;
  const [start] = outline;
  if (start === undefined) return 0;
  const closing = [...outline.slice(1), start];
  return distanceToPath({ start, segments: closing.map((to) => ({ kind: "line", to })) }, place);
}
