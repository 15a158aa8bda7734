import type { Side } from "../../blocks";
import { type EdgeChalk, type Given, type PieceChalk, ruleTerm, ruleValue } from "../../chalk";
import { at, type Path, pathEnd, placeAtLength, reversePath, straight } from "../../geometry";
import type { Inches } from "../../length";
import { foldedBandCut } from "../folded-band";
import { HOLLOW } from "../hollow";
import type { BodyForm } from "./body-form";
import { type BodyLines, centreEnd } from "./body-lines";
import { contourWidth, seamedBack } from "./centre-back";
import { bandFront, onFold, overlapFront, slitCut, slitFront } from "./centre-front";
import type { CentrePlan } from "./centre-plan";

/** What lies at the centre of a half, by the garment's opening. */
export function planCentre(given: Given, form: BodyForm, lines: BodyLines, side: Side): CentrePlan {
  const endDown = centreEnd(form, lines);
  if (side === "back") {
    if (form.opening === "back-zip") return seamedBack(given, form, lines, true);
    return form.centreBackSeam || contourWidth(given, form) > 0
      ? seamedBack(given, form, lines, false)
      : onFold(endDown);
  }
  switch (form.opening) {
    case "front-band":
      return bandFront(given, form, endDown);
    case "overlap":
      return overlapFront(given, form, endDown);
    case "slit":
      return slitFront(given, form, endDown);
    default:
      return onFold(endDown);
  }
}

/** The cutting line of a centre: beside the bands of a short slit, plumb in its place, or square off the edge. */
function centreCut(piece: PieceChalk, centre: CentrePlan, up: Path): Pick<EdgeChalk, "cut"> {
  const topCut = neckCut(piece, centre);
  if (centre.kind === "slit" && up.segments.length > 1) return { cut: slitCut(up, centre.allowance) };
  if (centre.cutAcross === null) return {};
  const [neck, hem] = [piece.edgeIn("neck"), piece.edgeIn("hem") ?? piece.edgeIn("waist")];
  if (centre.band !== null && neck !== undefined && hem !== undefined)
    return { cut: foldedBandCut(centre.band, neck, hem) };
  if (topCut !== null && centre.kind !== "band") {
    // Beyond the edge the neck is cut level: drawn on aslant it would cut the allowance away.
    const edge = pathEnd(up).x;
    return { cut: straight(at(centre.cutAcross, up.start.y), at(centre.cutAcross, topCut), at(edge, topCut)) };
  }
  return { cut: straight(at(centre.cutAcross, up.start.y), at(centre.cutAcross, pathEnd(up).y)) };
}

/** A neck that drops by more than this across the centre's allowance is not drawn on over it. */
const MOST_DROP: Inches = 1;

/** How far down the neck is cut at the centre's edge, where its line falls away there; null where it meets the edge squarely. */
function neckCut(piece: PieceChalk, centre: CentrePlan): Inches | null {
  const neck = piece.edgeIn("neck");
  if (neck === undefined || centre.cutAcross === null) return null;
  const { x, y } = placeAtLength(neck.stitch, 0).tangent;
  const drop = (Math.abs(y) * centre.allowance) / Math.max(1e-3, Math.abs(x));
  return drop <= MOST_DROP ? null : piece.markAt("centre/neck-depth").cut;
}

/** Where a slit or a zip stops: pinned twice there when it is sewn. */
function notchOpening(piece: PieceChalk, centre: CentrePlan, neckDown: Inches): void {
  if (centre.kind === "zip") {
    if (piece.hasLine("hip")) piece.notchAtDepth("zip-end", "centre", piece.markAt("centre/zip-end").place.stitch.y);
    piece.notchAtDepth("zip-top", "centre", neckDown);
  }
  if (piece.hasMark("centre/slit-end"))
    piece.notchAtDepth("slit-end", "centre", piece.markAt("centre/slit-end").stitch);
}

/** Chalks the centre edge from the lower edge up to the neck, and its zip. */
export function chalkCentre(piece: PieceChalk, centre: CentrePlan, path: Path): void {
  const neckDown = path.start.y;
  const up = reversePath(path);
  const base = { role: "centre", stitch: up, allowance: centre.allowance } as const;
  if (centre.start.origin === "fold" && centre.kind !== "slit") {
    piece.edge("centre", { ...base, through: [], onFold: true });
  } else {
    const through = [
      "centre/zip-end",
      "centre/slit-end",
      "waist/break",
      "shawl/outer",
      "gorge/tip",
      "edge/neck",
      "centre/neck-depth",
    ];
    const sewn = centre.kind === "zip" || centre.kind === "seam";
    piece.edge("centre", { ...base, ...centreCut(piece, centre, up), through, ...(sewn ? {} : { why: "band" }) });
  }
  notchOpening(piece, centre, neckDown);
}

/**
 * Marks the hollow of a zip on the waist line and registers what it takes out on the piece whose side gives it back;
 * nothing where there is none.
 */
export function chalkHollow(piece: PieceChalk, sidePiece: PieceChalk, centre: CentrePlan): void {
  const waist = piece.hasLine("waist") ? piece.down("waist") : 0;
  if (centre.removedAt(waist) === 0) return;
  sidePiece.takeOut(HOLLOW, "zip-hollow", centre.removedAt);
  piece.mark("waist", "hollow", { terms: [ruleTerm(piece.given, "zipHollow")], why: "zip-hollow" });
  if (!isHollowGivenBack(piece.given))
    sidePiece.declare(HOLLOW, "waist", -centre.removedAt(waist), "not-given-back-by-rule");
}

export function isHollowGivenBack(given: Given): boolean {
  return ruleValue(given, "zipHollowGivenBack") !== false;
}
