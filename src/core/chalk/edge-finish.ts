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

/** What lies beyond the sewn neck: nothing where it is bound. */
export function neckTerm(given: Given): Term {
  const seam = allowanceTerm(given, "allowance.neck");
  return given.choices.neckFinish === "binding" ? { ...seam, value: 0 } : seam;
}

export function neckAllowance(given: Given): Inches {
  return neckTerm(given).value;
}
