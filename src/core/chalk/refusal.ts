import type { Inches } from "../length";

/** Why a draft cannot be drawn; each has its sentence in wording. */
export type RefusalCode =
  | "shoulder-wider-than-chest"
  | "armhole-too-small-for-chest"
  | "armhole-too-deep"
  | "neck-wider-than-shoulder"
  | "neck-below-waist"
  | "hem-above-hip"
  | "hip-above-waist"
  | "hem-too-narrow"
  | "four-layers-need-no-opening"
  | "front-not-inside-back"
  | "shoulder-drop-too-steep"
  | "armhole-below-bust"
  | "girths-too-far-apart"
  | "underbust-out-of-place"
  | "bust-dart-too-large"
  | "bust-dart-too-low"
  | "bust-dart-needs-panel"
  | "bust-dart-needs-waist-dart"
  | "dart-too-short"
  | "dart-beyond-side"
  | "panel-off-armhole"
  | "panel-room-twice"
  | "band-narrower-than-seam"
  | "slit-longer-than-front"
  | "pleat-needs-yoke"
  | "yoke-below-armhole"
  | "panels-need-own-fold";

/** A draft that geometry forbids: which readings or choices conflict, with the numbers, and the nearest that works. */
export interface Refusal {
  readonly code: RefusalCode;
  /** Paths into the order: `measurements.bust`, `choices.neckWidth`, `rules.armholeDepth`. */
  readonly conflicts: readonly string[];
  readonly numbers: Readonly<Record<string, Inches>>;
  /** The change to the first conflict that would let it be drawn. */
  readonly nearest?: Inches | string | boolean;
}

/** Ends a recipe; caught once, where a draft is made. Not an error of ours and never seen outside. */
export class RefusalSignal {
  constructor(readonly refusal: Refusal) {}
}

export function refuse(refusal: Refusal): never {
  throw new RefusalSignal(refusal);
}
