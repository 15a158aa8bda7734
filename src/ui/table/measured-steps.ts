import type { SheetStep } from "@/core/formats";

/** Steps whose number is the thing to chalk; others are told in words. */
const MEASURED = new Set([
  "top-line",
  "zip-line",
  "guide-line",
  "mark",
  "centre-mark",
  "plumb",
  "drop",
  "scoop",
  "lengthen",
  "allowance",
  "fold-in",
  "fold-again",
  "fold-gate",
  "notch",
]);

export function isMeasured(step: SheetStep): boolean {
  return step.reading !== null && step.reading > 0 && MEASURED.has(step.act);
}
