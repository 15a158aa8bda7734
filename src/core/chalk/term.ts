import type { FigureKind, MeasurementId } from "../body";
import { type Inches, roundToStep } from "../length";
import type { RuleId } from "../rules";
import type { TermCode } from "./codes";

/** What a term stands for: how the sum of a mark is told apart on the tape. */
export const termKinds = [
  "body",
  "ease",
  "style",
  "given-back",
  "figure-note",
  "allowance",
  "trued",
  "drawn",
  "rounding",
] as const;

export type TermKind = (typeof termKinds)[number];

/** Names and numbers that a term's words need. */
export interface TermAbout {
  readonly measurement?: MeasurementId;
  /** Whose reading it is; a woman's where it is left out. */
  readonly figure?: FigureKind;
  /** One over which share of the reading it is. */
  readonly share?: 1 | 2 | 4 | 6;
  /** The whole of which a quarter is told. */
  readonly whole?: Inches;
  readonly rule?: RuleId;
  readonly count?: number;
  /** A person's own words: of a figure note. */
  readonly words?: string;
}

/** One named part of a reading: `Bust ÷ 4`, body, 10.375, from the card's bust. */
export interface Term {
  readonly code: TermCode;
  readonly about?: TermAbout;
  readonly kind: TermKind;
  readonly value: Inches;
  /** Where the number came from: `measurement:bust`, `rule:ease.bust`, `choice:neckWidth`, `take-out:zip-hollow`, `tape`. */
  readonly source: string;
}

/** A reading with its parts; the value is their sum exactly. */
export interface Sum {
  readonly value: Inches;
  readonly terms: readonly Term[];
}

export function addTerms(terms: readonly Term[]): Inches {
  return terms.reduce((sum, term) => sum + term.value, 0);
}

/**
 * A reading settled on the tape: the sum rounded once to `step`, the rounding itself a term when it is not zero,
 * so that the terms always add up to what is chalked.
 */
export function settle(terms: readonly Term[], step: Inches): Sum {
  const exact = addTerms(terms);
  const value = roundToStep(exact, step);
  const rest = value - exact;
  if (Math.abs(rest) < 1e-9) return { value, terms };
  return { value, terms: [...terms, { code: "nearest-tick", kind: "rounding", value: rest, source: "tape" }] };
}
