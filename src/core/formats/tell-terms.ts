import { CENTIMETRES_PER_INCH, type Inches, roundToStep, type Unit } from "../length";
import type { SheetTerm } from "./cut-sheet";

const SIXTEENTH: Inches = 1 / 16;
const MILLIMETRE: Inches = 0.1 / CENTIMETRES_PER_INCH;

/**
 * The terms of a sum as a person reads them: each to a sixteenth or a millimetre, and what that leaves over added to the
 * rounding, so that what is read still adds up to what is read below it. The sheet keeps its exact numbers.
 */
export function tellTerms(terms: readonly SheetTerm[], total: Inches, unit: Unit): readonly SheetTerm[] {
  const finest = unit === "in" ? SIXTEENTH : MILLIMETRE;
  const told = terms.map((term) => ({ ...term, value: roundToStep(term.value, finest) }));
  const sum = told.reduce((all, { value }) => all + value, 0);
  const rest = roundToStep(total, finest) - sum;
  const isRounding = ({ kind }: SheetTerm) => kind === "rounding";
  const rounded = told.some(isRounding)
    ? told.map((term) => (isRounding(term) ? { ...term, value: term.value + rest } : term))
    : [...told, { label: "To the tape", kind: "rounding" as const, value: rest, source: "tape" }];
  return rounded.filter((term) => !isRounding(term) || Math.abs(term.value) > finest / 2);
}
