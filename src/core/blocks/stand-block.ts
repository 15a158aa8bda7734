import { arcTo, at, type Direction, type Path, type Point, pathEnd, type Radians, solveRising } from "../geometry";
import type { Inches } from "../length";

/** What half a stand is drawn from: the sewn neck from the centre back to the shoulder and on to the centre front. */
export interface StandWanted {
  readonly back: Inches;
  readonly front: Inches;
  readonly height: Inches;
  /** How far its front end has turned up. */
  readonly turn: Radians;
}

/** Half a stand, from its centre-back fold; y upward from the base line. */
export interface StandBlock {
  /** The sewn edge, from the fold to the centre front: level behind, then turning up. */
  readonly base: Path;
  /** Parallel to it. */
  readonly top: Path;
  readonly rise: Inches;
  /** The base's own way where it ends. */
  readonly along: Direction;
}

/** No stand rises more than its front is long, over this. */
export const STEEPEST_RISE = 3.5;
const SOLVED = 1e-9;

/** How far a front of a length turns up on one arc to rise by so much (craft: collars, stand). */
export function turnToRise(front: Inches, rise: Inches): Radians {
  if (rise <= 0) return 0;
  const off = (turn: number) => (1 - Math.cos(turn)) / turn - rise / front;
  return solveRising(off, { at: 1e-6, value: off(1e-6) }, { at: 1, value: off(1) }, SOLVED);
}

function turnedFront(start: Point, radius: Inches, turn: Radians): Path {
  const centre = at(start.x, start.y + radius);
  return { start: at(0, start.y), segments: [{ kind: "line", to: start }, arcTo(start, centre, turn)] };
}

/** A stand whose sewn edge is as long as the neck, whatever its turn: its top alone comes in. */
export function standBlock({ back, front, height, turn }: StandWanted): StandBlock {
  const along = at(Math.cos(turn), Math.sin(turn));
  if (turn < 1e-6) {
    const level = (y: Inches): Path => ({ start: at(0, y), segments: [{ kind: "line", to: at(back + front, y) }] });
    return { base: level(0), top: level(height), rise: 0, along };
  }
  const radius = front / turn;
  const base = turnedFront(at(back, 0), radius, turn);
  return { base, top: turnedFront(at(back, height), radius - height, turn), rise: pathEnd(base).y, along };
}
