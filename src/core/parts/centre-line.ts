import type { Side } from "../blocks";
import { type EdgeChalk, type Given, type PieceChalk, ruleLength, ruleTerm, ruleValue } from "../chalk";
import { at, type Path, reversePath, straight } from "../geometry";
import type { Inches } from "../length";
import type { BodyForm } from "./body-form";
import { type BodyLines, centreEnd } from "./body-lines";
import { seamedBack } from "./centre-back";
import { bandFront, overlapFront, slitCut, slitFront } from "./centre-front";
import { type CentrePlan, nothing } from "./centre-plan";

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
