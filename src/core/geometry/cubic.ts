import { Bezier } from "bezier-js";
import type { Inches } from "../length";
import type { CubicSegment } from "./path";
import type { Point } from "./point";

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
  const a = rest * rest * rest;
  const b = 3 * rest * rest * parameter;
  const c = 3 * rest * parameter * parameter;
  const d = parameter * parameter * parameter;
  return {
    x: a * points[0].x + b * points[1].x + c * points[2].x + d * points[3].x,
    y: a * points[0].y + b * points[1].y + c * points[2].y + d * points[3].y,
  };
}

/** Direction and speed at a parameter 0…1. */
export function curveVelocity(points: CurvePoints, parameter: number): Point {
  const rest = 1 - parameter;
  const a = 3 * rest * rest;
  const b = 6 * rest * parameter;
  const c = 3 * parameter * parameter;
  return {
    x: a * (points[1].x - points[0].x) + b * (points[2].x - points[1].x) + c * (points[3].x - points[2].x),
    y: a * (points[1].y - points[0].y) + b * (points[2].y - points[1].y) + c * (points[3].y - points[2].y),
  };
}

/** Length from the start to a parameter, by the library's 24-point quadrature. */
export function curveLength(points: CurvePoints, parameter = 1): Inches {
  return parameter * library.length((share: number) => curveVelocity(points, share * parameter));
}

/** Parameters, rising, at which the curve crosses the endless line through two places. */
export function curveCrossings(points: CurvePoints, through: Point, and: Point): readonly number[] {
  return library.roots([...points], { p1: through, p2: and });
}
