import { type Estimate, type MeasurementId, measurements } from "../body";
import { formatLength, type Inches, type Tick, tickStep, type Unit } from "../length";
import { certain } from "../result";
import { type ResolvedRules, type RuleId, type RuleValue, ruleDefinition, ruleTick } from "../rules";
import type { ChoiceValues } from "./choice";
import { type Sum, settle, type Term } from "./term";

/** A reading that a draft uses, with where it came from. */
export interface GivenMeasurement {
  readonly value: Inches;
  readonly from: "card" | "estimate";
  readonly estimate?: Estimate;
}

/** What a client's figure asks for on one line of one piece; never silent, always a term of its own. */
export interface FigureNote {
  readonly piece: string;
  readonly line: string;
  readonly amount: Inches;
  readonly why: string;
}

/** Every number a recipe may ask for. Plain data: the same in the browser, on the server and in a worker. */
export interface Given {
  readonly unit: Unit;
  /** Whether the rule set counts in round centimetres. */
  readonly metric: boolean;
  readonly measurements: Readonly<Partial<Record<MeasurementId, GivenMeasurement>>>;
  readonly rules: ResolvedRules;
  readonly choices: ChoiceValues;
  readonly figureNotes: readonly FigureNote[];
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

/** The value of a rule that is always a length, or is one just now. */
export function ruleLength(given: Given, id: RuleId): Inches {
  const value = ruleValue(given, id);
  if (typeof value !== "number") throw new Error(`expected rule ${id} to be a length, found ${String(value)}`);
  return value;
}

const SHARES: Readonly<Record<number, string>> = { 1: "", 2: " ÷ 2", 4: " ÷ 4", 6: " ÷ 6" };

/** A share of a body reading: `Bust girth ÷ 4`. */
export function bodyTerm(given: Given, id: MeasurementId, divisor: 1 | 2 | 4 | 6 = 1): Term {
  return {
    label: `${measurements[id].label}${SHARES[divisor] ?? ""}`,
    kind: "body",
    value: bodyValue(given, id) / divisor,
    source: `measurement:${id}`,
  };
}

/** A quarter of the whole body's ease; the label says both, so that nobody mistakes one for the other. */
export function easeTerm(given: Given, girth: "bust" | "waist" | "hip"): Term {
  const whole = ruleLength(given, `ease.${girth}`);
  return {
    label: `Ease, a quarter of ${formatLength(whole, given.unit)}`,
    kind: "ease",
    value: whole / 4,
    source: `rule:ease.${girth}`,
  };
}

export function ruleTerm(given: Given, id: RuleId, kind: Term["kind"] = "style"): Term {
  return { label: ruleDefinition(id).label, kind, value: ruleLength(given, id), source: `rule:${id}` };
}

export function allowanceTerm(given: Given, id: RuleId & `allowance.${string}`): Term {
  return ruleTerm(given, id, "allowance");
}

export function turnTerm(term: Term, label = term.label): Term {
  return { ...term, label, value: -term.value };
}

/** Less than this no tape shows. */
export const NOTHING: Inches = 1 / 64;

/** What a take-out removed on a line, given back there by name; no term where a tape could not show it. */
export function givenBackTerms(takeOut: string, label: string, amount: Inches): readonly Term[] {
  return amount < NOTHING ? [] : [{ label, kind: "given-back", value: amount, source: `take-out:${takeOut}` }];
}

/** The figure notes of the order for one line of one piece, as terms. */
export function figureNoteTerms(given: Given, piece: string, line: string): readonly Term[] {
  return given.figureNotes
    .filter((note) => note.piece === piece && note.line === line)
    .map((note) => ({
      label: note.why,
      kind: "figure-note",
      value: note.amount,
      source: `figure-note:${piece}/${line}`,
    }));
}
