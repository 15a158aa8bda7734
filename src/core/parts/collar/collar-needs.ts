import type { ChoiceValues } from "../../chalk";
import type { RuleId } from "../../rules";
import { type CollarKind, collarKinds } from "./collar-kinds";

/** The collar that was chosen; null where there is none. */
export function collarKind({ collar }: ChoiceValues): CollarKind | null {
  return collarKinds.find((kind) => kind === collar) ?? null;
}

/** Every house rule that a collar may read. */
export const collarRules: readonly RuleId[] = [
  "neckLine",
  "turnOfCloth",
  "lapelWidthFrom",
  "allowance.collar",
  "allowance.neck",
  "allowance.panel",
  "tick",
];
