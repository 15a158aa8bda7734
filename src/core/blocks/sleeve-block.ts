import { solveRising } from "../geometry";
import { type Inches, roundToStep } from "../length";
import { capLength } from "./sleeve-cap";

/** What a cap is solved for; all lengths in inches, widths from the fold. */
export interface CapWanted {
  /** How long half the cap is to be: half of both armholes and the ease. */
  readonly half: Inches;
  /** Half the arm with its room: no sleeve is narrower on the biceps line, where the armhole allows it. */
  readonly arm: Inches;
  /** The cap's height: a share of its slant, or told. */
  readonly cap: { readonly share: number } | { readonly height: Inches; readonly atMost: boolean };
  /** Width on the biceps line, where it is told. */
  readonly width: Inches | null;
  /** The S of the cap by house rule. */
  readonly bow: Inches;
}

export interface SolvedCap {
  readonly cap: Inches;
  readonly half: Inches;
  readonly slant: Inches;
}

/** No cap is lower: below it no sleeve hangs. */
export const LEAST_CAP: Inches = 2;
/** How nearly a cap is solved: the tape rounds it coarser. */
const SOLVED: Inches = 1 / 4096;

/** The height of a cap on a slant: its share of it, the told one, or what leaves room for the arm. */
function heightOn(slant: Inches, { cap, arm }: CapWanted): Inches {
  const allowed = Math.sqrt(Math.max(0, slant ** 2 - arm ** 2));
  if ("share" in cap) return Math.min(cap.share * slant, allowed);
  return cap.atMost ? Math.min(cap.height, allowed) : cap.height;
}

/** The half width that a told height leaves on a curve of the wanted length; null where the cap alone is as long. */
export function solveHalf(cap: Inches, { half, bow }: Pick<CapWanted, "half" | "bow">): Inches | null {
  const off = (width: number) => capLength(cap, width, bow) - half;
  const [low, high] = [0.25, half + 1];
  const least = off(low);
  if (least > 0) return null;
  return solveRising(off, { at: low, value: least }, { at: high, value: off(high) }, SOLVED);
}

/** The height that a told half width leaves on a curve of the wanted length; null where the width alone is as long. */
function solveHeight(width: Inches, { half, bow }: CapWanted): Inches | null {
  const off = (cap: number) => capLength(cap, width, bow) - half;
  const [low, high] = [LEAST_CAP, half + 1];
  const least = off(low);
  if (least > 0) return null;
  return solveRising(off, { at: low, value: least }, { at: high, value: off(high) }, SOLVED);
}

/** Why there is no cap: too high for the armhole, or none of the least height over this arm. */
export type NoCap = "cap-too-high" | "no-cap";

/**
 * The slanted cap whose curve is as long as half the armholes with their ease (craft: sleeves, mode slant): its slant is
 * found between half the arm and twice the armhole, height and width follow from it.
 */
export function solveCap(wanted: CapWanted): SolvedCap | NoCap {
  const { width, cap, arm, half, bow } = wanted;
  if (width !== null) {
    const height = solveHeight(width, wanted);
    return height === null ? "no-cap" : { cap: height, half: width, slant: Math.hypot(height, width) };
  }
  if (!("share" in cap) && !cap.atMost) {
    const told = solveHalf(cap.height, wanted);
    return told === null || told < 1
      ? "cap-too-high"
      : { cap: cap.height, half: told, slant: Math.hypot(cap.height, told) };
  }
  const shape = (slant: Inches) => {
    const height = heightOn(slant, wanted);
    return { cap: height, half: Math.sqrt(Math.max(0, slant ** 2 - height ** 2)) };
  };
  const off = (slant: number) => {
    const { cap: height, half: across } = shape(slant);
    return capLength(Math.max(1e-6, height), across, bow) - half;
  };
  const [low, high] = [arm, Math.max(arm, half) + 2];
  const least = off(low);
  if (least > 0) return "no-cap";
  const slant = solveRising(off, { at: low, value: least }, { at: high, value: off(high) }, SOLVED);
  const solved = shape(slant);
  return solved.cap < LEAST_CAP ? "no-cap" : { ...solved, slant };
}

/**
 * A solved cap on the tape: its height to a tick, the width solved again for that and set to a tick (or told, and then the
 * height gives way); one tick over where
 * the ease would leave its range.
 *
 * @param range how long half the curve may be
 */
export function capOnTape(
  solved: SolvedCap,
  wanted: CapWanted,
  step: Inches,
  range: { readonly least: Inches; readonly most: Inches },
): SolvedCap {
  if (step === 0) return solved;
  const cap = roundToStep(solved.cap, step);
  const exact = wanted.width ?? solveHalf(cap, wanted) ?? solved.half;
  const first = roundToStep(exact, step);
  const long = capLength(cap, first, wanted.bow);
  const over = long > range.most + 1e-9 ? -step : long < range.least - 1e-9 ? step : 0;
  // A width that was told stays: then the cap is a tick higher or lower.
  const [height, half] = wanted.width === null ? [cap, first + over] : [cap + over, first];
  return { cap: height, half, slant: Math.hypot(height, half) };
}
