import type { Path, Point } from "../geometry";
import type { Inches } from "../length";
import type { CentreOrigin, EdgeRole, Origin, StepReason, TapeDirection } from "./draft";
import type { Sum, Term } from "./term";

export interface PieceStart {
  readonly name: string;
  readonly origin: CentreOrigin;
  /** How far the origin lies inside the fold or the cloth's edge: the zip allowance, or 0 on the fold. */
  readonly originInset: Sum;
  /** How far the top line lies below the cloth's edge: the shoulder allowance. */
  readonly topInset: Sum;
}

export interface MarkChalk {
  readonly terms: readonly Term[];
  /** From the stitching to the cutting line, along the guide line; left out where nothing is cut. */
  readonly allowance?: readonly Term[];
  readonly why?: StepReason;
  /** Set when the reading is finer than the tape: a corner that trues a seam. */
  readonly step?: Inches;
}

export interface PlaceChalk {
  readonly id: string;
  readonly stitch: Point;
  readonly cut?: Point;
  readonly act: "drop" | "scoop" | "lengthen";
  readonly reading: Sum;
  readonly from: Origin;
  readonly direction: TapeDirection;
  readonly why: StepReason;
}

export interface EdgeChalk {
  readonly role: EdgeRole;
  readonly stitch: Path;
  readonly cut?: Path;
  readonly allowance: Inches;
  /** Marks that the edge runs through, in order. */
  readonly through: readonly string[];
  readonly onFold?: boolean;
  readonly why?: StepReason;
}
