import type { Inches } from "../length";
import { type PlaceOnPath, tracePath } from "./measure";
import type { Path } from "./path";
import { add, cross, type Direction, distance, dot, leftOf, meetLines, type Point, scale, subtract } from "./point";

/** One stretch of a stitching outline, walked clockwise as it lies (neck, shoulder, armhole, side, hem, centre). */
export interface OutlineEdge {
  readonly stitch: Path;
  /** Square outwards from the stitching line; 0 on a fold. Not used where the cutting line is given. */
  readonly allowance: Inches;
  /** The cutting line itself, where it is chalked through marks of its own. */
  readonly cut?: Path;
}

const MITRE_LIMIT = 4;

/** A row of points with the ways it leaves backwards from its start and forwards from its end. */
interface Chain {
  readonly points: readonly Point[];
  readonly startWay: Direction;
  readonly endWay: Direction;
  /** True where the curve is tighter than its allowance, so that the offset folds back over itself. */
  readonly folded: boolean;
}

/** A place of a traced path moved square to it, outwards (the left hand of the walk). */
function moveOut({ point, tangent }: PlaceOnPath, by: Inches): Point {
  return add(point, scale(leftOf(tangent), by));
}

function cutChain(edge: OutlineEdge): Chain {
  const places = tracePath(edge.cut ?? edge.stitch);
  const by = edge.cut === undefined ? edge.allowance : 0;
  const flat = places.map((place) => moveOut(place, by));
  const way = (place: PlaceOnPath | undefined): Direction => place?.tangent ?? { x: 1, y: 0 };
  return {
    points: joinCorners(flat, places),
    startWay: way(places[0]),
    endWay: way(places.at(-1)),
    folded: runsBack(flat, places),
  };
}

function runsBack(flat: readonly Point[], places: readonly PlaceOnPath[]): boolean {
  return flat.some((point, index) => {
    const next = flat[index + 1];
    const tangent = places[index]?.tangent;
    return next !== undefined && tangent !== undefined && dot(subtract(next, point), tangent) < -1e-9;
  });
}

/**
 * Inside an edge a corner is traced twice, once each way: where the offset opens it, the two ways are drawn on until they
 * meet; where it closes it, they are cut off there, or a spike would stand in the corner.
 */
function joinCorners(points: readonly Point[], places: readonly PlaceOnPath[]): readonly Point[] {
  const joined: Point[] = [];
  for (const [index, point] of points.entries()) {
    const before = joined.at(-1);
    const [last, here] = [places[index - 1], places[index]];
    const isCorner = last !== undefined && here !== undefined && distance(last.point, here.point) <= 1e-9;
    if (before === undefined || !isCorner) {
      joined.push(point);
      continue;
    }
    if (distance(before, point) < 1e-9) continue;
    const corner = meetLines(before, last.tangent, point, here.tangent);
    if (corner === null || distance(corner, point) > MITRE_LIMIT * distance(before, point)) joined.push(point);
    else if (dot(subtract(corner, before), last.tangent) < -1e-9) joined.splice(-1, 1, corner);
    else joined.push(corner, point);
  }
  return joined;
}

interface Crossing {
  readonly point: Point;
  readonly last: number;
  readonly first: number;
}

/** Where two stretches cross; tried for every pair near a corner, so it makes nothing until they do. */
function crossPieces(a: Point, b: Point, c: Point, d: Point): Point | null {
  const turn = (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x);
  if (Math.abs(turn) < 1e-12) return null;
  const t = ((c.x - a.x) * (d.y - c.y) - (c.y - a.y) * (d.x - c.x)) / turn;
  const u = ((c.x - a.x) * (b.y - a.y) - (c.y - a.y) * (b.x - a.x)) / turn;
  return t >= 0 && t <= 1 && u >= 0 && u <= 1 ? { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t } : null;
}

/** Where the end of one chain runs over the start of the next, looked for from their shared corner outwards. */
function findOverlap(before: readonly Point[], after: readonly Point[], added = 0): Crossing | null {
  for (let last = before.length - 2; last >= Math.max(0, before.length - 12); last--) {
    for (let first = 0; first < Math.min(12, after.length - 1); first++) {
      const point = crossPieces(
        before[last] as Point,
        before[last + 1] as Point,
        after[first] as Point,
        after[first + 1] as Point,
      );
      if (point !== null) return { point, last, first: first - added };
    }
  }
  return null;
}

