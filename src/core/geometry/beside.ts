import type { Inches } from "../length";
import { pathLength, placeAtLength } from "./measure";
import { type CubicSegment, cubicTo, lineTo, type Path, type Segment, withStarts } from "./path";
import { add, cross, type Direction, distance, dot, meetLines, type Point, rightOf, scale, subtract } from "./point";

/** A stretch of the path beside another: from where, how it leaves and arrives. */
interface Stretch {
  readonly from: Point;
  readonly leaving: Direction;
  readonly segments: readonly Segment[];
  readonly to: Point;
  readonly arriving: Direction;
}

/** A curve is drawn beside in so many parts: the parallel of one cubic is none. */
const PARTS = 3;
/** Ways that differ by less than this run on without a corner. */
const RUNS_ON = 0.02;

interface BesidePlace {
  readonly point: Point;
  readonly tangent: Direction;
}

/** Where a curve bends tighter than the distance its parallel runs back on itself: a chalked line goes straight on. */
function unfolded(places: readonly BesidePlace[], by: Inches): readonly BesidePlace[] {
  const runsOn = (from: BesidePlace, to: BesidePlace) => dot(subtract(to.point, from.point), to.tangent) > by / 100;
  const kept: BesidePlace[] = [];
  for (const [index, place] of places.entries()) {
    const last = index === places.length - 1;
    if (last) while (kept.length > 1 && !runsOn(kept.at(-1) as BesidePlace, place)) kept.pop();
    const before = kept.at(-1);
    if (before === undefined || last || runsOn(before, place)) kept.push(place);
  }
  return kept;
}

/** One segment moved square to itself, to the right of the walk. */
function moveBeside({ from, segment }: { readonly from: Point; readonly segment: Segment }, by: Inches): Stretch {
  const path: Path = { start: from, segments: [segment] };
  const length = pathLength(path);
  const parts = segment.kind === "line" ? 1 : PARTS;
  const places = unfolded(
    Array.from({ length: parts + 1 }, (_, index) => {
      const { point, tangent } = placeAtLength(path, (length * index) / parts);
      return { point: add(point, scale(rightOf(tangent), by)), tangent };
    }),
    by,
  );
  const segments = places.slice(1).map((to, index): Segment => {
    const before = places[index] as BesidePlace;
    if (segment.kind === "line") return lineTo(to.point);
    const handle = distance(before.point, to.point) / 3;
    return cubicTo(
      add(before.point, scale(before.tangent, handle)),
      add(to.point, scale(to.tangent, -handle)),
      to.point,
    );
  });
  const [first, last] = [places[0], places.at(-1)] as [BesidePlace, BesidePlace];
  return { from: first.point, leaving: first.tangent, segments, to: last.point, arriving: last.tangent };
}

/** The last place of a row of segments put elsewhere; a curve arrives there as it did. */
function endAt(segments: readonly Segment[], to: Point): readonly Segment[] {
  const last = segments.at(-1);
  if (last === undefined) return [lineTo(to)];
  if (last.kind !== "cubic") return [...segments.slice(0, -1), lineTo(to)];
  const moved: CubicSegment = cubicTo(last.control1, add(last.control2, subtract(to, last.to)), to);
  return [...segments.slice(0, -1), moved];
}

/** Two stretches joined: where their ways part, at the corner that they meet in once both are drawn on. */
function joinTwo(before: Stretch, after: Stretch): Stretch {
  const whole = (segments: readonly Segment[]): Stretch => ({
    ...before,
    segments,
    to: after.to,
    arriving: after.arriving,
  });
  if (Math.abs(cross(before.arriving, after.leaving)) < RUNS_ON && dot(before.arriving, after.leaving) > 0)
    return whole([...endAt(before.segments, after.from), ...after.segments]);
  const corner = meetLines(before.to, before.arriving, after.from, after.leaving);
  if (corner === null) return whole([...before.segments, lineTo(after.from), ...after.segments]);
  const straightBefore = before.segments.at(-1)?.kind === "line";
  const opened = straightBefore ? endAt(before.segments, corner) : [...before.segments, lineTo(corner)];
  const straightAfter = after.segments[0]?.kind === "line";
  return whole([...opened, ...(straightAfter ? [] : [lineTo(after.from)]), ...after.segments]);
}

/**
 * The path that runs beside another at a distance, to the right of the walk: what a tape laid square to an edge every few
 * inches dots. Corners that open are drawn on until both sides meet.
 *
 * @param ends where it starts or ends instead, where that is known: on a seam, or on a fold
 */
export function pathBeside(path: Path, by: Inches, ends: { readonly start?: Point; readonly end?: Point } = {}): Path {
  const [first, ...rest] = withStarts(path).map((one) => moveBeside(one, by)) as [Stretch, ...Stretch[]];
  const { from, segments } = rest.reduce(joinTwo, first);
  const ended = ends.end === undefined ? segments : endAt(segments, ends.end);
  return ends.start === undefined
    ? { start: from, segments: ended }
    : startAt({ start: from, segments: ended }, ends.start);
}

/** A path whose start is put elsewhere; a curve leaves from there as it did. */
function startAt({ start, segments }: Path, to: Point): Path {
  const [first, ...rest] = segments;
  if (first === undefined || first.kind !== "cubic") return { start: to, segments };
  return {
    start: to,
    segments: [cubicTo(add(first.control1, subtract(to, start)), first.control2, first.to), ...rest],
  };
}
