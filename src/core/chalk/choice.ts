import { type BothUnits, CENTIMETRES_PER_INCH, type Inches, pickSystem } from "../length";

interface ChoiceBase {
  readonly label: string;
  readonly why: string;
  /** Not put to this figure; an order that says it all the same is drawn so. */
  readonly notOffered?: true;
  /** The values of other choices under which it matters; left out where it always does. */
  readonly when?: AskedWhen;
  /** Of which one must hold beside that, where several ways lead to it. */
  readonly whenAny?: readonly AskedWhen[];
}

/** Other choices, and the values of each under which something is asked. */
type AskedWhen = Readonly<Record<string, readonly (string | boolean)[]>>;

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

/** So many times something: a share, a fullness. It has no unit, and halves at no scale. */
export interface RatioChoice extends ChoiceBase {
  readonly kind: "ratio";
  readonly default: number | string;
  /** Named ways beside a number; left out where there are none. */
  readonly options?: Readonly<Record<string, string>>;
  readonly range: readonly [number, number];
}

/** Several lengths in a row, each within the same range. */
export interface ListChoice extends ChoiceBase {
  readonly kind: "list";
  readonly default: { readonly inches: readonly number[]; readonly centimetres: readonly number[] };
  /** Least and most of each, in inches. */
  readonly range: readonly [number, number];
  /** How few and how many there may be. */
  readonly count: readonly [number, number];
}

export interface FlagChoice extends ChoiceBase {
  readonly kind: "flag";
  readonly default: boolean;
}

/** Something the client decides about a garment. */
export type ChoiceDefinition = OptionChoice | LengthChoice | RatioChoice | ListChoice | FlagChoice;

export type ChoiceDefinitions = Readonly<Record<string, ChoiceDefinition>>;

/** What a choice is about: a part of the garment, or how it is cut. */
export const choiceParts = ["body", "collar", "sleeve", "skirt", "making", "cloth"] as const;
export type ChoicePart = (typeof choiceParts)[number];

/** A decided choice: an option's id, yes or no, a length in inches, or a ratio. */
export type ChoiceValue = string | boolean | Inches;

export type ChoiceValues = Readonly<Record<string, ChoiceValue>>;

/** Whether a choice matters under what else is chosen: it is asked, and shown, only then. */
export function isAsked({ when = {}, whenAny }: Pick<ChoiceBase, "when" | "whenAny">, values: ChoiceValues): boolean {
  const holds = (one: AskedWhen) =>
    Object.entries(one).every(([id, matters]) => matters.some((value) => value === values[id]));
  return holds(when) && (whenAny === undefined || whenAny.some(holds));
}

/** Several lengths as a choice carries them: text that says its unit. */
export function writeList(lengths: readonly Inches[]): string {
  return lengths.map((length) => `${Number(length.toFixed(6))} in`).join("; ");
}

/** The lengths of a list as it is carried; what is none is not a number. */
export function readList(value: ChoiceValue): readonly Inches[] {
  return String(value)
    .split(";")
    .map((one) => (/^\s*-?[\d.]+ in\s*$/.test(one) ? Number.parseFloat(one) : Number.NaN));
}

export function choiceDefault(choice: ChoiceDefinition, metric: boolean): ChoiceValue {
  if (choice.kind === "list") {
    const { inches, centimetres } = choice.default;
    return writeList(metric ? centimetres.map((one) => one / CENTIMETRES_PER_INCH) : inches);
  }
  const { default: usual } = choice;
  return typeof usual === "object" ? pickSystem(usual, metric) : usual;
}

export type ChoiceProblemCode =
  | "not-an-option"
  | "not-a-length"
  | "not-a-number"
  | "not-lengths"
  | "out-of-range"
  | "not-yes-or-no";

export interface ChoiceProblem {
  readonly code: ChoiceProblemCode;
  readonly choice: string;
  readonly value: ChoiceValue;
  readonly options: readonly string[];
  readonly range?: readonly [Inches, Inches];
  readonly count?: readonly [number, number];
  readonly nearest: ChoiceValue;
}

function optionProblem(id: string, choice: OptionChoice, value: ChoiceValue): ChoiceProblem | undefined {
  const options = Object.keys(choice.options);
  if (typeof value === "string" && options.includes(value)) return undefined;
  return { code: "not-an-option", choice: id, value, options, nearest: choice.default };
}

function sizeProblem(id: string, choice: LengthChoice | RatioChoice, value: ChoiceValue): ChoiceProblem | undefined {
  const [least, most] = choice.range;
  const options = Object.keys(choice.options ?? {});
  if (typeof value === "string" && options.includes(value)) return undefined;
  const base = { choice: id, value, options, range: choice.range };
  const usual = typeof choice.default === "object" ? choice.default.inches : choice.default;
  const none = choice.kind === "length" ? "not-a-length" : "not-a-number";
  if (typeof value !== "number" || !Number.isFinite(value)) return { ...base, code: none, nearest: usual };
  if (value < least - 1e-9 || value > most + 1e-9)
    return { ...base, code: "out-of-range", nearest: value < least ? least : most };
  return undefined;
}

function listProblem(id: string, choice: ListChoice, value: ChoiceValue): ChoiceProblem | undefined {
  const lengths = readList(value);
  const [least, most] = choice.range;
  const inside = lengths.every((length) => length >= least - 1e-9 && length <= most + 1e-9);
  if (inside && lengths.length >= choice.count[0] && lengths.length <= choice.count[1]) return undefined;
  const nearest = writeList(choice.default.inches);
  return { code: "not-lengths", choice: id, value, options: [], range: choice.range, count: choice.count, nearest };
}

/** Whether a choice can have this value; the problem with what would do when it cannot. */
export function checkChoice(id: string, choice: ChoiceDefinition, value: ChoiceValue): ChoiceProblem | undefined {
  switch (choice.kind) {
    case "option":
      return optionProblem(id, choice, value);
    case "length":
    case "ratio":
      return sizeProblem(id, choice, value);
    case "list":
      return listProblem(id, choice, value);
    case "flag":
      return typeof value === "boolean"
        ? undefined
        : { code: "not-yes-or-no", choice: id, value, options: [], nearest: choice.default };
    default:
      return choice satisfies never;
  }
}
