import type { Inches } from "../length";
import type { MeasurementId } from "./catalogue";

/** Why a reading should be taken again. The draft is made all the same: odd bodies exist. */
export type DoubtCode =
  | "outside-usual-range"
  | "underbust-not-below-bust"
  | "bust-far-over-underbust"
  | "waist-far-over-bust"
  | "hip-far-under-waist"
  | "bust-point-not-above-underbust"
  | "span-wide-for-bust"
  | "span-narrow-for-bust"
  | "shoulder-wide-for-bust"
  | "armhole-odd-for-bust"
  | "upper-arm-close-to-armhole"
  | "wrist-over-elbow"
  | "front-shorter-than-back"
  | "front-far-over-back"
  | "odd-for-age"
  | "lengths-disagree"
  | "changed-since-last-card";

export interface Doubt {
  readonly code: DoubtCode;
  /** The reading to take again first. */
  readonly measurement: MeasurementId;
  readonly value: Inches;
  /** What it was held against: another reading, or the ends of the usual range. */
  readonly against: readonly { readonly measurement: MeasurementId; readonly value: Inches }[];
}
