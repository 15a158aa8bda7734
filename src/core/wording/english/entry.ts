import { type FigureKind, type MeasurementId, measurementLabel, measurementTaken } from "../../body";
import { formatLengthWithUnit, type LengthProblem, type LengthProblemCode, type Unit } from "../../length";

const problems: Readonly<Record<LengthProblemCode, (typed: string) => string>> = {
  empty: () => "is empty. Write a length like 38 1/2 or 97,5 cm.",
  "not-a-length": (typed) => `“${typed}” is not a length. Write it like 38, 38.5, 38 1/2 or 97,5 cm.`,
  negative: () => "is less than nothing. A reading starts at the tape's end: write it without the minus.",
  zero: () => "is zero. Leave it out if it was not taken.",
  "more-than-whole": (typed) => `“${typed}” has a fraction of more than one. Write the whole inches first: 50 1/2.`,
  thousands: (typed) => `“${typed}” may be a thousand, or one and nothing. Write it with a point: 1.0, or 1000.`,
  "feet-then-inches": (typed) => `“${typed}” is not a length. After feet come less than twelve inches: 5' 4 1/2".`,
  "divided-by-zero": (typed) => `“${typed}” divides by nothing. Write the fraction like 1/2.`,
};

/** A reading that was read wrong, with its field's name first. */
export function wordLengthProblem(field: string, problem: LengthProblem): string {
  const typed = problem.typed.length > 40 ? `${problem.typed.slice(0, 40)}…` : problem.typed;
  return `${field} ${problems[problem.code](typed)}`;
}

export function wordAbsurdReading(label: string, value: number, guess: number | undefined, unit: Unit): string {
  const meant = guess === undefined ? "Measure it again." : `Did you mean ${formatLengthWithUnit(guess, unit)}?`;
  return `${label}, ${formatLengthWithUnit(value, unit)}, is no body's. ${meant}`;
}

/** Left and right typed for a reading that goes round the body, or along its middle. */
export function wordNotSided(label: string): string {
  return `${label} is one number for both sides. Left and right are told of an arm, a leg, or a length at one side.`;
}

export function wordMissingReading(id: MeasurementId, figure: FigureKind = "woman"): string {
  return `${measurementLabel(id, figure)} is missing. It is taken ${measurementTaken(id, figure)}.`;
}
