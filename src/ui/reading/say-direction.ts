import type { SheetStep } from "@/core/formats";
import { originNames } from "@/core/wording";

/** Where the tape starts and which way it goes, in words. */
export function sayDirection(step: SheetStep): string {
  if (step.direction === "outwards") return "outside the stitching line";
  const from = step.from === null ? "" : (originNames[step.from as keyof typeof originNames] ?? "");
  return step.direction === "across" || step.direction === "down" ? `${from}, ${step.direction}` : from;
}
