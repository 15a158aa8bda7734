import { both, type Inches, pickSystem, roundToStep } from "../length";
import { allowanceTerm, type Given, givenStep } from "./given";
import type { Term } from "./term";

/** A bare armhole lies closer than one with a sleeve: more room than this gapes and shows (craft: bodice, armholes without a sleeve). */
export const MOST_ROOM_BARE: Inches = 2;

/** How an armhole ends: left for a sleeve, or finished without one. */
export const armholeFinishes = ["sleeve", "faced", "bound"] as const;
export type ArmholeFinish = (typeof armholeFinishes)[number];

export function armholeFinish({ choices }: Pick<Given, "choices">): ArmholeFinish {
  if (choices.sleeve !== undefined && choices.sleeve !== "none") return "sleeve";
  return armholeFinishes.find((finish) => finish === choices.armholeFinish) ?? "sleeve";
}

export function isSleeveless(given: Given): boolean {
  return armholeFinish(given) !== "sleeve";
}

/** What lies beyond the sewn armhole: as good as nothing where it is bound, whose cut edge is the finished edge. */
export function armholeTerm(given: Given): Term {
  return allowanceTerm(given, armholeFinish(given) === "bound" ? "allowance.binding" : "allowance.armhole");
}

export function armholeAllowance(given: Given): Inches {
  return armholeTerm(given).value;
}

/** How a neck ends that no collar is sewn round: a cape lies on the body, and leaves it to be finished. */
export function neckFinish({ choices: { collar = "none", neckFinish = "none" } }: Pick<Given, "choices">): string {
  return collar === "none" || collar === "cape" ? String(neckFinish) : "none";
}

/** A binding is sewn on so far inside the edge that it wraps. */
const BINDING_WRAPS = both(0.25, 0.6);

/** What lies beyond the sewn neck: as good as nothing where it is bound, but what the binding wraps where the chalk is cut. */
export function neckTerm(given: Given): Term {
  if (neckFinish(given) !== "binding") return allowanceTerm(given, "allowance.neck");
  const seam = allowanceTerm(given, "allowance.binding");
  if (given.rules.neckLine.value !== "cutting") return seam;
  return {
    ...seam,
    value: Math.max(seam.value, roundToStep(pickSystem(BINDING_WRAPS, given.metric), givenStep(given))),
  };
}

export function neckAllowance(given: Given): Inches {
  return neckTerm(given).value;
}

/**
 * How far the sewn neck lies inside the chalked one, by the house's habit of cutting on the chalk: by its seam, or by
 * what a binding wraps. No term where the chalked neck is sewn.
 */
export function neckInside(given: Given): readonly Term[] {
  if (given.rules.neckLine.value !== "cutting") return [];
  const { value, source } = neckTerm(given);
  return [{ code: "neck-seam-inside", kind: "allowance", value, source }];
}
