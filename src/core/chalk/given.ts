import type { Estimate, Figure, MeasurementId } from "../body";
import { type Inches, roundToStep, type Tick, tickStep, type Unit } from "../length";
import { certain } from "../result";
import { type ResolvedRules, type RuleId, type RuleValue, ruleTick } from "../rules";
import type { ChoiceValues } from "./choice";
import type { TermCode } from "./codes";
import type { LateMeasures } from "./late";
import { type Sum, settle, type Term } from "./term";

/** A reading that a draft uses, with where it came from. */
export interface GivenMeasurement {
  readonly value: Inches;
  /** `derived` where the same length was read from its other end. */
  readonly from: "card" | "derived" | "estimate";
  readonly estimate?: Estimate;
  /** The wearer's left and right, where both were read. */
  readonly sides?: { readonly left: Inches; readonly right: Inches };
}

/** What a client's figure asks for on one line of one piece; never silent, always a term of its own. */
export interface FigureNote {
  readonly piece: string;
  readonly line: string;
  readonly amount: Inches;
  readonly why: string;
  /** Of the wearer; both where it is left out. */
  readonly side?: "both" | "left" | "right" | undefined;
}

/** Every number a recipe may ask for. Plain data: the same in the browser, on the server and in a worker. */
export interface Given {
  readonly unit: Unit;
  /** Whose card it is drawn from: what is usual and doubtful follows it. */
  readonly figure: Figure;
  /** Whether the rule set counts in round centimetres. */
  readonly metric: boolean;
  readonly measurements: Readonly<Partial<Record<MeasurementId, GivenMeasurement>>>;
  readonly rules: ResolvedRules;
  readonly choices: ChoiceValues;
  readonly figureNotes: readonly FigureNote[];
  /** Reaches only the length of an open edge: nothing else may know whether that was drawn or measured. */
  readonly late: LateMeasures;
  /** Of the main cloth, from selvedge to selvedge: how many strips a round takes, and how a ring is pieced. */
  readonly clothWidth: Inches;
}

export function givenTick(given: Given): Tick {
  return ruleTick(given.rules);
}

export function givenStep(given: Given): Inches {
  return tickStep(givenTick(given));
}

/** A reading settled on this shop's tape. */
export function settleOnTape(given: Given, terms: readonly Term[]): Sum {
  return settle(terms, givenStep(given));
}

/** A reading the garment has declared that it needs; asking for another is our own mistake. */
export function bodyValue(given: Given, id: MeasurementId): Inches {
  return certain(given.measurements[id], `the reading ${id}, declared by the garment`).value;
}

export function ruleValue(given: Given, id: RuleId): RuleValue {
  return given.rules[id].value;
}

/** Rules that are shared out or solved with before they reach the tape: nobody reads them there as they are. */
function isSharedOut(id: RuleId): boolean {
  return id.startsWith("ease.") || id === "armholeRoom";
}

/** A length that somebody chose, as this shop's tape shows it: a seam of 0.6 in is chalked at ⅝. */
export function onTape(given: Given, length: Inches): Inches {
  return roundToStep(length, givenStep(given));
}

/** The value of a rule that is always a length, or is one just now, as this shop's tape shows it. */
export function ruleLength(given: Given, id: RuleId): Inches {
  const value = ruleValue(given, id);
  if (typeof value !== "number") throw new Error(`expected rule ${id} to be a length, found ${String(value)}`);
  return isSharedOut(id) ? value : onTape(given, value);
}

/** A share of a body reading: `Bust girth ÷ 4`. */
export function bodyTerm(given: Given, id: MeasurementId, divisor: 1 | 2 | 4 | 6 = 1): Term {
  return {
    code: "body-share",
    about: { measurement: id, share: divisor, ...(given.figure.kind === "woman" ? {} : { figure: given.figure.kind }) },
    kind: "body",
    value: bodyValue(given, id) / divisor,
    source: `measurement:${id}`,
  };
}

/** A quarter of the whole body's ease; the label says both, so that nobody mistakes one for the other. */
export function easeTerm(given: Given, girth: "bust" | "waist" | "hip"): Term {
  const whole = ruleLength(given, `ease.${girth}`);
  return {
    code: "ease-quarter",
    about: { whole },
    kind: "ease",
    value: whole / 4,
    source: `rule:ease.${girth}`,
  };
}

export function ruleTerm(given: Given, id: RuleId, kind: Term["kind"] = "style"): Term {
  return { code: "house-rule", about: { rule: id }, kind, value: ruleLength(given, id), source: `rule:${id}` };
}

export function allowanceTerm(given: Given, id: RuleId & `allowance.${string}`): Term {
  return ruleTerm(given, id, "allowance");
}

export function turnTerm(term: Term, code = term.code): Term {
  return { ...term, code, value: -term.value };
}

/** Less than this no tape shows. */
export const NOTHING: Inches = 1 / 64;

/** What a take-out removed on a line, given back there by name; no term where a tape could not show it. */
export function givenBackTerms(takeOut: string, code: TermCode, amount: Inches): readonly Term[] {
  return amount < NOTHING ? [] : [{ code, kind: "given-back", value: amount, source: `take-out:${takeOut}` }];
}

/** The figure notes of the order for one line of one piece, as terms. */
export function figureNoteTerms(given: Given, piece: string, line: string): readonly Term[] {
  return given.figureNotes
    .filter((note) => note.piece === piece && note.line === line)
    .map((note) => ({
      code: "figure-note",
      about: { words: note.why },
      kind: "figure-note",
      value: note.amount,
      source: `figure-note:${piece}/${line}`,
    }));
}
