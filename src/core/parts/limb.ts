import { bodyValue, type Given } from "../chalk";
import type { Inches } from "../length";

/** How long the arm was read, from the shoulder tip; null where it was not. */
export function armLong(given: Given): Inches | null {
  return given.measurements.sleeveLength === undefined ? null : bodyValue(given, "sleeveLength");
}

/**
 * Round the arm so far down from the shoulder tip: upper arm, elbow and wrist where they lie, straight between (craft:
 * sleeves, the block). Inches.
 *
 * @param armAt how far down the upper arm was measured
 */
export function limbAt(given: Given, armAt: Inches, down: Inches): Inches {
  const elbowDown = bodyValue(given, "shoulderToElbow");
  const [arm, elbow] = [bodyValue(given, "upperArm"), bodyValue(given, "elbow")];
  const between = (from: Inches, to: Inches, start: Inches, end: Inches) =>
    from + (to - from) * Math.min(1, Math.max(0, (down - start) / Math.max(1e-6, end - start)));
  const long = armLong(given);
  if (down <= elbowDown || long === null) return between(arm, elbow, armAt, elbowDown);
  return between(elbow, bodyValue(given, "wrist"), elbowDown, long);
}
