import { type Draft, type Piece, ruleValue } from "../chalk";
import { overlapBeside } from "../geometry";
import type { Finding } from "./finding";

/** Less than this, in square inches, is a corner's rounding and not missing cloth. */
const SHARED = 0.1;
/** Up to this it is the corner of one seam that lies in the other's, as where a panel leaves the armhole near its tip. */
const CORNER = 0.5;

function overlapsWith(draft: Draft, outer: Piece): readonly Finding[] {
  const inner = draft.pieces.find(({ id }) => id === outer.drawnWith);
  if (inner === undefined) return [];
  const shared = overlapBeside(inner.outline.cut, outer.outline.cut);
  if (shared <= SHARED) return [];
  // Where the house has chosen not to move its panels apart, or a corner is missing, the tailor is told; else it is a
  // mistake of the draft.
  const apart = ruleValue(draft.given, "panelRoom") === "apart" && ruleValue(draft.given, "dartLine") === "span";
  const where = shared > CORNER ? "seam" : "corner";
  const level = apart && where === "seam" ? "error" : "caution";
  return [{ id: "panel-cuts-overlap", level, piece: outer.id, edge: "panel", numbers: { shared }, words: { where } }];
}

/** Panels chalked together whose cutting lines run over each other: there is no cloth for both seams (craft: bodice, 6a). */
export function findPanelOverlaps(draft: Draft): readonly Finding[] {
  return draft.pieces.filter(({ drawnWith }) => drawnWith !== null).flatMap((outer) => overlapsWith(draft, outer));
}
