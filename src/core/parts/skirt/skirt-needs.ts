import type { MeasurementId } from "../../body";
import type { RuleId } from "../../rules";
import type { SkirtKind, SkirtStyle } from "./skirt-form";

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
  "shearsOrder",
  "tick",
];

const onTheHip: readonly RuleId[] = [
  "allowance.panel",
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
];

const own: Readonly<Record<SkirtKind, readonly RuleId[]>> = {
  pencil: [...onTheHip, "hemPeg"],
  "a-line": [...onTheHip, "hemFlare", "flareFrom"],
  mermaid: onTheHip,
  ruched: onTheHip,
  circle: [],
  peplum: [],
  gathered: ["stripSelvedge"],
  tiered: ["stripSelvedge"],
};

/** Every house rule that a skirt may read; the rest do not move it. */
export function skirtRules({ kind }: Pick<SkirtStyle, "kind">): readonly RuleId[] {
  return [...always, ...own[kind]];
}
