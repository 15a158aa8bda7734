import { allowanceTerm, type Given, ruleLength, settleOnTape } from "../chalk";
import {
  at,
  crossAtDepth,
  hollowLine,
  joinPaths,
  leaningLine,
  type Path,
  type Point,
  pathEnd,
  splitAtDepth,
  straight,
} from "../geometry";
import { both, type Inches, pickSystem } from "../length";
import type { BodyForm } from "./body-form";
import { type BodyLines, centreEnd } from "./body-lines";
import { type CentrePlan, nothing } from "./centre-plan";
import { flaredCorner } from "./panel-lower";

/** The hollow, and a contour, have run out this far above the hip line (craft: house rules, zip hollow). */
const RUN_OUT_ABOVE_HIP = both(2, 5);
/** A contour leaves the plumb this far below the top line (craft: house rules, centre-back contour). */
const CONTOUR_START = both(5, 12.5);

function acrossAt(path: Path): (down: Inches) => Inches {
  return (down) => crossAtDepth(path, down)[0]?.x ?? 0;
}

/** The contour from its start (or the neck, where that lies lower) to the waist and back to the plumb at the hip. */
function contourPath(given: Given, form: BodyForm, lines: BodyLines): Path | null {
  const width = ruleLength(given, "backContour");
  const waist = lines.waist;
  if (width === 0 || waist === undefined) return null;
  const start = at(0, Math.max(pickSystem(CONTOUR_START, given.metric), form.backNeckDepth));
  const middle = at(width, waist.value);
  const above = leaningLine(start, 0, middle, 0);
  return lines.hip === undefined ? above : joinPaths([above, leaningLine(middle, 0, at(0, lines.hip.value), 0)]);
}

function hollowPath(given: Given, form: BodyForm, lines: BodyLines): Path | null {
  const width = ruleLength(given, "zipHollow");
  const waist = lines.waist;
  if (width === 0 || waist === undefined) return null;
  const start = at(0, Math.max(lines.chest.value, form.backNeckDepth));
  if (lines.hip === undefined) return leaningLine(start, 0, at(width, waist.value), 0);
  return hollowLine(start, width, waist.value, lines.hip.value - pickSystem(RUN_OUT_ABOVE_HIP, given.metric));
}

/** Below the waist every seam of a flared body swings out, the centre back's too. */
function flaredBack(form: BodyForm, lines: BodyLines, bend: Path | null, top: Point): Path {
  const waistDown = lines.waist?.value ?? 0;
  const waist = at(bend === null ? 0 : acrossAt(bend)(waistDown), waistDown);
  const upper =
    bend === null
      ? straight(top, waist)
      : joinPaths([straight(top, bend.start), { ...bend, segments: bend.segments.slice(0, 1) }]);
  const foot = flaredCorner(waist, centreEnd(form, lines) - waist.y, -form.panelFlare);
  return joinPaths([upper, straight(waist, foot)]);
}

/** The centre back from the neck along its bend, and plumb above and below it. */
function bentBack(bend: Path, top: Point, endDown: Inches): Path {
  const below = bend.start.y < top.y ? (splitAtDepth(bend, top.y)?.[1] ?? bend) : bend;
  const path = below.start.y > top.y + 1e-9 ? joinPaths([straight(top, below.start), below]) : below;
  const foot = pathEnd(path);
  return foot.y < endDown - 1e-9 ? joinPaths([path, straight(foot, at(foot.x, endDown))]) : path;
}

/** The stitched centre back: plumb, hollowed or contoured, and flared below the waist where every seam flares. */
function backPath(form: BodyForm, lines: BodyLines, bend: Path | null): (neckDown: Inches) => Path {
  const endDown = centreEnd(form, lines);
  return (neckDown) => {
    const top = at(0, neckDown);
    if (form.style.hem === "panel-flare") return flaredBack(form, lines, bend, top);
    return bend === null ? straight(top, at(0, endDown)) : bentBack(bend, top, endDown);
  };
}

/** A centre back with a seam: hollowed or contoured, with or without a zip. */
export function seamedBack(given: Given, form: BodyForm, lines: BodyLines, zip: boolean): CentrePlan {
  const contour = contourPath(given, form, lines);
  // A contoured back is hollow already: the contour takes the hollow's place, and readings start from it.
  const hollow = contour === null ? hollowPath(given, form, lines) : null;
  const allowance = ruleLength(given, zip ? "allowance.zip" : "allowance.side");
  const inset = allowanceTerm(given, zip ? "allowance.zip" : "allowance.side");
  const flared = form.style.hem === "panel-flare" && form.panelFlare > 0;
  return {
    kind: zip ? "zip" : "seam",
    start: {
      origin: "zip-line",
      originInset: settleOnTape(given, [inset]),
      ...(contour ? { contour: acrossAt(contour) } : {}),
    },
    path: backPath(form, lines, contour ?? hollow),
    allowance,
    cutAcross: contour !== null || flared ? null : -allowance,
    removedAt: hollow === null ? nothing : acrossAt(hollow),
    opensTo: zip ? (lines.hip ?? lines.waist ?? lines.chest).value : null,
  };
}
