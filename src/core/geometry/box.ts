import type { Inches } from "../length";
import type { Point } from "./point";

/** The upright box round some points. */
export interface Box {
  readonly left: Inches;
  readonly top: Inches;
  readonly right: Inches;
  readonly bottom: Inches;
}

export function boxOf(points: readonly Point[]): Box {
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  return { left: Math.min(...xs), top: Math.min(...ys), right: Math.max(...xs), bottom: Math.max(...ys) };
}
