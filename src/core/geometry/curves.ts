import type { Inches } from "../length";
import { pathLength } from "./measure";
import { cubicTo, joinPaths, lineTo, type Path, pathEnd, type Segment } from "./path";
import { add, at, type Direction, directionFrom, dot, leftOf, meetLines, type Point, scale, subtract } from "./point";
import { splitAtLength } from "./split";

/** The share of a curve's span that each handle takes: a quarter circle drawn as one cubic (craft: bodice, step 7). */
export const HANDLE = 0.5523;

/**
 * One curve between two places, leaving and arriving in given directions; each handle is 0.5523 × what the curve
 * spans along that handle's direction. The house's curve wherever the craft says "curve" and nothing else.
 */
export function curveBetween(from: Point, leaving: Direction, to: Point, arriving: Direction): Segment {
  const span = subtract(to, from);
  const first = scale(leaving, HANDLE * Math.abs(dot(span, leaving)));
  const last = scale(arriving, HANDLE * Math.abs(dot(span, arriving)));
  return cubicTo(add(from, first), subtract(to, last), to);
}

/** How far a meeting curve's handles reach to where both ways meet (craft: skirts, words for curves). */
const MEETING = 2 / 3;

/**
 * A curve that leaves and arrives squarely: both handles reach two thirds of the way to the place where its two ways
 * meet. Straight where they run along one line.
 */
export function meetingCurve(from: Point, leaving: Direction, to: Point, arriving: Direction): Segment {
  const meet = meetLines(from, leaving, to, arriving);
  if (meet === null) return lineTo(to);
  return cubicTo(add(from, scale(subtract(meet, from), MEETING)), add(to, scale(subtract(meet, to), MEETING)), to);
}

/**
 * One curve whose middle lies off the straight line between its ends: both handles reach two thirds of the way to the
 * point twice as far off (craft: skirts, words for curves).
 *
 * @param by how far off, to the left of the walk; less than none to the right
 */
export function bowedCurve(from: Point, to: Point, by: Inches): Segment {
  const along = directionFrom(from, to);
  if (along === null || by === 0) return lineTo(to);
  const peak = add(scale(add(from, to), 1 / 2), scale(leftOf(along), 2 * by));
  return cubicTo(add(from, scale(subtract(peak, from), MEETING)), add(to, scale(subtract(peak, to), MEETING)), to);
}

/** Two lines that meet in a corner, as one that is rounded from a length before it to the same length after it. */
export function roundCorner(before: Path, after: Path, reach: Inches): Path {
  const corner = after.start;
  const [near] = splitAtLength(before, pathLength(before) - reach);
  const [to, far] = splitAtLength(after, reach);
  const [start, end] = [pathEnd(near), pathEnd(to)];
  const curve = cubicTo(
    add(start, scale(subtract(corner, start), HANDLE)),
    add(end, scale(subtract(corner, end), HANDLE)),
    end,
  );
  return joinPaths([near, { start, segments: [curve] }, far]);
}

/** The marks of a side seam from the underarm down; those a garment does not reach are left out. */
export interface SideSeamPoints {
  readonly underarm: Point;
  /** On the bust line, when it lies clear of the underarm. */
  readonly bust?: Point;
  readonly underbust?: Point;
  readonly waist?: Point;
  readonly hip?: Point;
  readonly hem?: Point;
}

/** How far the waist's own handle reaches into the hip curve: short, so that the curve is round over the hip, as a hand chalks it. */
const WAIST_HANDLE = 0.22;
/** How far below the hip the side has left the plumb and runs straight to the hem: longer where it flares out. */
const HIP_BLEND = 0.18;
const FLARED_BLEND = 0.4;
const FLARED_LEAN = 0.15;

function slope(from: Point, to: Point): number {
  return (to.x - from.x) / (to.y - from.y);
}

/** The lean of the side at the waist: plumb where the waist is the narrowest or widest place, else between both leans. */
function leanAtWaist(above: number, below: number): number {
  if (above * below <= 0) return 0;
  return (2 * above * below) / (above + below);
}

/** A side that runs further across than this for each inch down is drawn straight from mark to mark. */
export const STEEP = 2;

