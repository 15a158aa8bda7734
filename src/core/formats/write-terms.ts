import type { Term } from "../chalk";
import type { Unit } from "../length";
import { wordTerm } from "../wording";
import type { SheetTerm } from "./cut-sheet";

/** Terms with their words: the sheet is read by people and by other programs. */
export function writeTerms(terms: readonly Term[], unit: Unit): SheetTerm[] {
  return terms.map((term) => ({
    label: wordTerm(term, unit),
    kind: term.kind,
    value: term.value,
    source: term.source,
  }));
}
