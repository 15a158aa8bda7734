import type { Inches } from "../length";

/** Two readings of one girth that differ by more than this want a third (craft: measuring, "Entry"). */
export const APART_AT_MOST: Inches = 0.5;

/** A reading that was taken more than once, settled. */
export interface SettledReading {
  readonly value: Inches;
  /** The widest difference between them; 0 for a single one. */
  readonly apart: Inches;
  /** Two readings that differ too much: until there is a third, nobody knows which to believe. */
  readonly wantsThird: boolean;
}

/**
 * One reading out of one, two, or more: the middle one. Of two that agree, halfway; of two that do not, halfway as well,
 * but a third is asked for.
 *
 * @param values at least one, in inches
 */
export function settleRepeated(values: readonly Inches[]): SettledReading {
  const sorted = [...values].sort((a, b) => a - b);
  const lower = sorted[Math.floor((sorted.length - 1) / 2)] ?? Number.NaN;
  const upper = sorted[Math.floor(sorted.length / 2)] ?? Number.NaN;
  const apart = (sorted.at(-1) ?? 0) - (sorted[0] ?? 0);
  return { value: (lower + upper) / 2, apart, wantsThird: values.length === 2 && apart > APART_AT_MOST };
}

/** The readings in a field: each after the first follows a semicolon, since a comma may be a decimal one. */
export function splitRepeated(typed: string): readonly string[] {
  const parts = typed
    .split(";")
    .map((part) => part.trim())
    .filter((part) => part !== "");
  return parts.length === 0 ? [typed] : parts;
}
