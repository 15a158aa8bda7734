import type { Inches } from "../length";
import {
  type Direction,
  distance,
  leftOf,
  type Point,
  type Radians,
  rightOf,
  scale,
  subtract,
  turnPoint,
} from "./point";

/** A part of a circle: swung from where the last segment ended, about its centre. */
export interface ArcSegment {
  readonly kind: "arc";
  readonly centre: Point;
  /** How far it is swung: positive as `turnPoint` turns. At most once round. */
  readonly sweep: Radians;
  readonly to: Point;
}

export function arcTo(from: Point, centre: Point, sweep: Radians): ArcSegment {
  return { kind: "arc", centre, sweep, to: turnPoint(from, centre, sweep) };
}

/** Length of the arc: radius times sweep. */
export function arcLength(from: Point, { centre, sweep }: ArcSegment): Inches {
  return distance(from, centre) * Math.abs(sweep);
}

/** The place at a share 0…1 of the swing. */
export function arcPlace(from: Point, { centre, sweep }: ArcSegment, share: number): Point {
  return turnPoint(from, centre, sweep * share);
}

/** The way the swing goes at a share of it: square to the radius. */
export function arcWay(from: Point, arc: ArcSegment, share: number): Direction {
  const out = subtract(arcPlace(from, arc, share), arc.centre);
  const radius = distance(from, arc.centre);
  const outwards = scale(out, radius === 0 ? 0 : 1 / radius);
  return arc.sweep > 0 ? rightOf(outwards) : leftOf(outwards);
}

/** Equal steps that keep the chords within a tolerance of the arc. */
export function arcSteps(from: Point, { centre, sweep }: ArcSegment, tolerance: Inches): number {
  const radius = distance(from, centre);
  const most = 2 * Math.acos(Math.max(0, 1 - tolerance / Math.max(radius, tolerance)));
  return Math.max(2, Math.ceil(Math.abs(sweep) / most));
}

const ROUND = 2 * Math.PI;
const NONE: readonly number[] = [];

/**
 * Where an arc meets an endless straight line, as shares 0…1 of its swing, rising.
 *
 * @param normal square to the line, of length 1
 * @param offset how far the line lies from nought along its normal
 */
export function arcCrossings(from: Point, arc: ArcSegment, normal: Direction, offset: Inches): readonly number[] {
  const radius = distance(from, arc.centre);
  const away = offset - (arc.centre.x * normal.x + arc.centre.y * normal.y);
  if (radius === 0 || Math.abs(away) > radius + 1e-9) return NONE;
  const half = Math.acos(Math.max(-1, Math.min(1, away / radius)));
  const start = Math.atan2(from.y - arc.centre.y, from.x - arc.centre.x);
  const square = Math.atan2(normal.y, normal.x);
  const shares = [square - half, square + half].flatMap((angle) => {
    const turned = ((angle - start) * Math.sign(arc.sweep)) % ROUND;
    return [turned - ROUND, turned, turned + ROUND]
      .map((one) => one / Math.abs(arc.sweep))
      .filter((share) => share >= -1e-9 && share <= 1 + 1e-9)
      .map((share) => Math.min(1, Math.max(0, share)));
  });
  return [...new Set(shares)].sort((one, other) => one - other);
}

/** The same arc once its places were moved: mirrored it is swung the other way. */
export function moveArc(from: Point, arc: ArcSegment, move: (point: Point) => Point): ArcSegment {
  const [start, centre, middle] = [from, arc.centre, arcPlace(from, arc, 0.5)].map(move) as [Point, Point, Point];
  const [one, other] = [subtract(start, centre), subtract(middle, centre)];
  const turns = one.x * other.y - one.y * other.x;
  return { kind: "arc", centre, sweep: Math.sign(turns || 1) * Math.abs(arc.sweep), to: move(arc.to) };
}

/** Both parts of an arc cut at a share of its swing. */
export function splitArc(from: Point, arc: ArcSegment, share: number): readonly [ArcSegment, ArcSegment] {
  const middle = arcPlace(from, arc, share);
  return [
    { ...arc, sweep: arc.sweep * share, to: middle },
    { ...arc, sweep: arc.sweep * (1 - share) },
  ];
}
