import type { MeasurementId } from "../../body";
import type { RuleId } from "../../rules";
import type { SkirtStyle } from "./skirt-form";

/** Readings a skirt cannot be drawn without. */
export const skirtNeeds: readonly MeasurementId[] = ["waist", "hip", "waistToHip", "skirtLength"];

/** Readings that place its darts and prove that one can walk in it, where they were taken. */
export const skirtChecks: readonly MeasurementId[] = ["bustSpan", "knee", "waistToKnee"];

const always: readonly RuleId[] = [
  "ease.waist",
  "ease.hip",
  "allowance.waistJoin",
  "allowance.side",
  "allowance.zip",
  "allowance.hem",
  "allowance.slit",
  "frontDart.halfWidth",
  "backDart.halfWidth",
  "sideTake",
  "skirtDart.frontLength",
  "skirtDart.backLength",
  "skirtDart.aboveHip",
  "waistRaise",
  "waistDip",
  "stride.knee",
  "stride.calf",
  "shearsOrder",
  "tick",
];

/** Every house rule that a skirt may read; the rest do not move it. */
export function skirtRules({ hem }: SkirtStyle): readonly RuleId[] {
  return [...always, ...(hem === "pegged" ? (["hemPeg"] as const) : (["hemFlare", "flareFrom"] as const))];
}
