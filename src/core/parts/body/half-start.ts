import type { Side } from "../../blocks";
import type { Given } from "../../chalk";
import type { Inches } from "../../length";
import type { BodyForm } from "./body-form";
import type { LowerLines } from "./body-lines";
import type { CentrePlan } from "./centre-plan";
import type { PanelPlan } from "./panel-plan";

/** One half as far as it is settled before its armhole: rules, choices, lines below the chest, and its centre. */
export interface HalfStart {
  readonly given: Given;
  readonly form: BodyForm;
  readonly side: Side;
  readonly lines: LowerLines;
  readonly centre: CentrePlan;
  /** Where the origin runs at a depth: 0 but for a contoured centre back. */
  readonly contour: (down: Inches) => Inches;
  /** Whether the bust dart will be closed into this half's panel seam. */
  readonly movesDart: boolean;
}

/** No width at any depth. */
export const NO_ROOM = () => 0;

/** What kind of panel a half has; null for none. */
export function panelKind(form: BodyForm, side: Side): PanelPlan["kind"] | null {
  const kind = side === "front" ? form.panel : form.backPanel;
  return kind === "none" ? null : kind;
}
