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

export type Segment = LineSegment | CubicSegment;

/** A chalk line: lines and cubic curves, each starting where the last one ended. Plain data. */
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

export function mapPath(path: Path, move: (point: Point) => Point): Path {
  return {
    start: move(path.start),
    segments: path.segments.map((segment) =>
      segment.kind === "line"
        ? lineTo(move(segment.to))
        : cubicTo(move(segment.control1), move(segment.control2), move(segment.to)),
    ),
  };
}

export function movePath(path: Path, by: Point): Path {
  return mapPath(path, (point) => add(point, by));
}

export function turnPath(path: Path, about: Point, angle: Radians): Path {
  return mapPath(path, (point) => turnPoint(point, about, angle));
}

/** The same line walked the other way. */
export function reversePath(path: Path): Path {
  const segments = withStarts(path).map(({ from, segment }) =>
    segment.kind === "line" ? lineTo(from) : cubicTo(segment.control2, segment.control1, from),
  );
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
