import type { Inches } from "../length";
import { crossSquare } from "./measure";
import { type Path, pathEnd } from "./path";
import { add, directionFrom, distance, dot, type Point, rightOf, scale, subtract } from "./point";

/** A tape reading for a curve chalked without a ruler. */
export interface Dot {
  /** Along the straight line from the edge's first end to its last. */
  readonly along: Inches;
  /** Square from that line: positive towards the inside of the piece (the right hand of the walk), negative outwards. */
  readonly across: Inches;
}

/** Dots every `spacing` along the straight line between the path's ends; the ends themselves are marks and are left out. */
export function dotsAlong(path: Path, spacing: Inches): readonly Dot[] {
  const end = pathEnd(path);
  const along = directionFrom(path.start, end);
  if (along === null) return [];
  const inside = rightOf(along);
  const total = distance(path.start, end);
  const dots: Dot[] = [];
  for (let reading = spacing; reading < total - 1e-6; reading += spacing) {
    const foot: Point = add(path.start, scale(along, reading));
    const crossing = crossSquare(path, foot, along);
    if (crossing !== undefined) dots.push({ along: reading, across: dot(subtract(crossing, foot), inside) });
  }
  return dots;
}
