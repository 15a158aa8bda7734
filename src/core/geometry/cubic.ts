import { Bezier } from "bezier-js";
import type { Inches } from "../length";
import type { CubicSegment } from "./path";
import { type Point, scale } from "./point";

/**
 * The library's curve functions on plain points. Its `Bezier` class is not used: building one costs more than
 * everything a draft asks of it, and a draft must fit in a frame.
 */
const library = Bezier.getUtils();

export type CurvePoints = readonly [Point, Point, Point, Point];

export function curvePoints(from: Point, segment: CubicSegment): CurvePoints {
  return [from, segment.control1, segment.control2, segment.to];
}

/** The place at a parameter 0…1. */
export function curvePlace(points: CurvePoints, parameter: number): Point {
  const rest = 1 - parameter;
  const [a, b, c, d] = [rest ** 3, 3 * rest * rest * parameter, 3 * rest * parameter * parameter, parameter ** 3];
  const [p0, p1, p2, p3] = points;
  return { x: a * p0.x + b * p1.x + c * p2.x + d * p3.x, y: a * p0.y + b * p1.y + c * p2.y + d * p3.y };
}

/** Direction and speed at a parameter 0…1. */
export function curveVelocity(points: CurvePoints, parameter: number): Point {
  const rest = 1 - parameter;
  const [a, b, c] = [3 * rest * rest, 6 * rest * parameter, 3 * parameter * parameter];
  const [p0, p1, p2, p3] = points;
  return {
    x: a * (p1.x - p0.x) + b * (p2.x - p1.x) + c * (p3.x - p2.x),
    y: a * (p1.y - p0.y) + b * (p2.y - p1.y) + c * (p3.y - p2.y),
  };
}

/** Length from the start to a parameter, by the library's 24-point quadrature. */
export function curveLength(points: CurvePoints, parameter = 1): Inches {
  return library.length((share: number) => scale(curveVelocity(points, share * parameter), parameter));
}

/** Parameters, rising, at which the curve crosses the endless line through two places. */
export function curveCrossings(points: CurvePoints, through: Point, and: Point): readonly number[] {
  return library.roots([...points], { p1: through, p2: and });
}
