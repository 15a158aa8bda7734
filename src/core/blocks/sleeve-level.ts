import { type Path, type Point, pathLength, placeAtLength, splitAtLength } from "../geometry";
import type { Inches } from "../length";
import { capPoints, drawCap } from "./sleeve-cap";

/** A cap whose half armhole was laid level on the biceps line and then walked back along its curve. */
export interface LevelCap {
  /** The whole curve, to the end of the level line: what is cut. */
  readonly whole: Path;
  /** As much of it as is sewn. */
  readonly sewn: Path;
  /** Where it ends: the stitched underarm. */
  readonly underarm: Point;
  /** What of the curve and of the width lies beyond it. */
  readonly leftAlong: Inches;
  readonly leftAcross: Inches;
}

/**
 * Lays half the armhole level and walks it along the curve (craft: sleeves, mode level).
 *
 * @param mark where the level line ends, on the tape
 * @param half how long the sewn half cap is
 */
export function walkLevelCap(cap: Inches, mark: Inches, half: Inches, bow: Inches): LevelCap {
  const whole = drawCap(capPoints(cap, mark, bow));
  const long = pathLength(whole);
  const [sewn] = splitAtLength(whole, Math.min(half, long));
  const underarm = placeAtLength(whole, half).point;
  return { whole, sewn, underarm, leftAlong: Math.max(0, long - half), leftAcross: mark - underarm.x };
}
