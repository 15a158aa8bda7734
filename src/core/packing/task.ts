import type { Point } from "../geometry";
import type { Inches } from "../length";

/** One way in which a piece may lie. */
export interface Stance {
  /** The cutting outline as it lies, anywhere; turned half round when `turned`. */
  readonly outline: readonly Point[];
  readonly turned: boolean;
  /** Least and greatest place of the left edge of its box. */
  readonly left: readonly [Inches, Inches];
  /** Its box's top may only lie at `at` and whole repeats below it; null for anywhere. */
  readonly repeat: { readonly every: Inches; readonly at: Inches } | null;
}

/** A piece to be laid once, in one of its stances. */
export interface PackPiece {
  readonly id: string;
  readonly stances: readonly Stance[];
  /** Where the tailor pinned it (left and top of its box), or what is a spot to keep out of. */
  readonly pinned: Placement | null;
}

/** Where a piece lies: its stance, and the left and top of its box. */
export interface Placement {
  readonly stance: number;
  readonly x: Inches;
  readonly y: Inches;
}

/** Pieces to be laid on a strip of cloth, as short as it can be. */
export interface PackTask {
  readonly pieces: readonly PackPiece[];
  readonly width: Inches;
}

/** A plan: one placement for each piece of the task, and the length that they take. */
export interface PackPlan {
  readonly placements: readonly Placement[];
  readonly length: Inches;
}
