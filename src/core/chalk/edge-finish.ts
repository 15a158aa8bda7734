import type { Inches } from "../length";
import { allowanceTerm, type Given } from "./given";
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

/** What lies beyond the sewn armhole: nothing where it is bound, whose cut edge is the finished edge. */
export function armholeTerm(given: Given): Term {
  const seam = allowanceTerm(given, "allowance.armhole");
  return armholeFinish(given) === "bound" ? { ...seam, value: 0 } : seam;
}

export function armholeAllowance(given: Given): Inches {
  return armholeTerm(given).value;
}

/** How a neck ends that no collar is sewn round: a cape lies on the body, and leaves it to be finished. */
export function neckFinish({ choices: { collar = "none", neckFinish = "none" } }: Pick<Given, "choices">): string {
  return collar === "none" || collar === "cape" ? String(neckFinish) : "none";
}

/** What lies beyond the sewn neck: nothing where it is bound. */
export function neckTerm(given: Given): Term {
  const seam = allowanceTerm(given, "allowance.neck");
  return neckFinish(given) === "binding" ? { ...seam, value: 0 } : seam;
}

export function neckAllowance(given: Given): Inches {
  return neckTerm(given).value;
}

/**
 * How far the sewn neck lies inside the chalked one, by the house's habit of cutting on the chalk; no term where the
 * chalked neck is sewn, or where it is bound and its cut edge is the finished one.
 */
export function neckInside(given: Given): readonly Term[] {
  if (given.rules.neckLine.value !== "cutting") return [];
  const { value, source } = neckTerm(given);
  return value === 0 ? [] : [{ code: "neck-seam-inside", kind: "allowance", value, source }];
}
