import type { Inches } from "../length";
import { splitArc } from "./arc";
import { crossingAtLength, crossPath, type PathCrossing } from "./measure";
import { cubicTo, lineTo, type Path, type Segment, withStarts } from "./path";
import { add, type Point, scale, subtract } from "./point";

function between(a: Point, b: Point, share: number): Point {
  return add(a, scale(subtract(b, a), share));
}

/** A segment cut at a parameter (de Casteljau for curves): both halves lie exactly on it. */
function splitSegment(from: Point, segment: Segment, share: number): readonly [Segment, Segment] {
  if (segment.kind === "line") return [lineTo(between(from, segment.to, share)), segment];
  if (segment.kind === "arc") return splitArc(from, segment, share);
  const a = between(from, segment.control1, share);
  const b = between(segment.control1, segment.control2, share);
  const c = between(segment.control2, segment.to, share);
  const [ab, bc] = [between(a, b, share), between(b, c, share)];
  const middle = between(ab, bc, share);
  return [cubicTo(a, ab, middle), cubicTo(bc, c, segment.to)];
}

const AT_END = 1e-9;

function splitAtCrossing(path: Path, { segment: index, parameter }: PathCrossing): readonly [Path, Path] {
  const { from, segment } = withStarts(path)[index] as { from: Point; segment: Segment };
  const before = path.segments.slice(0, index);
  const after = path.segments.slice(index + 1);
  if (parameter <= AT_END)
    return [
      { ...path, segments: before },
      { start: from, segments: [segment, ...after] },
    ];
  if (parameter >= 1 - AT_END)
    return [
      { ...path, segments: [...before, segment] },
      { start: segment.to, segments: after },
    ];
  const [first, second] = splitSegment(from, segment, parameter);
  return [
    { ...path, segments: [...before, first] },
    { start: first.to, segments: [second, ...after] },
  ];
}

/** A path cut where it first crosses a depth; null when it never does. */
export function splitAtDepth(path: Path, down: Inches): readonly [Path, Path] | null {
  const crossing = crossPath(path, { normal: { x: 0, y: 1 }, offset: down })[0];
  return crossing === undefined ? null : splitAtCrossing(path, crossing);
}

/** A path cut where it first crosses a plumb line; null when it never does. */
export function splitAtAcross(path: Path, across: Inches): readonly [Path, Path] | null {
  const crossing = crossPath(path, { normal: { x: 1, y: 0 }, offset: across })[0];
  return crossing === undefined ? null : splitAtCrossing(path, crossing);
}

/** A path cut at a length from its start; past either end one part is empty. */
export function splitAtLength(path: Path, length: Inches): readonly [Path, Path] {
  return splitAtCrossing(path, crossingAtLength(path, length));
}
