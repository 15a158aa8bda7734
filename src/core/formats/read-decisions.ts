import {
  type ChoiceDefinition,
  type ChoiceDefinitions,
  type ChoiceValue,
  type ChoiceValues,
  checkChoice,
  choiceDefault,
  writeList,
} from "../chalk";
import { impliedChoices } from "../garments";
import { formatLengthWithUnit, type Inches, type Unit } from "../length";
import {
  checkRuleValue,
  isRuleId,
  type RuleId,
  type RuleOverrides,
  type RuleSetId,
  type RuleValue,
  ruleDefinition,
  ruleIds,
  ruleSets,
} from "../rules";
import { nearestWord } from "./nearest";
import type { Order, OrderError } from "./order";
import { readSignedLength } from "./read-lengths";

interface Problem {
  readonly code: "not-an-option" | "not-a-length" | "not-a-number" | "not-lengths" | "out-of-range" | "not-yes-or-no";
  readonly value: RuleValue;
  readonly options: readonly string[];
  readonly range?: readonly [Inches, Inches];
  readonly count?: readonly [number, number];
  readonly nearest: RuleValue;
}

/** @param say how a number of it is said: a length with its unit, a ratio as it is */
function wordProblem(path: string, label: string, problem: Problem, say: (value: number) => string): OrderError {
  const [least, most] = problem.range ?? [0, 0];
  const range = problem.range === undefined ? "" : `between ${say(least)} and ${say(most)}`;
  const options = problem.options.map((option) => `“${option}”`).join(", ");
  const wanted = {
    "not-an-option": `one of ${options}`,
    "not-a-length": [options && `one of ${options}`, range && `a length ${range}`].filter(Boolean).join(", or "),
    "not-a-number": [options && `one of ${options}`, range && `a number ${range}`].filter(Boolean).join(", or "),
    "not-lengths": `${problem.count?.join(" to ") ?? ""} lengths with “;” between them, each ${range}`,
    "out-of-range": range,
    "not-yes-or-no": "true or false",
  }[problem.code];
  const said = typeof problem.value === "number" ? say(problem.value) : String(problem.value).slice(0, 60);
  const nearest =
    typeof problem.value === "string" && problem.options.length > 0
      ? (nearestWord(problem.value, problem.options) ?? problem.nearest)
      : problem.nearest;
  return { path, message: `${label} should be ${wanted}; it is ${said}.`, nearest };
}

/** Text that stands for a length is read as one; what is none stays as it was and is judged by its rule. */
function readValue(value: RuleValue, unit: Unit, takesLength: boolean): RuleValue {
  if (!takesLength || typeof value === "boolean") return value;
  const length = readSignedLength(value, { path: "", label: "", unit });
  return length.ok ? length.value : value;
}

/** A ratio as a person writes it: `1.5`, `1,5`, `2×`; what is none stays as it was. */
function readRatio(value: RuleValue): RuleValue {
  if (typeof value !== "string") return value;
  const text = value
    .trim()
    .replace(/\s*[×x]$/, "")
    .replace(",", ".");
  return /^\d+(\.\d+)?$/.test(text) ? Number(text) : value;
}

function flattenRules(rules: NonNullable<Order["rules"]>): readonly (readonly [string, RuleValue])[] {
  return Object.entries(rules).flatMap(([key, value]) =>
    typeof value === "object"
      ? Object.entries(value).map(([inner, innerValue]) => [`${key}.${inner}`, innerValue] as const)
      : [[key, value] as const],
  );
}

export interface ReadRules {
  readonly set: RuleSetId;
  readonly overrides: RuleOverrides;
  /** What the shop's own set changes in the shipped one. */
  readonly own: RuleOverrides;
  readonly errors: readonly OrderError[];
}

function readSet(value: RuleValue): { readonly set: RuleSetId; readonly errors: readonly OrderError[] } {
  if (typeof value === "string" && Object.hasOwn(ruleSets, value)) return { set: value as RuleSetId, errors: [] };
  const nearest = nearestWord(String(value), Object.keys(ruleSets));
  return {
    set: "close",
    errors: [
      {
        path: "rules.set",
        message: `There is no rule set “${String(value).slice(0, 60)}”. There are close, easy and metric.`,
        nearest,
      },
    ],
  };
}

/** Keys under `rules` that are no rule: the shipped set, and what a shop's own set is called. */
const NO_RULES = new Set(["set", "setName"]);
const OWN = "own.";

