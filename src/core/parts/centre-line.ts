import type { Side } from "../blocks";
import {
  allowanceTerm,
  type EdgeChalk,
  type Given,
  type PieceChalk,
  type PieceStart,
  refuse,
  ruleLength,
  ruleTerm,
  ruleValue,
  type Sum,
  settle,
  settleOnTape,
} from "../chalk";
import {
  at,
  crossAtDepth,
  hollowLine,
  joinPaths,
  leaningLine,
  type Path,
  type Point,
  pathEnd,
  reversePath,
  splitAtDepth,
  straight,
} from "../geometry";
import { both, type Inches, pickSystem } from "../length";
import type { BodyForm } from "./body-form";
import { type BodyLines, centreEnd } from "./body-lines";
import { flaredCorner } from "./panel-lower";

/** What lies at the centre of a half: the fold, a seam, a zip, or a front edge that opens. */
export interface CentrePlan {
  readonly kind: "fold" | "zip" | "seam" | "band" | "slit" | "overlap";
  readonly start: Pick<PieceStart, "origin" | "originInset" | "front" | "contour" | "pair">;
  /** The finished edge from a depth at the neck down to the lower edge. */
  readonly path: (neckDown: Inches) => Path;
  readonly allowance: Inches;
  /** Where the cutting line runs plumb, when it is not square off the edge. */
  readonly cutAcross: Inches | null;
  /** What the edge takes out of the back's width at a depth, beyond the origin. */
  readonly removedAt: (down: Inches) => Inches;
  /** How far below the top line it opens; null where it does not. */
  readonly opensTo: Inches | null;
}

/** The hollow, and a contour, have run out this far above the hip line (craft: house rules, zip hollow). */
const RUN_OUT_ABOVE_HIP = both(2, 5);
/** A contour leaves the plumb this far below the top line (craft: house rules, centre-back contour). */
const CONTOUR_START = both(5, 12.5);

const nothing = () => 0;

function onFold(endDown: Inches): CentrePlan {
  return {
    kind: "fold",
    start: { origin: "fold", originInset: { value: 0, terms: [] } },
    path: (neckDown) => straight(at(0, neckDown), at(0, endDown)),
    allowance: 0,
    cutAcross: null,
    removedAt: nothing,
    opensTo: null,
  };
}

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

