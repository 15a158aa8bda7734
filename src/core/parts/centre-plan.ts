import type { PieceStart } from "../chalk";
import type { Path } from "../geometry";
import type { Inches } from "../length";

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

/** Takes nothing out at any depth. */
export const nothing = () => 0;