/** How far across a side runs for each inch down, between two of its marks. */
export function steepness(from: Point, to: Point): number {
  return Math.abs(to.x - from.x) / Math.max(1e-3, to.y - from.y);
}

/** A curve whose x is a function of depth, with given leans (across per down) at its ends and handles as shares of the depth. */
function leaningCurve(from: Point, lean: number, share: number, to: Point, endLean: number, endShare: number): Segment {
  const depth = to.y - from.y;
  return cubicTo(
    { x: from.x + lean * share * depth, y: from.y + share * depth },
    { x: to.x - endLean * endShare * depth, y: to.y - endShare * depth },
    to,
  );
}

/** Leans of a smooth row of places: that of its only stretch at the ends, between both leans inside. */
function leansThrough(points: readonly Point[], first: number): readonly number[] {
  const slopes = points.slice(1).map((point, index) => slope(points[index] as Point, point));
  return points.map((_, index) => {
    if (index === 0) return first;
    const [above, below] = [slopes[index - 1] as number, slopes[index]];
    return below === undefined ? above : leanAtWaist(above, below);
  });
}

/** The hip curve and what hangs below it: upright at the hip, a short blend, then straight to the hem. */
function belowHip(hip: Point, hem: Point): readonly Segment[] {
  if (steepness(hip, hem) > STEEP) return [{ kind: "line", to: hem }];
  const lean = slope(hip, hem);
  const blend = Math.abs(lean) > FLARED_LEAN ? FLARED_BLEND : HIP_BLEND;
  const blendTo = { x: hip.x + lean * blend * (hem.y - hip.y), y: hip.y + blend * (hem.y - hip.y) };
  return [leaningCurve(hip, 0, 1 / 3, blendTo, lean, 1 / 3), { kind: "line", to: hem }];
}

/**
 * The side seam: straight between underarm and bust line, nearly straight to the waist, smooth through it, a round hip
 * curve that is upright at the hip, then straight to the hem (craft: bodice, step 9). Never wider or narrower than its marks.
 */
export function sideSeam({ underarm, bust, underbust, waist, hip, hem }: SideSeamPoints): Path {
  const segments: Segment[] = bust === undefined ? [] : [{ kind: "line", to: bust }];
  const top = bust ?? underarm;
  const middle = [underbust, waist].filter((point) => point !== undefined);
  const row = [top, ...middle, ...(hip === undefined ? [] : [hip])];
  const firstLean =
    bust === undefined ? slope(underarm, row[1] ?? at(underarm.x, underarm.y + 1)) : slope(underarm, bust);
  const leans = leansThrough(row, firstLean);
  const toMark = (to: Point, index: number): Segment => {
    const from = row[index] as Point;
    const [leaving, arriving] = [leans[index] as number, leans[index + 1] as number];
    if (steepness(from, to) > STEEP) return { kind: "line", to };
    if (to === hip) return leaningCurve(from, leaving, WAIST_HANDLE, to, 0, HANDLE);
    return leaningCurve(from, leaving, 1 / 3, to, arriving, hip === undefined ? 1 / 3 : WAIST_HANDLE);
  };
  segments.push(...row.slice(1).map(toMark));
  if (hip !== undefined && hem !== undefined) segments.push(...belowHip(hip, hem));
  return { start: underarm, segments };
}

/** A line that leaves one place with a lean (across per down) and arrives at a lower one with another. */
export function leaningLine(from: Point, lean: number, to: Point, endLean: number): Path {
  return { start: from, segments: [leaningCurve(from, lean, 1 / 3, to, endLean, 1 / 3)] };
}

/** A take-out's edge that leaves the plumb at `start`, is `width` from it at `widest`, and is back at `end`; smooth all the way. */
export function hollowLine(start: Point, width: Inches, widest: Inches, end: Inches): Path {
  const waist = { x: start.x + width, y: widest };
  return {
    start,
    segments: [
      leaningCurve(start, 0, 1 / 3, waist, 0, 1 / 3),
      leaningCurve(waist, 0, 1 / 3, { x: start.x, y: end }, 0, 1 / 3),
    ],
  };
}
