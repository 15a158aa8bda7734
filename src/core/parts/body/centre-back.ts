import { allowanceTerm, type Given, ruleLength, ruleValue, settleOnTape } from "../../chalk";
import {
  at,
  crossAtDepth,
  hollowLine,
  joinPaths,
  leaningLine,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  splitAtDepth,
  splitAtLength,
  straight,
} from "../../geometry";
import { type Inches, pickSystem } from "../../length";
import { RUN_OUT_ABOVE_HIP } from "../hollow";
import type { BodyForm } from "./body-form";
import { type BodyLines, centreEnd } from "./body-lines";
import { type CentrePlan, nothing } from "./centre-plan";
import { flaredCorner } from "./panel-lower";

function acrossAt(path: Path): (down: Inches) => Inches {
  return (down) => crossAtDepth(path, down)[0]?.x ?? 0;
}

/** Whether the contour has a seam of its own to shape: not where the back must lie on a fold with the front, or under a pleat. */
export function contourWidth(given: Given, form: BodyForm): Inches {
  const seamed = form.opening === "back-zip" || form.centreBackSeam;
  return seamed || (form.fold === "one-fold" && form.backPleat === 0) ? ruleLength(given, "backContour") : 0;
}

/** What must be left above the waist for a contour to bend in. */
const LEAST_BEND: Inches = 2;

/** Where a bend leaves the plumb: with room to bend in above the waist, and never above the neck. */
function bendStart(form: BodyForm, from: Inches, waistDown: Inches): Inches {
  return Math.max(form.backNeckDepth, Math.min(from, waistDown - LEAST_BEND));
}

/** The contour from its start (rule `backContourFrom`, never above the neck) to the waist and back to the plumb at the hip. */
function contourPath(given: Given, form: BodyForm, lines: BodyLines): Path | null {
  const width = contourWidth(given, form);
  const waist = lines.waist;
  if (width === 0 || waist === undefined) return null;
  const from = ruleValue(given, "backContourFrom") === "neck" ? 0 : ruleLength(given, "backContourFrom");
  const start = at(0, bendStart(form, from, waist.value));
  const middle = at(width, waist.value);
  const above = leaningLine(start, 0, middle, 0);
  return lines.hip === undefined ? above : joinPaths([above, leaningLine(middle, 0, at(0, lines.hip.value), 0)]);
}

function hollowPath(given: Given, form: BodyForm, lines: BodyLines): Path | null {
  const width = ruleLength(given, "zipHollow");
  const waist = lines.waist;
  if (width === 0 || waist === undefined) return null;
  // From the bust line where one is drawn, else from the chest line (craft: house rules, zip hollow).
  const start = at(0, bendStart(form, (lines.bust ?? lines.chest).value, waist.value));
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

function plainBack(bend: Path | null, top: Point, endDown: Inches): Path {
  return bend === null ? straight(top, at(0, endDown)) : bentBack(bend, top, endDown);
}

/** The stitched centre back: plumb, hollowed or contoured, and flared below the waist where every seam flares. */
function backPath(form: BodyForm, lines: BodyLines, bend: Path | null, raised: Inches): CentrePlan["path"] {
  const endDown = centreEnd(form, lines) - raised;
  return (_, topDown) => {
    const top = at(0, topDown);
    const whole =
      form.style.hem === "panel-flare" ? flaredBack(form, lines, bend, top) : plainBack(bend, top, endDown + raised);
    return raised === 0 ? whole : splitAtLength(whole, pathLength(whole) - raised)[0];
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
  const raised = zip && form.end !== "hem" ? ruleLength(given, "backLowerEdge") : 0;
  return {
    kind: zip ? "zip" : "seam",
    start: {
      origin: "zip-line",
      originInset: settleOnTape(given, [inset]),
      ...(contour ? { contour: acrossAt(contour) } : {}),
    },
    path: backPath(form, lines, contour ?? hollow, raised),
    allowance,
    raised,
    band: null,
    cutAcross: contour !== null || flared ? null : -allowance,
    removedAt: hollow === null ? nothing : acrossAt(hollow),
    opensTo: () => (zip ? (lines.hip ?? lines.waist ?? lines.chest).value : null),
    neckTaken: 0,
  };
}
