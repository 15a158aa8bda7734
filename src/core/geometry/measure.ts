import type { Inches } from "../length";
import { arcCrossings, arcLength, arcPlace, arcSteps, arcWay } from "./arc";
import { type CurvePoints, curveCrossings, curveLength, curvePlace, curvePoints, curveVelocity } from "./cubic";
import { type Path, pathEnd, type Segment, withStarts } from "./path";
import {
  add,
  type Direction,
  directionFrom,
  distance,
  leftOf,
  lengthOf,
  type Point,
  rightOf,
  scale,
  subtract,
} from "./point";

function segmentLength(from: Point, segment: Segment): Inches {
  if (segment.kind === "line") return distance(from, segment.to);
  return segment.kind === "arc" ? arcLength(from, segment) : curveLength(curvePoints(from, segment));
}

/** Length along the chalk, exact to 1e-6 in on the curves a garment has. */
export function pathLength(path: Path): Inches {
  return withStarts(path).reduce((sum, { from, segment }) => sum + segmentLength(from, segment), 0);
}

/** The parameter 0…1 at which a curve has run `length`, by Newton's steps to 1e-6 in; the curve never stands still inside. */
function parameterAtLength(curve: CurvePoints, length: Inches, total: Inches): number {
  if (length >= total) return 1;
  let parameter = length / total;
  for (let round = 0; round < 20; round++) {
    const off = curveLength(curve, parameter) - length;
    if (Math.abs(off) < 1e-6) break;
    const { x, y } = curveVelocity(curve, parameter);
    parameter = Math.min(1, Math.max(0, parameter - off / Math.max(1e-6, Math.sqrt(x * x + y * y))));
  }
  return parameter;
}

export interface PlaceOnPath {
  readonly point: Point;
  /** The way the walk goes there. */
  readonly tangent: Direction;
}

function placeOnSegment(from: Point, segment: Segment, length: Inches, total: Inches): PlaceOnPath {
  if (segment.kind === "line") {
    const tangent = directionFrom(from, segment.to) ?? { x: 1, y: 0 };
    return { point: add(from, scale(tangent, length)), tangent };
  }
  if (segment.kind === "arc") {
    const share = total === 0 ? 0 : length / total;
    return { point: arcPlace(from, segment, share), tangent: arcWay(from, segment, share) };
  }
  const curve = curvePoints(from, segment);
  const parameter = total === 0 ? 0 : parameterAtLength(curve, length, total);
  return { point: curvePlace(curve, parameter), tangent: curveTangent(curve, parameter) };
}

/** The way a curve goes; at an end whose handle has no length, the way it goes just beside it. */
function curveTangent(curve: CurvePoints, parameter: number): Direction {
  const still = { x: 0, y: 0 };
  return (
    directionFrom(still, curveVelocity(curve, parameter)) ??
    directionFrom(still, curveVelocity(curve, parameter < 0.5 ? 1e-4 : 1 - 1e-4)) ?? { x: 1, y: 0 }
  );
}

/** Where a walk of `length` from the path's start arrives; past either end it stops there. */
export function placeAtLength(path: Path, length: Inches): PlaceOnPath {
  let left = Math.max(0, length);
  const parts = withStarts(path);
  for (const [index, { from, segment }] of parts.entries()) {
    const total = segmentLength(from, segment);
    if (left <= total + 1e-9 || index === parts.length - 1) {
      return placeOnSegment(from, segment, Math.min(left, total), total);
    }
    left -= total;
  }
  return { point: pathEnd(path), tangent: { x: 1, y: 0 } };
}

/** An endless straight line to cross a path with: every place p with p·normal = offset. */
export interface StraightEdge {
  readonly normal: Direction;
  readonly offset: number;
}

const NONE: readonly number[] = [];

/** Parameters at which a segment crosses the edge, rising. Most segments of a path do not: those are told apart first. */
function crossSegment(from: Point, segment: Segment, edge: StraightEdge): readonly number[] {
  const { normal, offset } = edge;
  if (segment.kind === "arc") return arcCrossings(from, segment, normal, offset);
  const height = (point: Point) => point.x * normal.x + point.y * normal.y - offset;
  const start = height(from);
  const end = height(segment.to);
  if (segment.kind === "line") {
    if (Math.min(start, end) > 1e-7 || Math.max(start, end) < -1e-7 || Math.abs(start - end) < 1e-12) return NONE;
    const parameter = start / (start - end);
    return parameter >= -1e-9 && parameter <= 1 + 1e-9 ? [Math.min(1, Math.max(0, parameter))] : NONE;
  }
  const first = height(segment.control1);
  const second = height(segment.control2);
  if (Math.min(start, first, second, end) > 1e-7 || Math.max(start, first, second, end) < -1e-7) return NONE;
  const roots = curveCrossings([start, first, second, end]);
  // A root at an end is lost to rounding now and then; the ends are tried by themselves.
  const ends = [...(Math.abs(start) < 1e-7 ? [0] : NONE), ...(Math.abs(end) < 1e-7 ? [1] : NONE)];
  return ends.length === 0 ? roots : [...ends, ...roots].sort((one, other) => one - other);
}

