import type { Side } from "../../blocks";
import {
  type DeclaredCode,
  type Given,
  givenBackTerms,
  type LineId,
  ruleValue,
  type TakeOutCode,
  type Term,
  type TermCode,
} from "../../chalk";
import type { Inches } from "../../length";
import { HOLLOW } from "../hollow";
import { isHollowGivenBack } from "./centre-line";
import type { CentrePlan } from "./centre-plan";
import type { HalfStart } from "./half-start";
import type { PanelPlan, PanelShape } from "./panel-plan";
import type { WaistDart } from "./waist-dart";

/** Cloth that a half takes out, and how it is given back. */
export interface TakenOut {
  readonly id: string;
  readonly why: TakeOutCode;
  /** The term with which it is given back. */
  readonly code: TermCode;
  readonly removedAt: (down: Inches) => Inches;
  /** Given back on a line instead of what is removed there (house habit, or a style that is not given back). */
  readonly insteadOn: Readonly<Partial<Record<LineId, { readonly amount: Inches; readonly why: DeclaredCode }>>>;
}

export function dartTakenOut(side: Side, dart: WaistDart | null): readonly TakenOut[] {
  if (dart === null) return [];
  const { removedAt } = dart;
  return [{ id: `${side}-waist-dart`, why: "waist-dart", code: "waist-dart-given-back", removedAt, insteadOn: {} }];
}

export function hollowTakenOut(given: Given, centre: CentrePlan): readonly TakenOut[] {
  if (centre.kind !== "zip" && centre.kind !== "seam") return [];
  const insteadOn: TakenOut["insteadOn"] = isHollowGivenBack(given)
    ? {}
    : { waist: { amount: 0, why: "not-given-back-by-rule" } };
  return [{ id: HOLLOW, why: "zip-hollow", code: "zip-hollow-given-back", removedAt: centre.removedAt, insteadOn }];
}

const upperNames = {
  armhole: "armhole-take-out",
  shoulder: "shoulder-take-out",
  yoke: "yoke-take-out",
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
    return { underbust: { amount: share * shape.removedAt(waist), why: "runs-past-ribs" } };
  }
  const tight = plan.tightening.inner + plan.tightening.outer;
  return tight > 0 ? { underbust: { amount: shape.removedAt(ribs) - tight, why: "ribs-tightened" } } : {};
}

/** The habit gives a whole intake back on the chest line, and on every line less than this below it: else the side could not run down. */
const NEAR_CHEST: Inches = 2;

/** Whether the house gives the whole upper intake back (rule `giveBack`). */
function givesBackWhole(given: Given, plan: PanelPlan): boolean {
  return ruleValue(given, "giveBack") === "whole" && plan.upper.inner + plan.upper.outer > 0;
}

/** What a panel's upper take-out is given back at the underarm: what it removes there, or by habit all of it. */
export function givenBackAtUnderarm(given: Given, plan: PanelPlan, removed: Inches): Inches {
  return givesBackWhole(given, plan) ? plan.upper.inner + plan.upper.outer : removed;
}

function insteadWhole({ given, lines }: HalfStart, plan: PanelPlan): TakenOut["insteadOn"] {
  if (!givesBackWhole(given, plan)) return {};
  const near = (["bust", "underbust", "waist"] as const).filter((line) => {
    const down = lines[line]?.value;
    return down !== undefined && down < plan.underarmDown + NEAR_CHEST;
  });
  const back = { amount: plan.upper.inner + plan.upper.outer, why: "given-back-whole" as const };
  return Object.fromEntries((["chest", ...near] as const).map((line) => [line, back]));
}

/** What a panel takes out, above and below the bust line told apart. */
export function panelTakenOut(
  start: HalfStart,
  plan: PanelPlan,
  shape: Pick<PanelShape, "removedAt">,
): readonly TakenOut[] {
  const { side } = start;
  const name = side === "back" ? "back-panel-take-out" : upperNames[plan.kind];
  const bustDown = plan.bustDown;
  return [
    {
      id: `${side}-${plan.kind}-take-out`,
      why: name,
      code: `${name}-given-back`,
      removedAt: (down) => (down <= bustDown ? shape.removedAt(down) : 0),
      insteadOn: insteadWhole(start, plan),
    },
    {
      id: `${side}-underbust-take-out`,
      why: side === "front" ? "under-bust-take-out" : "back-panel-waist",
      code: side === "front" ? "under-bust-take-out-given-back" : "back-panel-waist-given-back",
      removedAt: (down) => (down > bustDown ? shape.removedAt(down) : 0),
      insteadOn: insteadAtRibs(start, plan, shape),
    },
  ];
}

/** What the take-outs of a half are given back on a line. */
export function givenBackOn(takenOut: readonly TakenOut[], line: LineId, level: Inches): readonly Term[] {
  return takenOut.flatMap(({ id, code, removedAt, insteadOn }) =>
    givenBackTerms(id, code, insteadOn[line]?.amount ?? removedAt(level)),
  );
}
