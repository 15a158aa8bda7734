import type { SkirtNumbers } from "../../blocks";
import { findShortStride, type Given, refuse } from "../../chalk";
import { crossAtDepth, type Path } from "../../geometry";
import { both, type Inches, pickSystem, roundDownToStep } from "../../length";
import type { SkirtForm } from "./skirt-form";

/** The top of a slit by stride is on a half inch, this far below the hip at least, and leaves it this long. */
const TOP_ON = both(0.5, 1);
const BELOW_HIP = both(4, 10);
const LEAST_LENGTH = both(6, 15);
const LEAST_ABOVE = both(7, 18);
/** A slit asked for by length stays this far below the zip's end, and above the hem. */
const CLEAR = both(2, 5);

/** Where the skirt grows too narrow to step in; where it never does, as low as a slit may start. */
function topByStride(given: Given, { hipDown, hemDown }: SkirtNumbers, sides: readonly Path[]): Inches {
  const size = (bound: ReturnType<typeof both>) => pickSystem(bound, given.metric);
  const short = findShortStride(given, {
    hipDown,
    lowest: hemDown - 1e-6,
    girthAt: (down) => sides.reduce((sum, side) => sum + 2 * (crossAtDepth(side, down).at(-1)?.x ?? 0), 0),
  });
  const wanted = roundDownToStep(short?.down ?? hemDown, size(TOP_ON));
  const lowest = hemDown - size(LEAST_LENGTH);
  return Math.max(Math.min(wanted, lowest), hipDown + size(BELOW_HIP), Math.min(lowest, size(LEAST_ABOVE)));
}

/** A top that was asked for, clear of the zip and the hip, and above the hem; refused where it is not. */
function topAsAsked(given: Given, form: SkirtForm, { hipDown, hemDown }: SkirtNumbers, top: Inches): Inches {
  const clear = pickSystem(CLEAR, given.metric);
  const zipAbove =
    (form.opens === "back-zip" && form.slitAt === "back") || (form.opens === "side-zip" && form.slitAt === "side");
  const least = zipAbove ? Math.max(hipDown, hipDown + form.zipEnd + clear) : hipDown;
  const most = hemDown - clear;
  const nearest = least > most ? "by-stride" : Math.min(Math.max(top, least), most);
  if (top < least - 1e-9 || top > most + 1e-9)
    refuse({ code: "slit-too-high", conflicts: ["choices.hemSlitTop"], numbers: { top, least, most }, nearest });
  return top;
}

/**
 * How far below the waist the slit starts.
 *
 * @param sides both halves' stitched sides: what the skirt is round is measured on them
 */
export function planSlit(given: Given, form: SkirtForm, numbers: SkirtNumbers, sides: readonly Path[]): Inches {
  return form.hemSlitTop === "by-stride"
    ? topByStride(given, numbers, sides)
    : topAsAsked(given, form, numbers, form.hemSlitTop);
}
