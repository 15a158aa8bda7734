import { type ArcSegment, moveArc } from "./arc";
import { add, at, type Point, type Radians, turnPoint } from "./point";

export interface LineSegment {
  readonly kind: "line";
  readonly to: Point;
}

export interface CubicSegment {
  readonly kind: "cubic";
  readonly control1: Point;
  readonly control2: Point;
  readonly to: Point;
}

export type Segment = LineSegment | CubicSegment | ArcSegment;

/** A chalk line: lines, cubic curves and arcs, each starting where the last one ended. Plain data. */
export interface Path {
  readonly start: Point;
  readonly segments: readonly Segment[];
}

export function lineTo(to: Point): LineSegment {
  return { kind: "line", to };
}

export function cubicTo(control1: Point, control2: Point, to: Point): CubicSegment {
  return { kind: "cubic", control1, control2, to };
}

export function straight(...points: readonly [Point, Point, ...Point[]]): Path {
  const [start, ...rest] = points;
  return { start, segments: rest.map(lineTo) };
}

export function pathEnd(path: Path): Point {
  return path.segments.at(-1)?.to ?? path.start;
}

/** Every segment with the point that it starts from. */
export function withStarts(path: Path): readonly { readonly from: Point; readonly segment: Segment }[] {
  return path.segments.map((segment, index) => ({ from: path.segments[index - 1]?.to ?? path.start, segment }));
}

function moveSegment(from: Point, segment: Segment, move: (point: Point) => Point): Segment {
  switch (segment.kind) {
    case "line":
      return lineTo(move(segment.to));
    case "cubic":
      return cubicTo(move(segment.control1), move(segment.control2), move(segment.to));
    case "arc":
      return moveArc(from, segment, move);
    default:
      return segment satisfies never;
  }
}

/** A path with every place moved; an arc stays an arc, so `move` must keep shapes (shift, turn, mirror, scale evenly). */
export function mapPath(path: Path, move: (point: Point) => Point): Path {
  return {
    start: move(path.start),
    segments: withStarts(path).map(({ from, segment }) => moveSegment(from, segment, move)),
  };
}

export function movePath(path: Path, by: Point): Path {
  return mapPath(path, (point) => add(point, by));
}

export function turnPath(path: Path, about: Point, angle: Radians): Path {
  return mapPath(path, (point) => turnPoint(point, about, angle));
}

function reverseSegment(from: Point, segment: Segment): Segment {
  switch (segment.kind) {
    case "line":
      return lineTo(from);
    case "cubic":
      return cubicTo(segment.control2, segment.control1, from);
    case "arc":
      return { kind: "arc", centre: segment.centre, sweep: -segment.sweep, to: from };
    default:
      return segment satisfies never;
  }
}

/** The same line walked the other way. */
export function reversePath(path: Path): Path {
  const segments = withStarts(path).map(({ from, segment }) => reverseSegment(from, segment));
  return { start: pathEnd(path), segments: segments.reverse() };
}

/** Paths that follow each other end to start, as one; where they do not touch a straight line joins them. */
export function joinPaths(paths: readonly Path[]): Path {
  const [first, ...rest] = paths;
  if (first === undefined) return { start: at(0, 0), segments: [] };
  const segments = [...first.segments];
  let end = pathEnd(first);
  for (const path of rest) {
    if (Math.hypot(path.start.x - end.x, path.start.y - end.y) > 1e-9) segments.push(lineTo(path.start));
    segments.push(...path.segments);
    end = pathEnd(path);
  }
  return { start: first.start, segments };
}

export function isStraight(path: Path): boolean {
  return path.segments.length === 1 && path.segments[0]?.kind === "line";
}
