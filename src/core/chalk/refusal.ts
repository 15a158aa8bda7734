import type { MeasurementId } from "../body";
import type { Inches } from "../length";
import type { RuleId, RuleValue } from "../rules";
import type { ChoiceDefinition, ChoiceValue } from "./choice";

/** Why a draft cannot be drawn; each has its sentence in wording. */
export const refusalCodes = [
  "shoulder-wider-than-chest",
  "armhole-too-small-for-chest",
  "armhole-too-deep",
  "neck-wider-than-shoulder",
  "neck-below-waist",
  "hem-above-hip",
  "hip-above-waist",
  "hem-too-narrow",
  "four-layers-need-no-opening",
  "front-not-inside-back",
  "shoulder-drop-too-steep",
  "armhole-below-bust",
  "underbust-out-of-place",
  "bust-dart-too-large",
  "bust-dart-too-low",
  "bust-dart-needs-panel",
  "bust-dart-needs-waist-dart",
  "dart-too-short",
  "dart-beyond-side",
  "panel-off-armhole",
  "slit-longer-than-front",
  "pleat-needs-yoke",
  "yoke-below-armhole",
  "panels-need-own-fold",
  "panel-off-shoulder",
  "neck-meets-panel",
  "neck-meets-dart",
  "take-out-too-uneven",
  "trim-reaches-ribs",
  "sweetheart-too-shallow",
  "slit-not-for-facing",
  "facing-over-split",
  "split-cuts-dart",
  "darts-too-wide",
  "slit-too-high",
  "flare-line-misplaced",
  "ratio-under-one",
  "ring-too-small",
  "godet-too-wide",
  "ruche-turns-too-far",
  "tier-too-shallow",
  "skirt-opens-not",
  "slit-in-open-front",
  "cap-too-high",
  "no-cap",
  "sleeve-too-short",
  "sleeve-slit-too-long",
  "cap-sleeve-too-short",
  "flounce-leaves-no-sleeve",
  "skirt-needs-waist",
  "collar-on-neck",
  "built-up-too-shallow",
  "overlap-too-wide",
  "fall-too-narrow",
  "break-misplaced",
  "lapel-too-narrow",
  "lapel-over-armhole",
  "cape-below-bust",
  "pocket-misplaced",
  "outline-crosses-itself",
] as const;

export type RefusalCode = (typeof refusalCodes)[number];

/** A draft that geometry forbids: which readings, choices or rules conflict, with the numbers, and a guess at what would work. */
export interface Refusal {
  readonly code: RefusalCode;
  /** Paths into the order: `measurements.bust`, `choices.neckWidth`, `rules.armholeDepth`; the likeliest cause first. */
  readonly conflicts: readonly string[];
  readonly numbers: Readonly<Record<string, Inches>>;
  /** Codes that the sentence needs beside its numbers: which line was reached, which edge sticks out. */
  readonly words?: Readonly<Record<string, string>>;
  /** The piece that cannot be drawn, where it is one alone. */
  readonly piece?: string;
  /** A guess at the value of the first conflict that would let it be drawn; nobody is told it before it was tried. */
  readonly nearest?: Inches | string | boolean;
}

/** Whether a value is the last that works on its side, or the one that works. */
export type Bound = "at-most" | "at-least" | "exactly";

/** A way out of a refusal; every change in it was drawn before it is offered. */
export type Remedy =
  | {
      readonly kind: "choice";
      readonly id: string;
      readonly choice: ChoiceDefinition;
      readonly value: ChoiceValue;
      readonly bound: Bound;
    }
  | { readonly kind: "rule"; readonly id: RuleId; readonly value: RuleValue; readonly bound: Bound }
  /** Everything as the garment and the house have it: no single change was enough. */
  | { readonly kind: "defaults" }
  /** No choice or rule would help this body: its readings do not belong together. */
  | { readonly kind: "measure"; readonly readings: readonly MeasurementId[] };

/** Ends a recipe; caught once, where a draft is made. Not an error of ours and never seen outside. */
export class RefusalSignal {
  constructor(readonly refusal: Refusal) {}
}

export function refuse(refusal: Refusal): never {
  throw new RefusalSignal(refusal);
}
