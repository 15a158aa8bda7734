import type { Point } from "../geometry";
import type { Inches } from "../length";

/** A stretch of a garment's outline or a seam on it, as it looks when sewn. */
export interface FlatEdge {
  readonly id: string;
  readonly role: string;
  readonly points: readonly Point[];
}

export interface FlatPiece {
  readonly id: string;
  /** How far down it hangs: what its own depths are counted from. */
  readonly lift: Inches;
  readonly edges: readonly FlatEdge[];
  readonly darts: readonly (readonly Point[])[];
  /** Folds that hanging cloth falls into. */
  readonly folds: readonly (readonly Point[])[];
}

/** One half of a garment seen flat, right of its centre line: x across from the centre, y down from the top line. */
export interface FlatHalf {
  readonly half: "front" | "back";
  readonly pieces: readonly FlatPiece[];
  /** What lies over them, the last uppermost: collars as they are worn. */
  readonly over: readonly FlatPiece[];
  /** Where a front that turns over starts to be closed, down from the top line; left out where it does not. */
  readonly closesAt?: Inches;
  /** Lines that one side alone has: x across from the centre, either way. */
  readonly once: readonly (readonly Point[])[];
  /** How far it reaches to the side, and from where to where it goes. */
  readonly width: Inches;
  readonly top: Inches;
  readonly bottom: Inches;
}
