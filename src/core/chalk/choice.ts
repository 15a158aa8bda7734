import { type BothUnits, type Inches, pickSystem } from "../length";

interface ChoiceBase {
  readonly label: string;
  readonly why: string;
  /** The values of other choices under which it matters; left out where it always does. */
  readonly when?: Readonly<Record<string, readonly (string | boolean)[]>>;
}

/** One of several named ways. */
export interface OptionChoice extends ChoiceBase {
  readonly kind: "option";
  readonly options: Readonly<Record<string, string>>;
  readonly default: string;
}

export interface LengthChoice extends ChoiceBase {
  readonly kind: "length";
  /** A length of its own in either system, or one of its named ways. */
  readonly default: BothUnits | string;
  /** Named ways beside a length; left out where there are none. */
  readonly options?: Readonly<Record<string, string>>;
  /** Least and most, in inches. */
  readonly range: readonly [number, number];
}

export interface FlagChoice extends ChoiceBase {
  readonly kind: "flag";
  readonly default: boolean;
}

/** Something the client decides about a garment. */
export type ChoiceDefinition = OptionChoice | LengthChoice | FlagChoice;

export type ChoiceDefinitions = Readonly<Record<string, ChoiceDefinition>>;

/** A decided choice: an option's id, yes or no, or a length in inches. */
export type ChoiceValue = string | boolean | Inches;

export type ChoiceValues = Readonly<Record<string, ChoiceValue>>;

/** Whether a choice matters under what else is chosen: it is asked, and shown, only then. */
export function isAsked(
  { when = {} }: { readonly when?: ChoiceDefinition["when"] | undefined },
  values: ChoiceValues,
): boolean {
  return Object.entries(when).every(([id, matters]) => matters.some((value) => value === values[id]));
}

export function choiceDefault(choice: ChoiceDefinition, metric: boolean): ChoiceValue {
  const { default: usual } = choice;
  return typeof usual === "object" ? pickSystem(usual, metric) : usual;
}

export type ChoiceProblemCode = "not-an-option" | "not-a-length" | "out-of-range" | "not-yes-or-no";

export interface ChoiceProblem {
  readonly code: ChoiceProblemCode;
  readonly choice: string;
  readonly value: ChoiceValue;
  readonly options: readonly string[];
  readonly range?: readonly [Inches, Inches];
  readonly nearest: ChoiceValue;
}

function optionProblem(id: string, choice: OptionChoice, value: ChoiceValue): ChoiceProblem | undefined {
  const options = Object.keys(choice.options);
  if (typeof value === "string" && options.includes(value)) return undefined;
  return { code: "not-an-option", choice: id, value, options, nearest: choice.default };
}

function lengthProblem(id: string, choice: LengthChoice, value: ChoiceValue): ChoiceProblem | undefined {
  const [least, most] = choice.range;
  const options = Object.keys(choice.options ?? {});
  if (typeof value === "string" && options.includes(value)) return undefined;
  const base = { choice: id, value, options, range: choice.range };
  const usual = typeof choice.default === "object" ? choice.default.inches : choice.default;
  if (typeof value !== "number" || !Number.isFinite(value)) return { ...base, code: "not-a-length", nearest: usual };
  if (value < least - 1e-9 || value > most + 1e-9)
    return { ...base, code: "out-of-range", nearest: value < least ? least : most };
  return undefined;
}

/** Whether a choice can have this value; the problem with what would do when it cannot. */
export function checkChoice(id: string, choice: ChoiceDefinition, value: ChoiceValue): ChoiceProblem | undefined {
  switch (choice.kind) {
    case "option":
      return optionProblem(id, choice, value);
    case "length":
      return lengthProblem(id, choice, value);
    case "flag":
      return typeof value === "boolean"
        ? undefined
        : { code: "not-yes-or-no", choice: id, value, options: [], nearest: choice.default };
    default:
      return choice satisfies never;
  }
}
