import type { Side } from "../blocks";
import { type Given, givenBackTerms, type LineId, ruleValue, type Term } from "../chalk";
import type { Inches } from "../length";
import { HOLLOW, isHollowGivenBack } from "./centre-line";
import type { CentrePlan } from "./centre-plan";
import type { HalfStart } from "./half-start";
import type { PanelPlan, PanelShape } from "./panel-plan";
import type { WaistDart } from "./waist-dart";

/** Cloth that a half takes out, and how it is given back. */
export interface TakenOut {
  readonly id: string;
  readonly why: string;
  readonly label: string;
  readonly removedAt: (down: Inches) => Inches;
  /** Given back on a line instead of what is removed there (house habit, or a style that is not given back). */
  readonly insteadOn: Readonly<Partial<Record<LineId, { readonly amount: Inches; readonly why: string }>>>;
}

export function dartTakenOut(side: Side, dart: WaistDart | null): readonly TakenOut[] {
  if (dart === null) return [];
  const { removedAt } = dart;
  return [{ id: `${side}-waist-dart`, why: "waist dart", label: "Waist dart given back", removedAt, insteadOn: {} }];
}

export function hollowTakenOut(given: Given, centre: CentrePlan): readonly TakenOut[] {
  if (centre.kind !== "zip" && centre.kind !== "seam") return [];
  const insteadOn = isHollowGivenBack(given)
    ? {}
    : { waist: { amount: 0, why: "zip hollow, by house rule not given back" } };
  return [{ id: HOLLOW, why: "zip hollow", label: "Zip hollow given back", removedAt: centre.removedAt, insteadOn }];
}

const upperNames = {
  armhole: "Armhole take-out",
  shoulder: "Shoulder take-out",
  yoke: "Take-out below the yoke",
} as const;

/**
 * What is given back at the ribs instead of what is removed there: less by a tightening; and where the body does not
 * close round the ribs, what the straight side from bust to waist happens to give.
 */
function insteadAtRibs(
  { form, lines, side }: HalfStart,
  plan: PanelPlan,
  shape: Pick<PanelShape, "removedAt">,
): TakenOut["insteadOn"] {
  const [ribs, waist] = [lines.underbust?.value, lines.waist?.value];
  if (ribs === undefined) return {};
  if (!form.fitsRibs && waist !== undefined && side === "front") {
    const share = (ribs - plan.bustDown) / (waist - plan.bustDown);
    return { underbust: { amount: share * shape.removedAt(waist), why: "the side runs straight past the ribs" } };
  }
  const tight = plan.tightening.inner + plan.tightening.outer;
  return tight > 0
    ? { underbust: { amount: shape.removedAt(ribs) - tight, why: "rib line tightened, not given back" } }
    : {};
}

/** What a panel takes out, above and below the bust line told apart. */
export function panelTakenOut(
  start: HalfStart,
  plan: PanelPlan,
  shape: Pick<PanelShape, "removedAt">,
): readonly TakenOut[] {
  const { given, side } = start;
  const name = side === "back" ? "Back panel take-out" : upperNames[plan.kind];
  const intake = plan.upper.inner + plan.upper.outer;
  const whole = ruleValue(given, "giveBack") === "whole" && intake > 0;
  const bustDown = plan.bustDown;
  return [
    {
      id: `${side}-${plan.kind}-take-out`,
      why: name.toLowerCase(),
      label: `${name} given back`,
      removedAt: (down) => (down <= bustDown ? shape.removedAt(down) : 0),
      insteadOn: whole ? { chest: { amount: intake, why: `${name.toLowerCase()} given back whole` } } : {},
    },
    {
      id: `${side}-underbust-take-out`,
      why: side === "front" ? "under-bust take-out" : "waist take-out of the back panel",
      label: side === "front" ? "Under-bust take-out given back" : "Back panel's waist given back",
      removedAt: (down) => (down > bustDown ? shape.removedAt(down) : 0),
      insteadOn: insteadAtRibs(start, plan, shape),
    },
  ];
}

/** What the take-outs of a half are given back on a line. */
export function givenBackOn(takenOut: readonly TakenOut[], line: LineId, level: Inches): readonly Term[] {
  return takenOut.flatMap(({ id, label, removedAt, insteadOn }) =>
    givenBackTerms(id, label, insteadOn[line]?.amount ?? removedAt(level)),
  );
}
