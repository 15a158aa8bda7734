import type { MeasurementId } from "../../body";
import type { ChoiceDefinitions } from "../../chalk";
import { both } from "../../length";
import type { RuleId } from "../../rules";
import { tableChoices } from "../table-choices";

/** What is decided about a body whose sleeves are grown on (craft: sleeves, grown on). */
export const grownChoices = {
  neckWidth: {
    kind: "length",
    label: "Neck width, from the centre",
    default: both(4.5, 11.5),
    range: [2, 7],
    why: "Nothing opens: front and back neck together let the head through.",
  },
  frontNeckDepth: {
    kind: "length",
    label: "Front neck depth",
    default: both(6, 15),
    range: [2, 14],
    why: "Down the centre from the top line.",
  },
  backNeckDepth: {
    kind: "length",
    label: "Back neck depth",
    default: both(1.5, 4),
    range: [0.5, 10],
    why: "Down the centre back from the top line.",
  },
  sleeveEnd: {
    kind: "length",
    label: "Sleeve ends at",
    default: "by-reading",
    options: { "by-reading": "Where it was read" },
    range: [3, 28],
    why: "Along the shoulder line that is carried on past the tip.",
  },
  grownDrop: {
    kind: "length",
    label: "Underarm below the chest line",
    default: both(2, 5),
    range: [0, 4],
    why: "Lower, it falls in softer folds and lifts with the arm.",
  },
  hemExtra: {
    kind: "length",
    label: "Hem wider than the hip, a quarter",
    default: both(2, 5),
    range: [-2, 10],
    why: "Straight from the hip to the hem.",
  },
  ...tableChoices,
} as const satisfies ChoiceDefinitions;

/** Readings it cannot be drawn without. */
export const grownNeeds: readonly MeasurementId[] = [
  "bust",
  "waist",
  "hip",
  "shoulder",
  "armhole",
  "frontWaist",
  "waistToHip",
  "fullLength",
  "upperArm",
  "elbow",
  "wrist",
  "sleeveLength",
  "shoulderToElbow",
];

/** Every house rule that it reads. */
export const grownRules: readonly RuleId[] = [
  "shoulderSlope",
  "ease.bust",
  "ease.waist",
  "ease.hip",
  "allowance.shoulder",
  "allowance.neck",
  "allowance.panel",
  "allowance.side",
  "allowance.hem",
  "shearsOrder",
  "tick",
];
