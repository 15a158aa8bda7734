import type { DoubtCode, MeasurementId } from "../body";
import type { Cure } from "../chalk";
import type { Inches } from "../length";

/** How much a finding matters: an error must not be cut; a caution is looked at first; a note is good to know. */
export type Level = "error" | "caution" | "note";

export const findingIds = [
  "take-out-not-given-back",
  "girth-off",
  "not-given-back-by-rule",
  "figure-note-applied",
  "seam-mismatch",
  "outline-crosses-itself",
  "head-does-not-pass",
  "body-does-not-pass",
  "zip-too-short",
  "zip-not-needed",
  "hem-too-narrow-to-walk",
  "neck-below-bust",
  "neck-not-smooth",
  "armhole-tight",
  "armhole-loose",
  "chest-near-bust",
  "reading-doubtful",
  "reading-estimated",
  "reading-derived",
  "given-back-whole",
  "panel-cuts-overlap",
  "hip-tight",
  "ribs-tight",
  "neck-not-as-named",
  "bust-dart-off-by-rule",
  "bust-dart-not-needed",
  "bust-dart-raised",
  "yoke-line-raised",
  "back-yoke-raised",
  "flare-kept",
  "trim-needs-join",
  "contour-needs-seam",
  "panel-room-by-line",
  "panel-point-moved",
  "dart-tip-raised",
  "ribs-line-moved",
  "cup-lift-lowered",
  "take-out-end-lowered",
  "figure-note-unused",
  "side-steep",
  "take-out-large",
  "dart-wide",
  "side-too-hollow",
  "many-darts",
  "waist-over-hip",
  "hip-break",
  "elastic-to-cut",
  "stride",
  "flare-narrow",
  "flare-tight",
  "ring-tight",
  "ring-ease",
  "ruche-turns-far",
  "cords",
  "facing-stay",
  "facing-turned",
  "binding-neck",
  "binding-armholes",
  "binding-both",
  "armhole-may-gape",
  "late-differs",
  "late-far-off",
  "late-unused",
  "front-buttons",
  "godets",
  "ring-pieced",
  "cap-ease",
  "cuff-balance",
  "cap-ratio",
  "underarm-left-over",
  "notch-off-centre",
  "gather-ratio",
  "sleeve-elastic",
  "strips-turn-too-far",
  "tie-slit",
  "turn-back-lies",
  "sleeve-cuff",
  "petals-lap",
  "hand-does-not-pass",
  "wrist-vent",
  "sleeve-narrow",
  "sleeve-narrow-uncured",
  "sleeve-told-narrow",
  "elbow-unshaped",
  "cap-sleeve-under",
  "underarm-tight",
  "sleeve-joined-on",
  "ring-in-more",
  "collar-chokes",
  "collar-stands-off",
  "outer-edge-short",
  "fall-front",
  "rise-limited",
  "under-layer-less",
  "under-collar-bias",
  "collar-cut-on",
  "cape-line-later",
  "neck-cut-on-chalk",
  "join-ratio",
  "half-scale",
  "cloth-too-short",
  "cloth-too-narrow",
  "cloth-one-way-turned",
] as const;

export type FindingId = (typeof findingIds)[number];

/** Something to know about a sound draft, as data; its sentence is in wording. */
export interface Finding {
  readonly id: FindingId;
  readonly level: Level;
  readonly piece?: string;
  readonly line?: string;
  readonly edge?: string;
  readonly measurement?: MeasurementId;
  readonly doubt?: DoubtCode;
  readonly numbers: Readonly<Record<string, Inches>>;
  readonly words?: Readonly<Record<string, string>>;
  /** What would mend it, where its part has tried something. */
  readonly cure?: Cure;
}
