import {
  add,
  at,
  cubicTo,
  type Direction,
  directionFrom,
  distance,
  joinPaths,
  leftOf,
  mapPath,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  reversePath,
  scale,
  splitAtLength,
  straight,
} from "../../geometry";
import type { Inches } from "../../length";
import type { SleevePlan } from "./plan-sleeve";

/** One petal, its underarm to the right: clockwise from where its free edge leaves the cap. */
export interface Petal {
  /** Over the top of the cap, down to the underarm. */
  readonly cap: Path;
  readonly side: Path;
  /** From the foot of the underarm seam up to the cap. */
  readonly free: Path;
  /** Where the free edge has fallen plumb, and where it crosses the centre line. */
  readonly drop: Point;
  readonly crossing: Point;
}

/** A free edge falls plumb from the cap so far, and crosses the centre line so far above the hem. */
const DROP: Inches = 1;
const ABOVE_HEM: Inches = 2;

const acrossFold = (path: Path): Path => mapPath(path, ({ x, y }) => at(-x, y));

/** A cubic with handles a third of its chord. */
function third(from: Point, leaving: Direction, to: Point, arriving: Direction) {
  const handle = distance(from, to) / 3;
  return cubicTo(add(from, scale(leaving, handle)), add(to, scale(arriving, -handle)), to);
}

/**
 * One petal of a sleeve (craft: sleeves, petal).
 *
 * @param beyond how far along the other half of the cap it reaches
 */
export function drawPetal({ cap, sidePath, hemDown }: SleevePlan, beyond: Inches): Petal {
  const [over] = splitAtLength(cap.curve, beyond);
  const whole = joinPaths([reversePath(acrossFold(over)), cap.curve]);
  const top = whole.start;
  const drop = add(top, at(0, DROP));
  const crossing = at(0, hemDown.value - ABOVE_HEM);
  const foot = pathEnd(sidePath);
  const middle = directionFrom(drop, foot) ?? { x: 0, y: 1 };
  const { tangent } = placeAtLength(sidePath, pathLength(sidePath));
  const down: Path = {
    start: top,
    segments: [
      ...straight(top, drop).segments,
      third(drop, { x: 0, y: 1 }, crossing, middle),
      // Square to the underarm seam, both petals run on into one another there.
      third(crossing, middle, foot, leftOf(tangent)),
    ],
  };
  return { cap: whole, side: sidePath, free: reversePath(down), drop, crossing };
}