function pointOnSegment(from: Point, segment: Segment, parameter: number): Point {
  if (segment.kind === "line") return add(from, scale(subtract(segment.to, from), parameter));
  if (segment.kind === "arc") return arcPlace(from, segment, parameter);
  return curvePlace(curvePoints(from, segment), parameter);
}

/** A place on a path by its segment and the parameter 0…1 there. */
export interface PathCrossing {
  readonly segment: number;
  readonly parameter: number;
  readonly point: Point;
}

/** Every place where a path crosses an endless straight line, in the order of the walk. */
export function crossPath(path: Path, edge: StraightEdge): readonly PathCrossing[] {
  const crossings: PathCrossing[] = [];
  let from = path.start;
  for (const [index, segment] of path.segments.entries()) {
    for (const parameter of crossSegment(from, segment, edge))
      crossings.push({ segment: index, parameter, point: pointOnSegment(from, segment, parameter) });
    from = segment.to;
  }
  return crossings;
}

/** Where the path crosses the guide line at that depth, in the order of the walk. */
export function crossAtDepth(path: Path, down: Inches): readonly Point[] {
  return crossPath(path, { normal: { x: 0, y: 1 }, offset: down }).map(({ point }) => point);
}

/** Where the path crosses the square raised from a place on its straight line; the first in the order of the walk. */
export function crossSquare(path: Path, foot: Point, along: Direction): Point | undefined {
  return crossPath(path, { normal: along, offset: foot.x * along.x + foot.y * along.y })[0]?.point;
}

/** The segment and parameter at which a walk of `length` arrives. */
export function crossingAtLength(path: Path, length: Inches): PathCrossing {
  let left = Math.max(0, length);
  const parts = withStarts(path);
  for (const [index, { from, segment }] of parts.entries()) {
    const total = segmentLength(from, segment);
    if (left <= total || index === parts.length - 1) {
      const share = total === 0 ? 0 : Math.min(1, left / total);
      const parameter =
        segment.kind === "cubic" ? parameterAtLength(curvePoints(from, segment), Math.min(left, total), total) : share;
      return { segment: index, parameter, point: pointOnSegment(from, segment, parameter) };
    }
    left -= total;
  }
  return { segment: 0, parameter: 0, point: path.start };
}

/** How far along the path its first crossing with that depth lies. */
export function lengthToDepth(path: Path, down: Inches): Inches | undefined {
  return lengthToLine(path, { normal: { x: 0, y: 1 }, offset: down });
}

/** How far along a path it first crosses a plumb line; undefined when it never does. */
export function lengthToAcross(path: Path, across: Inches): Inches | undefined {
  return lengthToLine(path, { normal: { x: 1, y: 0 }, offset: across });
}

function lengthToLine(path: Path, line: Parameters<typeof crossSegment>[2]): Inches | undefined {
  let before = 0;
  for (const { from, segment } of withStarts(path)) {
    const parameter = crossSegment(from, segment, line)[0];
    if (parameter !== undefined) return before + partLength(from, segment, parameter);
    before += segmentLength(from, segment);
  }
  return undefined;
}

function partLength(from: Point, segment: Segment, parameter: number): Inches {
  if (parameter <= 0) return 0;
  if (segment.kind !== "cubic") return segmentLength(from, segment) * parameter;
  return curveLength(curvePoints(from, segment), Math.min(1, parameter));
}

/** How far a chain of points may lie off its curve: a tenth of what chalk is wide. */
const FLAT_ENOUGH: Inches = 0.01;

/** How many equal steps keep a curve's chords within a tolerance of it (from the largest bend of its control points). */
function stepsFor(curve: CurvePoints, tolerance: Inches): number {
  const [p0, p1, p2, p3] = curve;
  const bend = Math.max(
    lengthOf({ x: p0.x - 2 * p1.x + p2.x, y: p0.y - 2 * p1.y + p2.y }),
    lengthOf({ x: p1.x - 2 * p2.x + p3.x, y: p1.y - 2 * p2.y + p3.y }),
  );
  return Math.max(3, Math.ceil(Math.sqrt((0.75 * bend) / tolerance)));
}

function traceSegment(from: Point, segment: Segment, tolerance: Inches): readonly PlaceOnPath[] {
  if (segment.kind === "line") {
    const tangent = directionFrom(from, segment.to);
    return tangent === null
      ? []
      : [
          { point: from, tangent },
          { point: segment.to, tangent },
        ];
  }
  if (segment.kind === "arc") {
    const steps = arcSteps(from, segment, tolerance);
    return Array.from({ length: steps + 1 }, (_, step) => ({
      point: arcPlace(from, segment, step / steps),
      tangent: arcWay(from, segment, step / steps),
    }));
  }
  const curve = curvePoints(from, segment);
  const steps = stepsFor(curve, tolerance);
  const places: PlaceOnPath[] = [];
  for (let step = 0; step <= steps; step++) {
    places.push({ point: curvePlace(curve, step / steps), tangent: curveTangent(curve, step / steps) });
  }
  return places;
}