function seamedBack(given: Given, form: BodyForm, lines: BodyLines, zip: boolean): CentrePlan {
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

/** A folded band: the centre front runs down its middle; the cloth beyond the folded edge is turned in twice. */
function bandFront(form: BodyForm, endDown: Inches): CentrePlan {
  const half = form.bandWidth / 2;
  const foldIn = 2 * form.bandWidth;
  const inset: Sum = settle(
    [
      { label: "Folded in for the band", kind: "allowance", value: foldIn, source: "choice:bandWidth" },
      { label: "Half the finished band", kind: "style", value: half, source: "choice:bandWidth" },
    ],
    0,
  );
  return {
    kind: "band",
    start: { origin: "centre-line", originInset: inset, front: { overlap: half, foldIn } },
    path: (neckDown) => straight(at(-half, neckDown), at(-half, endDown)),
    allowance: foldIn,
    cutAcross: -half - foldIn,
    removedAt: nothing,
    opensTo: endDown,
  };
}

function overlapFront(given: Given, form: BodyForm, endDown: Inches): CentrePlan {
  const allowance = ruleLength(given, "allowance.panel");
  const inset = settle(
    [
      { label: "Front edge seam", kind: "allowance", value: allowance, source: "rule:allowance.panel" },
      {
        label: "Overlap beyond the centre front",
        kind: "style",
        value: form.overlapWidth,
        source: "choice:overlapWidth",
      },
    ],
    0,
  );
  const x = -form.overlapWidth;
  return {
    kind: "overlap",
    start: { origin: "centre-line", originInset: inset, front: { overlap: form.overlapWidth, foldIn: allowance } },
    path: (neckDown) => straight(at(x, neckDown), at(x, endDown)),
    allowance,
    cutAcross: x - allowance,
    removedAt: nothing,
    opensTo: endDown,
  };
}

/** A slit on the fold: the front stops half a finished band short of the centre, and the sewn-on band brings it back. */
function slitFront(given: Given, form: BodyForm, endDown: Inches): CentrePlan {
  const short = form.bandWidth / 2;
  const allowance = ruleLength(given, "allowance.panel");
  const whole = form.slitLength === 0;
  if (allowance > short) {
    refuse({
      code: "band-narrower-than-seam",
      conflicts: ["choices.bandWidth", "rules.allowance.panel"],
      numbers: { band: form.bandWidth, seam: allowance },
      nearest: 2 * allowance,
    });
  }
  const end = (neckDown: Inches) => neckDown + form.slitLength;
  return {
    kind: "slit",
    start: {
      origin: "fold",
      originInset: { value: 0, terms: [] },
      front: { overlap: -short, foldIn: 0 },
      ...(whole ? { pair: true } : {}),
    },
    path: (neckDown) => {
      if (whole) return straight(at(short, neckDown), at(short, endDown));
      if (end(neckDown) > endDown - 1) {
        refuse({
          code: "slit-longer-than-front",
          conflicts: ["choices.slitLength"],
          numbers: { slit: form.slitLength, front: endDown - neckDown },
          nearest: endDown - neckDown - 1,
        });
      }
      const foot = at(0, end(neckDown) + (form.slitEnd === "slanted" ? short : 0));
      return straight(at(short, neckDown), at(short, end(neckDown)), foot, at(0, endDown));
    },
    allowance,
    cutAcross: null,
    removedAt: nothing,
    opensTo: whole ? endDown : null,
  };
}

/** What lies at the centre of a half, by the garment's opening. */
export function planCentre(given: Given, form: BodyForm, lines: BodyLines, side: Side): CentrePlan {
  const endDown = centreEnd(form, lines);
  if (side === "back") {
    if (form.opening === "back-zip") return seamedBack(given, form, lines, true);
    return form.centreBackSeam || ruleLength(given, "backContour") > 0
      ? seamedBack(given, form, lines, false)
      : onFold(endDown);
  }
  switch (form.opening) {
    case "front-band":
      return bandFront(form, endDown);
    case "overlap":
      return overlapFront(given, form, endDown);
    case "slit":
      return slitFront(given, form, endDown);
    default:
      return onFold(endDown);
  }
}

/** Chalks the centre edge from the lower edge up to the neck, and its zip. */
export function chalkCentre(piece: PieceChalk, centre: CentrePlan, path: Path): void {
  const neckDown = path.start.y;
  const up = reversePath(path);
  const base = { role: "centre", stitch: up, allowance: centre.allowance } as const;
  if (centre.kind === "fold") {
    piece.edge("centre", { ...base, through: [], onFold: true });
    return;
  }
  const partial = centre.kind === "slit" && centre.opensTo === null;
  const cut: Pick<EdgeChalk, "cut"> = partial
    ? { cut: slitCut(up, centre.allowance) }
    : centre.cutAcross === null
      ? {}
      : { cut: straight(at(centre.cutAcross, up.start.y), at(centre.cutAcross, neckDown)) };
  const zip = centre.kind === "zip";
  const zipEnd = zip && piece.hasLine("hip") ? ["centre/zip-end"] : [];
  piece.edge("centre", { ...base, ...cut, through: [...zipEnd, "centre/neck-depth"], ...(zip ? {} : { why: "band" }) });
  if (zip) {
    if (piece.hasLine("hip")) piece.notchAtDepth("zip-end", "centre", piece.markAt("centre/zip-end").stitch);
    piece.notchAtDepth("zip-top", "centre", neckDown);
  }
}

/** A partial slit is cut beside its bands only; below it the fold stays whole. */
function slitCut(up: Path, allowance: Inches): Path {
  const [fold, foot, corner, top] = [up.start, ...up.segments.map(({ to }) => to)];
  if (fold === undefined || foot === undefined || corner === undefined || top === undefined) return up;
  const across = corner.x - allowance;
  return straight(fold, at(0, foot.y - allowance), at(across, foot.y - allowance), at(across, top.y));
}

/**
 * Marks the hollow of a zip on the waist line and registers what it takes out on the piece whose side gives it back;
 * nothing where there is none.
 */
export function chalkHollow(piece: PieceChalk, sidePiece: PieceChalk, centre: CentrePlan): void {
  const waist = piece.hasLine("waist") ? piece.down("waist") : 0;
  if (centre.removedAt(waist) === 0) return;
  sidePiece.takeOut(HOLLOW, "zip hollow", centre.removedAt);
  piece.mark("waist", "hollow", { terms: [ruleTerm(piece.given, "zipHollow")], why: "zip-hollow" });
  if (!isHollowGivenBack(piece.given))
    sidePiece.declare(HOLLOW, "waist", -centre.removedAt(waist), "zip hollow, by house rule not given back");
}

export const HOLLOW = "zip-hollow";

export function isHollowGivenBack(given: Given): boolean {
  return ruleValue(given, "zipHollowGivenBack") !== false;
}