interface ReadRule {
  readonly rule?: readonly [RuleId, RuleValue];
  readonly errors: readonly OrderError[];
}

function readRule(id: string, raw: RuleValue, unit: Unit, place: string): ReadRule {
  const path = `rules.${place}${id.slice(0, 60)}`;
  if (!isRuleId(id)) {
    const nearest = nearestWord(id, ruleIds);
    const meant = nearest === null ? "" : ` Did you mean “${nearest}”?`;
    return { errors: [{ path, message: `There is no house rule “${id.slice(0, 60)}”.${meant}`, nearest }] };
  }
  const definition = ruleDefinition(id);
  const value = readValue(raw, unit, definition.range !== undefined);
  const problem = checkRuleValue(id, value);
  return problem === undefined
    ? { rule: [id, value], errors: [] }
    : { errors: [wordProblem(path, definition.label, problem, (length) => formatLengthWithUnit(length, unit))] };
}

/** The rule set of an order, what the shop's own set and the order change in it, or every rule that cannot be so. */
export function readRules(rules: Order["rules"], unit: Unit): ReadRules {
  const flat = flattenRules(rules ?? {});
  const { set, errors: setErrors } = readSet(flat.find(([id]) => id === "set")?.[1] ?? "close");
  const told = flat.filter(([key]) => !NO_RULES.has(key));
  const own = told
    .filter(([key]) => key.startsWith(OWN))
    .map(([key, raw]) => readRule(key.slice(OWN.length), raw, unit, OWN));
  const ordered = told.filter(([key]) => !key.startsWith(OWN)).map(([key, raw]) => readRule(key, raw, unit, ""));
  const gather = (read: readonly ReadRule[]): RuleOverrides =>
    Object.fromEntries(read.flatMap(({ rule }) => (rule === undefined ? [] : [rule])));
  return {
    set,
    overrides: gather(ordered),
    own: gather(own),
    errors: [...setErrors, ...[...own, ...ordered].flatMap(({ errors }) => errors)],
  };
}

/** Several lengths as a person writes them, `1; 1½; 2`, each with or without its unit; what is none stays as it was. */
function readLengths(value: RuleValue, unit: Unit): RuleValue {
  const read = String(value)
    .split(";")
    .map((one) => readSignedLength(one, { path: "", label: "", unit }));
  const lengths = read.flatMap((one) => (one.ok ? [one.value] : []));
  return lengths.length === read.length ? writeList(lengths) : value;
}

function readChoiceValue(choice: ChoiceDefinition, raw: RuleValue, unit: Unit): RuleValue {
  if (choice.kind === "ratio") return readRatio(raw);
  if (choice.kind === "list") return readLengths(raw, unit);
  const said = choice.kind === "option" && typeof raw === "number" ? String(raw) : raw;
  return readValue(said, unit, choice.kind === "length");
}

/** Every choice of a garment, decided in the order or by default, or every choice that cannot be so. */
export function readChoices(
  definitions: ChoiceDefinitions,
  choices: Order["choices"],
  unit: Unit,
  metric: boolean,
): { readonly values: ChoiceValues; readonly errors: readonly OrderError[] } {
  const values: Record<string, ChoiceValue> = {
    ...Object.fromEntries(Object.entries(definitions).map(([id, choice]) => [id, choiceDefault(choice, metric)])),
    ...impliedChoices(definitions, choices ?? {}, metric),
  };
  const errors: OrderError[] = [];
  for (const [id, raw] of Object.entries(choices ?? {})) {
    const path = `choices.${id.slice(0, 60)}`;
    const choice = Object.hasOwn(definitions, id) ? definitions[id] : undefined;
    if (choice === undefined) {
      const nearest = nearestWord(id, Object.keys(definitions));
      errors.push({
        path,
        message: `This garment has no choice “${id.slice(0, 60)}”.${nearest === null ? "" : ` Did you mean “${nearest}”?`}`,
        nearest,
      });
      continue;
    }
    const value = readChoiceValue(choice, raw, unit);
    const problem = checkChoice(id, choice, value);
    const say = (size: number) => (choice.kind === "ratio" ? String(size) : formatLengthWithUnit(size, unit));
    if (problem === undefined) values[id] = value;
    else errors.push(wordProblem(path, choice.label, problem, say));
  }
  return { values, errors };
}