/** The path as a chain of places with the way it goes there, its chords within `tolerance` of it; corners come twice. */
export function tracePath(path: Path, tolerance: Inches = FLAT_ENOUGH): readonly PlaceOnPath[] {
  return withStarts(path).flatMap(({ from, segment }) => traceSegment(from, segment, tolerance));
}

/** The path as a chain of points, its chords within `tolerance` of it; no two in one place. */
export function flattenPath(path: Path, tolerance: Inches = FLAT_ENOUGH): readonly Point[] {
  const points: Point[] = [path.start];
  let from = path.start;
  const reach = (point: Point) => {
    if (distance(point, points[points.length - 1] as Point) > 1e-9) points.push(point);
  };
  for (const segment of path.segments) {
    if (segment.kind === "cubic") {
      const curve = curvePoints(from, segment);
      const steps = stepsFor(curve, tolerance);
      for (let step = 1; step <= steps; step++) reach(curvePlace(curve, step / steps));
    } else if (segment.kind === "arc") {
      const steps = arcSteps(from, segment, tolerance);
      for (let step = 1; step <= steps; step++) reach(arcPlace(from, segment, step / steps));
    } else reach(segment.to);
    from = segment.to;
  }
  return points;
}

/** How far a place lies from a path, within 1/100 in. */
export function distanceToPath(path: Path, place: Point): Inches {
  return distanceToCorners(flattenPath(path), place);
}

function distanceToCorners(corners: readonly Point[], { x, y }: Point): Inches {
  let least = Number.POSITIVE_INFINITY;
  let from = corners[0] as Point;
  for (const to of corners) {
    const [alongX, alongY] = [to.x - from.x, to.y - from.y];
    const size = alongX * alongX + alongY * alongY;
    const share = size < 1e-18 ? 0 : ((x - from.x) * alongX + (y - from.y) * alongY) / size;
    const on = Math.min(1, Math.max(0, share));
    const [outX, outY] = [x - from.x - on * alongX, y - from.y - on * alongY];
    least = Math.min(least, outX * outX + outY * outY);
    from = to;
  }
  return Math.sqrt(least);
}

/** The place at a distance from each of two others, the nearer to a third where there are two; null where none is. */
export function meetCircles(one: Point, radius: Inches, other: Point, otherRadius: Inches, near: Point): Point | null {
  const along = directionFrom(one, other);
  const apart = distance(one, other);
  if (along === null || apart > radius + otherRadius || apart < Math.abs(radius - otherRadius)) return null;
  const reach = (apart * apart + radius * radius - otherRadius * otherRadius) / (2 * apart);
  const beside = Math.sqrt(Math.max(0, radius * radius - reach * reach));
  const foot = add(one, scale(along, reach));
  const places = [rightOf(along), leftOf(along)].map((way) => add(foot, scale(way, beside))) as [Point, Point];
  return distance(places[0], near) < distance(places[1], near) ? places[0] : places[1];
}

/** The box round all of a path's holding points: the path lies in it. */
function holdingBox({ start, segments }: Path) {
  let [left, right, top, bottom] = [start.x, start.x, start.y, start.y];
  const hold = ({ x, y }: Point) => {
    left = Math.min(left, x);
    right = Math.max(right, x);
    top = Math.min(top, y);
    bottom = Math.max(bottom, y);
  };
  for (const segment of segments) {
    hold(segment.to);
    if (segment.kind === "cubic") {
      hold(segment.control1);
      hold(segment.control2);
    } else if (segment.kind === "arc") {
      const radius = distance(segment.centre, segment.to);
      hold(add(segment.centre, { x: radius, y: radius }));
      hold(add(segment.centre, { x: -radius, y: -radius }));
    }
  }
  return { left, right, top, bottom };
}

/** Whether a place may lie this near to a path: told from the path's box alone, without walking it. */
function mayLieNear(
  { left, right, top, bottom }: ReturnType<typeof holdingBox>,
  { x, y }: Point,
  near: Inches,
): boolean {
  return left <= x + near && right >= x - near && top <= y + near && bottom >= y - near;
}

/** Whether a place lies this near to a path. */
export function liesNear(path: Path, place: Point, near: Inches): boolean {
  return mayLieNear(holdingBox(path), place, near) && distanceToPath(path, place) <= near;
}

/** Of several places, those that lie this near to a path, which is walked once at most. */
export function nearPath<One>(
  path: Path,
  all: readonly One[],
  placeOf: (one: One) => Point,
  near: Inches,
): readonly One[] {
  const box = holdingBox(path);
  const maybe = all.filter((one) => mayLieNear(box, placeOf(one), near));
  if (maybe.length === 0) return [];
  const corners = flattenPath(path);
  return maybe.filter((one) => distanceToCorners(corners, placeOf(one)) <= near);
}
