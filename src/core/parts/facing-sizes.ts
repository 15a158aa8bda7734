import type { Given } from "../chalk";
import { both, type Inches, pickSystem } from "../length";

/** How deep a facing of the armhole is. */
const ARMHOLE_DEPTH = both(2, 5);
/** With less shoulder than this one facing serves neck and armhole. */
const LEAST_FOR_TWO = both(3, 7.5);

export function armholeFacingDepth({ metric }: Pick<Given, "metric">): Inches {
  return pickSystem(ARMHOLE_DEPTH, metric);
}

/** Whether a shoulder of such a length, sewn, carries one facing for neck and armhole (craft: collars, facings). */
export function isForOneFacing({ metric }: Pick<Given, "metric">, shoulder: Inches): boolean {
  return shoulder < pickSystem(LEAST_FOR_TWO, metric);
}
