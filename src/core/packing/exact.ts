import { cross, type Point, subtract } from "../geometry";
import { type Layout, stanceOf } from "./layout";

/** Whether two stretches cross or one ends on the other, by their sides. */
function meets(a: Point, b: Point, c: Point, d: Point): boolean {
  if (Math.max(a.x, b.x) < Math.min(c.x, d.x) || Math.max(c.x, d.x) < Math.min(a.x, b.x)) return false;
  if (Math.max(a.y, b.y) < Math.min(c.y, d.y) || Math.max(c.y, d.y) < Math.min(a.y, b.y)) return false;
  const ab = subtract(b, a);
  const cd = subtract(d, c);
  const sides = cross(ab, subtract(c, a)) * cross(ab, subtract(d, a));
  return sides <= 0 && cross(cd, subtract(a, c)) * cross(cd, subtract(b, c)) <= 0;
}

/** Whether a point lies inside an outline (crossings to its right are odd). */
function isInside(point: Point, outline: readonly Point[]): boolean {
  let inside = false;
  let before = outline.at(-1) as Point;
  for (const next of outline) {
    if (before.y <= point.y !== next.y <= point.y) {
      const x = before.x + ((next.x - before.x) * (point.y - before.y)) / (next.y - before.y);
      if (x > point.x) inside = !inside;
    }
    before = next;
  }
  return inside;
}

/** Stretches of an outline that reach into a box, each as the index of its end. */
function stretchesIn(
  outline: readonly Point[],
  left: number,
  top: number,
  right: number,
  bottom: number,
): readonly number[] {
  const found: number[] = [];
  for (let index = 0; index < outline.length; index++) {
    const a = outline[index] as Point;
    const b = outline[(index + 1) % outline.length] as Point;
    if (Math.max(a.x, b.x) < left || Math.min(a.x, b.x) > right) continue;
    if (Math.max(a.y, b.y) < top || Math.min(a.y, b.y) > bottom) continue;
    found.push(index);
  }
  return found;
}

/** Whether two outlines touch, cross or lie in one another, the second moved; exact but for rounding of the numbers. */
export function outlinesMeet(one: readonly Point[], other: readonly Point[], across: number, down: number): boolean {
  const moved = other.map(({ x, y }) => ({ x: x + across, y: y + down }));
  const box = (points: readonly Point[]) => ({
    left: Math.min(...points.map(({ x }) => x)),
    right: Math.max(...points.map(({ x }) => x)),
    top: Math.min(...points.map(({ y }) => y)),
    bottom: Math.max(...points.map(({ y }) => y)),
  });
  const [a, b] = [box(one), box(moved)];
  const [left, top] = [Math.max(a.left, b.left), Math.max(a.top, b.top)];
  const [right, bottom] = [Math.min(a.right, b.right), Math.min(a.bottom, b.bottom)];
  if (left > right || top > bottom) return false;
  const others = stretchesIn(moved, left, top, right, bottom);
  for (const i of stretchesIn(one, left, top, right, bottom)) {
    const [from, to] = [one[i] as Point, one[(i + 1) % one.length] as Point];
    for (const j of others) {
      if (meets(from, to, moved[j] as Point, moved[(j + 1) % moved.length] as Point)) return true;
    }
  }
  return isInside(moved[0] as Point, one) || isInside(one[0] as Point, moved);
}

/** Pairs of pieces whose outlines meet as they lie. */
export function findMeetings(layout: Layout): readonly (readonly [number, number])[] {
  const found: [number, number][] = [];
  for (let one = 0; one < layout.count; one++) {
    for (let other = one + 1; other < layout.count; other++) {
      if (layout.fixed[one] === 1 && layout.fixed[other] === 1) continue;
      const across = (layout.x[other] as number) - (layout.x[one] as number);
      const down = (layout.y[other] as number) - (layout.y[one] as number);
      const [a, b] = [stanceOf(layout, one).shape, stanceOf(layout, other).shape];
      if (across > a.width || down > a.height || across < -b.width || down < -b.height) continue;
      if (outlinesMeet(a.outline, b.outline, across, down)) found.push([one, other]);
    }
  }
  return found;
}
