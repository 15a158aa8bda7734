import type { Inches } from "../length";
import type { CubicSegment } from "./path";
import { lengthOf, type Point } from "./point";

// A draft must fit in a frame and a page in 235 kB: two functions of a curve library are done here, and tests hold them
// against the library.

/** Nodes right of the middle and weights of the 24-point Gauss-Legendre rule; the other twelve mirror them. */
const NODES: readonly (readonly [node: number, weight: number])[] = [
  [0.06405689286260563, 0.12793819534675216],
  [0.1911188674736163, 0.1258374563468283],
  [0.3150426796961634, 0.12167047292780339],
  [0.4337935076260451, 0.1155056680537256],
  [0.5454214713888396, 0.10744427011596563],
  [0.6480936519369755, 0.0976186521041139],
  [0.7401241915785544, 0.08619016153195327],
  [0.820001985973903, 0.0733464814110803],
  [0.8864155270044011, 0.05929858491543678],
  [0.9382745520027328, 0.04427743881741981],
  [0.9747285559713095, 0.028531388628933663],
  [0.9951872199970213, 0.0123412297999872],
];

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

/** Length from the start to a parameter, by 24-point quadrature. */
export function curveLength(points: CurvePoints, parameter = 1): Inches {
  const half = parameter / 2;
  let sum = 0;
  for (const [node, weight] of NODES)
    sum +=
      weight *
      (lengthOf(curveVelocity(points, half * (1 - node))) + lengthOf(curveVelocity(points, half * (1 + node))));
  return half * sum;
}

const NONE: readonly number[] = [];

function quadraticRoots(a: number, b: number, c: number): readonly number[] {
  if (Math.abs(a) < 1e-9) return Math.abs(b) < 1e-9 ? NONE : [-c / b];
  const root = Math.sqrt(b * b - 4 * a * c);
  return Number.isNaN(root) ? NONE : [(-b + root) / (2 * a), (-b - root) / (2 * a)];
}

function cubicRoots(d: number, a: number, b: number, c: number): readonly number[] {
  if (Math.abs(d) < 1e-6) return quadraticRoots(a, b, c);
  const third = a / d / 3;
  // Shifted by a third of the sum of its roots the cubic has no square term: t³ + 3 p t + 2 q.
  const p = b / d / 3 - third * third;
  const q = third * third * third - (third * (b / d)) / 2 + c / d / 2;
  const inside = q * q + p * p * p;
  if (inside > 0) {
    const root = Math.sqrt(inside);
    return [Math.cbrt(-q + root) + Math.cbrt(-q - root) - third];
  }
  const reach = 2 * Math.sqrt(-p);
  const angle = Math.acos(Math.max(-1, Math.min(1, -q / Math.sqrt(-p * p * p || 1)))) / 3;
  return [0, 1, 2].map((turn) => reach * Math.cos(angle + (2 * Math.PI * turn) / 3) - third);
}

/**
 * Where a cubic meets the endless line that its four points are measured from.
 *
 * @param heights how far start, first control, second control and end lie from the line
 * @returns the parameters 0…1, rising
 */
export function curveCrossings(heights: readonly [number, number, number, number]): readonly number[] {
  const [start, first, second, end] = heights;
  const roots = cubicRoots(
    end - start + 3 * (first - second),
    3 * (start - 2 * first + second),
    3 * (first - start),
    start,
  );
  return roots.filter((root) => root >= 0 && root <= 1).sort((one, other) => one - other);
}
