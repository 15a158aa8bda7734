import { formatLengthWithUnit, type Unit } from "@/core/length";
import type { RuleValue } from "@/core/rules";
import type { Decision } from "@/server/garment-decisions";

/** A rule's value in a few words. */
export function sayRule({ options }: Pick<Decision, "options">, value: RuleValue | undefined, unit: Unit): string {
  if (value === undefined) return "";
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (typeof value === "number") return formatLengthWithUnit(value, unit);
  return options?.find(({ id }) => id === value)?.label ?? value;
}

/** How far a rule goes, in words; empty for one that has only named ways. */
export function sayRange({ range }: Pick<Decision, "range">, unit: Unit): string {
  if (range === null) return "";
  return `From ${formatLengthWithUnit(range[0], unit)} to ${formatLengthWithUnit(range[1], unit)}.`;
}
