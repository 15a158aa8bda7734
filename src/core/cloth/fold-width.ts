import type { Inches } from "../length";
import type { FoldGroup } from "./fold-plan";
import { type LayUnit, unitSize } from "./lay-unit";

/** A unit is cut no nearer to the open edge of its doubled part than this, where the cloth allows it. */
const LEAST_MARGIN: Inches = 0.0625;

/** What must be known to fold for a group: how wide its doubled part wants to be, and how wide it must be. */
export interface WidthNeed {
  readonly wanted: Inches;
  readonly least: Inches;
}

export function widthNeed(group: FoldGroup, unit: LayUnit): WidthNeed {
  const least = unitSize(unit).width + LEAST_MARGIN;
  return { wanted: Math.max(group.foldedWidth, least), least };
}

/** The doubled part that a group gets: with its margin if it can, without if it must; null when it does not fit at all. */
export function doubledWidth(need: WidthNeed, usable: Inches): Inches | null {
  if (need.wanted <= usable / 2) return need.wanted;
  return need.least <= usable / 2 ? usable / 2 : null;
}