/** How far an edge may be drawn on to reach its neighbour. */
const REACH: Inches = 6;

/**
 * The corner between two cutting lines: trimmed where they cross; else one is drawn on until it meets the other, or
 * both until they meet; cut off straight past the mitre limit.
 */
function joinCorner(
  before: Chain,
  after: Chain,
): { readonly before: readonly Point[]; readonly after: readonly Point[] } {
  const end = before.points.at(-1) as Point;
  const start = after.points[0] as Point;
  const gap = distance(end, start);
  if (gap < 1e-7) return { before: before.points, after: after.points.slice(1) };
  const onward = [...before.points, add(end, scale(before.endWay, REACH))];
  const backward = [add(start, scale(after.startWay, -REACH)), ...after.points];
  const overlap = findOverlap(before.points, after.points);
  const corner = meetLines(end, before.endWay, start, after.startWay);
  const near = corner !== null && distance(corner, end) <= MITRE_LIMIT * gap ? corner : null;
  // Both drawn on meet first: one of them alone may meet the other far along its curve, and cut that off.
  if (overlap === null && near !== null && isAhead(near, end, before.endWay) && isAhead(start, near, after.startWay))
    return { before: [...before.points, near], after: after.points };
  const crossing = overlap ?? findOverlap(onward, after.points) ?? findOverlap(before.points, backward, 1);
  if (crossing !== null) {
    return {
      before: [...onward.slice(0, crossing.last + 1), crossing.point],
      after: after.points.slice(crossing.first + 1),
    };
  }
  return { before: near === null ? before.points : [...before.points, near], after: after.points };
}

function isAhead(place: Point, of: Point, way: Direction): boolean {
  return dot(subtract(place, of), way) >= -1e-9;
}

/** The cutting line of one edge alone, before its corners are joined: square off the stitching line, or as it is given. */
export function cutLine(edge: OutlineEdge): readonly Point[] {
  return cutChain(edge).points;
}

/** Where a closed chain first runs over itself, and the corners before and behind the place; null when it never does. */
function findSelfCrossing(points: readonly Point[]): Crossing | null {
  const after = (index: number) => points[(index + 1) % points.length] as Point;
  for (let last = 0; last < points.length; last++)
    // Neighbours share a corner; the last stretch is the first one's neighbour too.
    for (let first = last + 2; first < points.length - (last === 0 ? 1 : 0); first++) {
      const point = crossPieces(points[last] as Point, after(last), points[first] as Point, after(first));
      if (point !== null) return { point, last, first };
    }
  return null;
}

/** Loops that an offset inside a tight curve leaves behind are cut off where the chain crosses itself: the largest part stays. */
function dropLoops(points: readonly Point[]): readonly Point[] {
  const crossing = findSelfCrossing(points);
  if (crossing === null) return points;
  const { point, last, first } = crossing;
  const loop = [point, ...points.slice(last + 1, first + 1)];
  const rest = [...points.slice(0, last + 1), point, ...points.slice(first + 1)];
  return dropLoops(polygonArea(loop) > polygonArea(rest) ? loop : rest);
}

/** Area of a closed chain in square inches, whichever way it is wound. */
export function polygonArea(points: readonly Point[]): number {
  const doubled = points.reduce(
    (sum, point, index) => sum + cross(points[index - 1] ?? (points.at(-1) as Point), point),
    0,
  );
  return Math.abs(doubled) / 2;
}

/**
 * The cutting outline of a piece: every edge moved out by its own allowance, neighbours meeting in clean corners.
 *
 * @param edges the stitching outline walked clockwise as it lies, each edge ending where the next starts
 * @returns a closed chain of points (the last joins the first); curves within 1/100 in of the true parallel
 */
export function cutOutline(edges: readonly OutlineEdge[]): readonly Point[] {
  const chains = edges.map(cutChain);
  for (let index = 0; index < chains.length; index++) {
    const next = (index + 1) % chains.length;
    const [before, after] = [chains[index] as Chain, chains[next] as Chain];
    const corner = joinCorner(before, after);
    chains[index] = { ...before, points: corner.before };
    chains[next] = { ...after, points: corner.after };
  }
  const points = chains.flatMap((chain) => chain.points);
  return chains.some((chain) => chain.folded) ? dropLoops(points) : points;
}
