import { type Given, readList, refuse, writeList } from "../../chalk";
import {
  at,
  joinPaths,
  lengthToDepth,
  meetingCurve,
  movePath,
  type Path,
  type Point,
  pathLength,
  type Spread,
  type SpreadLine,
  spreadPiece,
  straight,
  subtract,
} from "../../geometry";
import { both, type Inches, pickSystem, roundToStep, TRUEING_STEP } from "../../length";
import type { SkirtForm } from "./skirt-form";

/** Lines are slashed so far apart down the seam, none nearer to the notch than the other. */
const APART = both(2, 5);
const CLEAR_OF_NOTCH = both(1, 2.5);
/** The notch lies at least this far above the hem. */
const ABOVE_HEM = both(6, 15);
/** A part that turns further than this lies badly; further than that it lies over itself. */
export const TURNS_FAR = (100 * Math.PI) / 180;
const TURNS_TOO_FAR = (170 * Math.PI) / 180;

/** One part of a ruched front before it is placed on the cloth: its seam runs down its origin, its side lies beyond. */
export interface RuchedPart {
  readonly which: "narrow" | "wide";
  readonly spread: Spread;
  /** From the seam to the side, as it was before the spread. */
  readonly waist: Inches;
  readonly lines: readonly SpreadLine[];
  /** The opened edge from the waist to the notch, as long as both parts have it. */
  readonly seam: Path;
  /** Below the notch: plumb, then bending away from the seam's line to the hem. */
  readonly slit: Path;
  /** How far the side is carried on below the hem line: smoothed over its sectors it is a little shorter than it was. */
  readonly lengthened: Inches;
}

/** Where the slit starts down the seam: as asked, well above the hem. */
function planNotch(given: Given, form: SkirtForm, hemDown: Inches): Inches {
  const most = hemDown - pickSystem(ABOVE_HEM, given.metric);
  if (form.rucheNotch > most + 1e-9)
    refuse({
      code: "slit-too-high",
      conflicts: ["choices.rucheNotch", "measurements.skirtLength"],
      numbers: { top: form.rucheNotch, least: 0, most },
      nearest: most,
    });
  return form.rucheNotch;
}

/** Refuses a part that would turn over itself, with amounts that do not. */
function refuseTurning(form: SkirtForm, turned: number): void {
  if (turned <= TURNS_TOO_FAR) return;
  const share = Math.max(0.25, Math.floor((TURNS_TOO_FAR / turned) * 4) / 4);
  const nearest = readList(form.rucheSpreads).map((spread) => spread * share);
  refuse({
    code: "ruche-turns-too-far",
    conflicts: ["choices.rucheSpreads"],
    numbers: {},
    words: { turned: String(Math.round((turned * 180) / Math.PI)) },
    nearest: writeList(nearest),
  });
}

/** What a seam may be shorter than both parts have it before its notch is moved. */
const SHORT: Inches = 1 / 32;

/** From the notch plumb down, bending half way to where the slit ends at the hem. */
function slitFrom(notch: Point, hem: Point): Path {
  const turn = at(notch.x, (notch.y + hem.y) / 2);
  return { start: notch, segments: [meetingCurve(notch, { x: 0, y: 1 }, hem, subtract(hem, turn))] };
}

/**
 * Both parts of a front that is seamed off its centre and spread along that seam (craft: skirts, ruched front).
 *
 * @param side the stitched side of half the front, before the spread
 * @param seam how far from the centre front the seam runs
 */
export function planRuche(
  given: Given,
  form: SkirtForm,
  {
    side,
    seam,
    waist,
    hemDown,
  }: { readonly side: Path; readonly seam: Inches; readonly waist: Inches; readonly hemDown: Inches },
): readonly RuchedPart[] {
  const notch = planNotch(given, form, hemDown);
  const apart = pickSystem(APART, given.metric);
  const lowest = notch - pickSystem(CLEAR_OF_NOTCH, given.metric);
  const spreads = readList(form.rucheSpreads).filter((_, index) => (index + 1) * apart <= lowest + 1e-9);
  const long = notch + spreads.reduce((sum, spread) => sum + spread, 0);
  return (["narrow", "wide"] as const).map((which) => {
    const off = which === "narrow" ? -seam : seam;
    const hinge = movePath(side, at(off, 0));
    const lines = spreads.map((spread, index): SpreadLine => {
      const down = (index + 1) * apart;
      return { opened: down, hinge: lengthToDepth(hinge, down) ?? pathLength(hinge), spread, parts: 0 };
    });
    const spread = spreadPiece({ opened: straight(at(0, 0), at(0, notch)), hinge, lines, held: lines.length });
    refuseTurning(form, spread.turned);
    // Smoothed over its sectors the seam is a little shorter: the notch lies as much lower, or both would not meet.
    const short = long - pathLength(spread.opened.path);
    const low = at(0, notch + (short > SHORT ? roundToStep(short, TRUEING_STEP) : 0));
    const path = joinPaths([spread.opened.path, ...(low.y > notch ? [straight(at(0, notch), low)] : [])]);
    const lost = roundToStep(pathLength(hinge) - pathLength(spread.hinge.path), TRUEING_STEP);
    const slit = slitFrom(low, at(form.slitOut, hemDown));
    return { which, spread, waist: waist + off, lines, seam: path, slit, lengthened: Math.max(0, lost) };
  });
}
