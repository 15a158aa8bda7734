import type { PieceStart } from "../../chalk";
import type { Path } from "../../geometry";
import type { Inches } from "../../length";
import type { FoldedBand } from "../folded-band";

/** What lies at the centre of a half: the fold, a seam, a zip, or a front edge that opens. */
export interface CentrePlan {
  readonly kind: "fold" | "zip" | "seam" | "band" | "slit" | "overlap" | "faced" | "cut-fold";
  readonly start: Pick<PieceStart, "origin" | "originInset" | "front" | "contour" | "pair">;
  /**
   * The finished edge down to the lower edge.
   *
   * @param neckDown the depth of the neck on the centre line, from which a slit's length counts
   * @param topDown where the edge starts: there the neck line meets it, higher than the neck's depth where a band is sewn on
   */
  readonly path: (neckDown: Inches, topDown: Inches) => Path;
  readonly allowance: Inches;
  /** How far the lower edge is raised at it. */
  readonly raised: Inches;
  /** Where the cutting line runs plumb, when it is not square off the edge. */
  readonly cutAcross: Inches | null;
  /** The band that is folded in before the cut; null without one. */
  readonly band: FoldedBand | null;
  /** What the edge takes out of the back's width at a depth, beyond the origin. */
  readonly removedAt: (down: Inches) => Inches;
  /** How far below the top line it opens, from its neck; null where it does not. */
  readonly opensTo: (neckDown: Inches) => Inches | null;
  /** How much of the neck the centre's own facing takes into its seam, across from the centre; 0 where there is none. */
  readonly neckTaken: Inches;
}

/** Takes nothing out at any depth. */
export const nothing = () => 0;

/** Opens nowhere. */
export const closed = () => null;
