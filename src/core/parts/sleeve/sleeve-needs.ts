import type { MeasurementId } from "../../body";
import type { ChoiceValues } from "../../chalk";
import type { RuleId } from "../../rules";
import { type SleeveKind, sleeveKinds } from "./sleeve-kinds";

/** The sleeve that was chosen; null where there is none. */
export function sleeveKind({ sleeve }: ChoiceValues): SleeveKind | null {
  return sleeveKinds.find((kind) => kind === sleeve) ?? null;
}

const ABOVE_ELBOW: ReadonlySet<SleeveKind> = new Set(["cap", "short", "puff", "tie-band", "petal"]);

/** Readings a sleeve cannot be drawn without. One that ends above the elbow asks for no length: it is told where it ends. */
export function sleeveNeeds(choices: ChoiceValues): readonly MeasurementId[] {
  const kind = sleeveKind(choices);
  if (kind === null) return [];
  const end = choices.sleeveEnd;
  const short = ABOVE_ELBOW.has(kind) && (typeof end !== "number" || end < 12);
  if (kind === "cap") return ["upperArm"];
  return ["upperArm", "elbow", "shoulderToElbow", ...(short ? [] : (["wrist", "sleeveLength"] as const))];
}

/** Every house rule that a sleeve may read. */
export const sleeveRules: readonly RuleId[] = [
  "capHeight",
  "halfArmhole",
  "capEase",
  "sleeveRoom",
  "armholeSource",
  "sleeveNotch",
  "capBow",
  "elasticLess",
  "allowance.placket",
  "allowance.armhole",
  "allowance.side",
  "allowance.hem",
  "allowance.sleeveHem",
  "shearsOrder",
  "tick",
];
