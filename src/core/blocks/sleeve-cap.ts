import {
  add,
  at,
  cubicTo,
  type Direction,
  directionFrom,
  distance,
  type Path,
  type Point,
  pathLength,
  rightOf,
  scale,
} from "../geometry";
import type { Inches } from "../length";

/** Between these slants the S of the cap is as bowed as the house has it; below and above in proportion. */
const BOWED_FROM: Inches = 7;
const BOWED_TO: Inches = 11;
/** More than this share of its height a low cap is not bowed. */
const MOST_BOW = 1 / 8;

/** How far a cap of this slant and height leaves its slanted line: out above the middle, and in below it. */
export function bowOf(slant: Inches, cap: Inches, bow: Inches): Inches {
  const own = slant < BOWED_FROM ? (bow * slant) / BOWED_FROM : slant > BOWED_TO ? (bow * slant) / BOWED_TO : bow;
  return Math.min(own, cap * MOST_BOW);
}

/** The places that a cap is drawn through, from its top on the fold to the biceps mark. */
export interface CapPoints {
  readonly top: Point;
  readonly raised: Point;
  readonly middle: Point;
  readonly sunk: Point;
  readonly foot: Point;
  /** How far `raised` and `sunk` lie off the slanted line. */
  readonly bow: Inches;
  readonly slant: Inches;
}

/**
 * The five places of a cap (craft: sleeves, the cap curve).
 *
 * @param half width on the biceps line, from the fold
 * @param bow of the house, `capBow`
 */
export function capPoints(cap: Inches, half: Inches, bow: Inches): CapPoints {
  const [top, foot] = [at(0, 0), at(half, cap)];
  const slant = distance(top, foot);
  const own = bowOf(slant, cap, bow);
  const on = (share: number): Point => scale(foot, share);
  const way = directionFrom(top, foot) ?? { x: 1, y: 0 };
  const out = scale(rightOf(way), -1);
  return {
    top,
    raised: add(on(1 / 4), scale(out, own)),
    middle: on(1 / 2),
    sunk: add(on(3 / 4), scale(out, -own)),
    foot,
    bow: own,
    slant,
  };
}

const LEVEL: Direction = { x: 1, y: 0 };

/** The curve through those places: level at both ends, at each between them along the line that joins its neighbours. */
export function drawCap({ top, raised, middle, sunk, foot }: CapPoints): Path {
  const row = [top, raised, middle, sunk, foot];
  const ways = row.map((_, index) => {
    const [before, after] = [row[index - 1], row[index + 1]];
    return before === undefined || after === undefined ? LEVEL : (directionFrom(before, after) ?? LEVEL);
  });
  return {
    start: top,
    segments: row.slice(1).map((to, index) => {
      const from = row[index] as Point;
      const handle = distance(from, to) / 3;
      const [leaving, arriving] = [ways[index] as Direction, ways[index + 1] as Direction];
      return cubicTo(add(from, scale(leaving, handle)), add(to, scale(arriving, -handle)), to);
    }),
  };
}

/** How long half a cap is, from its top to the biceps mark. */
export function capLength(cap: Inches, half: Inches, bow: Inches): Inches {
  return pathLength(drawCap(capPoints(cap, half, bow)));
}
