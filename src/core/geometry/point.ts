import type { Inches } from "../length";

/** A place on the cloth: x across from the origin, y down from the top line. */
export interface Point {
  readonly x: Inches;
  readonly y: Inches;
}

/** An angle; a quarter turn is π ÷ 2. */
export type Radians = number;

/** A direction of length 1. */
export type Direction = Point;

export function at(x: Inches, y: Inches): Point {
  return { x, y };
}

export function add(a: Point, b: Point): Point {
  return { x: a.x + b.x, y: a.y + b.y };
}

export function subtract(a: Point, b: Point): Point {
  return { x: a.x - b.x, y: a.y - b.y };
}

export function scale(a: Point, by: number): Point {
  return { x: a.x * by, y: a.y * by };
}

export function dot(a: Point, b: Point): number {
  return a.x * b.x + a.y * b.y;
}

export function cross(a: Point, b: Point): number {
  return a.x * b.y - a.y * b.x;
}

/** How long a way is. `Math.hypot` guards against lengths that no cloth has, at ten times the cost. */
export function lengthOf({ x, y }: Point): Inches {
  return Math.sqrt(x * x + y * y);
}

export function distance(a: Point, b: Point): Inches {
  return lengthOf(subtract(a, b));
}

/** The direction from `a` to `b`; null when they are the same place. */
export function directionFrom(a: Point, b: Point): Direction | null {
  const length = distance(a, b);
  return length < 1e-9 ? null : scale(subtract(b, a), 1 / length);
}

/** A quarter turn to the left hand of someone walking that way (y is down, so walking right the left hand is up). */
export function leftOf(direction: Direction): Direction {
  return { x: direction.y, y: -direction.x };
}

/** A quarter turn to the right hand of someone walking that way. */
export function rightOf(direction: Direction): Direction {
  return { x: -direction.y, y: direction.x };
}

/** A place turned about another; a positive angle turns to the right hand (clockwise as the cloth lies). */
export function turnPoint(point: Point, about: Point, angle: Radians): Point {
  const [cosine, sine] = [Math.cos(angle), Math.sin(angle)];
  const { x, y } = subtract(point, about);
  return { x: about.x + x * cosine - y * sine, y: about.y + x * sine + y * cosine };
}

/** The angle that turns one direction into another, to the right hand positive, within half a turn. */
export function angleBetween(from: Point, to: Point): Radians {
  return Math.atan2(cross(from, to), dot(from, to));
}

/** Where two endless lines meet, each through a point in a direction; null when they run the same way. */
export function meetLines(a: Point, alongA: Direction, b: Point, alongB: Direction): Point | null {
  const turn = cross(alongA, alongB);
  if (Math.abs(turn) < 1e-9) return null;
  return add(a, scale(alongA, cross(subtract(b, a), alongB) / turn));
}
