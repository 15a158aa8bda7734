import { fromCentimetres, type Inches } from "./units";

/** What the shop's tape shows: chalk is only ever set on a tick. */
export const ticks = {
  "1/8": { label: "eighth of an inch", step: 1 / 8 },
  "1/4": { label: "quarter of an inch", step: 1 / 4 },
  "0.5cm": { label: "half centimetre", step: fromCentimetres(0.5) },
  none: { label: "no rounding", step: 0 },
} as const;

export type Tick = keyof typeof ticks;

/** Corrections that true a seam, and radii, are finer than the tape: 1/32 keeps seams within 1/16 (craft: house rules, tolerances). */
export const TRUEING_STEP: Inches = 1 / 32;

export function tickStep(tick: Tick): Inches {
  return ticks[tick].step;
}

/**
 * The nearest multiple of `step`; half way goes up. A step of 0 rounds nothing.
 * The small lift keeps 10.375 / 0.125 from falling under its whole number.
 */
export function roundToStep(value: Inches, step: Inches): Inches {
  if (step === 0) return value;
  return Math.floor(value / step + 0.5 + 1e-9) * step;
}

export function roundUpToStep(value: Inches, step: Inches): Inches {
  if (step === 0) return value;
  return Math.ceil(value / step - 1e-9) * step;
}

export function roundDownToStep(value: Inches, step: Inches): Inches {
  if (step === 0) return value;
  return Math.floor(value / step + 1e-9) * step;
}

/** Whether a length is at most another: 88.9 and 78.74 cm are exactly 4 in apart however they were typed. */
export function isAtMost(value: Inches, most: Inches): boolean {
  return value <= most + 1e-6;
}
