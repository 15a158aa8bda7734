import { isMeasurementId, type MeasurementId } from "../body";
import { type Bound, type ChoiceValue, checkChoice, type Given, type Refusal, type Remedy } from "../chalk";
import { type FoldKind, planFolds } from "../cloth";
import { defaultChoices, settleRules } from "../garments";
import { fromCentimetres, type Inches, roundDownToStep, roundUpToStep } from "../length";
import { checkRuleValue, isRuleId, type ResolvedRules, type RuleId, type RuleValue, ruleDefinition } from "../rules";
import { draftOrder } from "./draft-order";
import type { ReadOrder } from "./read-order";

/** A change to an order, small enough to be said in one sentence. */
type Change = Extract<Remedy, { kind: "choice" | "rule" | "defaults" }>;

/** Trying costs a draft each: after this many the readings are asked for again. */
const MOST_TRIES = 60;

function withChoices(read: ReadOrder, choices: Given["choices"]): ReadOrder {
  const fold = (choices.fold ?? read.fold) as FoldKind;
  return { ...read, fold, given: { ...read.given, choices } };
}

function withRules(read: ReadOrder, rules: ResolvedRules): ReadOrder {
  return { ...read, given: { ...read.given, rules } };
}

function changed(read: ReadOrder, change: Change): ReadOrder {
  const { given, garment } = read;
  switch (change.kind) {
    case "choice":
      return withChoices(read, { ...given.choices, [change.id]: change.value });
    case "rule":
      return withRules(read, { ...given.rules, [change.id]: { value: change.value, from: "order" } });
    case "defaults":
      return withRules(
        withChoices(read, defaultChoices(garment, given.metric)),
        usualRules(read, defaultChoices(garment, given.metric)),
      );
    default:
      return change satisfies never;
  }
}

/** The rules as they would be if the order changed none. */
function usualRules({ garment, set, own }: ReadOrder, choices: Given["choices"]): ResolvedRules {
  return settleRules(garment, choices, { set, own, overrides: {} });
}

/** Whether an order can be drawn and folded as it is; one whose readings were not taken cannot. */
function draws(read: ReadOrder): boolean {
  const { given, garment } = read;
  const needed = garment.needs({ rule: (id) => given.rules[id].value, choices: given.choices });
  if (needed.some((id) => given.measurements[id] === undefined)) return false;
  const drawn = draftOrder(read);
  return drawn.ok && planFolds(drawn.value.full, read.fold, read.way).ok;
}

/** The step in which a person of this shop writes a length. */
function neatStep({ unit }: Given): Inches {
  return unit === "in" ? 1 / 8 : fromCentimetres(0.5);
}

/** Lengths from a guess on away from what was asked: rounded to the safe side, then further and further, to the end of the range. */
function* lengthsFrom(
  given: Given,
  asked: Inches,
  guess: Inches,
  [least, most]: readonly [Inches, Inches],
): Generator<Inches, void> {
  const step = neatStep(given);
  const down = guess < asked;
  const round = (value: Inches) => (down ? roundDownToStep(value, step) : roundUpToStep(value, step));
  const inside = (value: Inches) => value >= least - 1e-9 && value <= most + 1e-9;
  let seen = Number.NaN;
  for (let more = 0; more <= Math.abs(most - least) + step; more = more === 0 ? step : more * 1.7) {
    const value = round(guess + (down ? -more : more));
    if (!inside(value)) break;
    if (value !== seen && Math.abs(value - asked) > 1e-9) yield value;
    seen = value;
  }
  yield down ? least : most;
}

interface Settable {
  readonly asked: ChoiceValue;
  readonly options: readonly string[];
  readonly range: readonly [Inches, Inches] | undefined;
  readonly usual: ChoiceValue;
  readonly flag: boolean;
}

/** Values of something that can be set, the likeliest first: from the guess on, the usual one, then every other way. */
function* valuesOf(given: Given, { asked, options, range, usual, flag }: Settable, guess: ChoiceValue | undefined) {
  if (flag) {
    yield !asked;
    return;
  }
  if (typeof guess === "string" || typeof guess === "boolean") yield guess;
  if (range !== undefined && typeof asked === "number" && typeof guess === "number")
    yield* lengthsFrom(given, asked, guess, range);
  else if (range !== undefined && typeof guess === "number") yield* lengthsFrom(given, guess, guess, range);
  if (usual !== asked) yield usual;
  yield* options.filter((option) => option !== asked);
  if (range === undefined || typeof asked !== "number" || typeof guess === "number") return;
  const middle =
    typeof usual === "number" && usual !== asked ? usual : asked > (range[0] + range[1]) / 2 ? range[0] : range[1];
  for (const share of [0.25, 0.5, 0.75, 1]) yield* lengthsFrom(given, asked, asked + (middle - asked) * share, range);
}

/** Up to the end of its range there is nothing less, or nothing more, to choose. */
function boundOf(asked: ChoiceValue, value: ChoiceValue, range: readonly [Inches, Inches] | undefined): Bound {
  if (typeof asked !== "number" || typeof value !== "number") return "exactly";
  if (range?.some((end) => Math.abs(end - value) < 1e-6)) return "exactly";
  return value < asked ? "at-most" : "at-least";
}

function* choiceChanges(read: ReadOrder, id: string, guess: ChoiceValue | undefined): Generator<Change, void> {
  const { given, garment } = read;
  const choice = garment.choices[id];
  const asked = given.choices[id];
  if (choice === undefined || asked === undefined) return;
  const usual = defaultChoices(garment, given.metric)[id] ?? asked;
  const settable: Settable = {
    asked,
    usual,
    options: choice.kind === "flag" || choice.kind === "list" ? [] : Object.keys(choice.options ?? {}),
    range: choice.kind === "length" || choice.kind === "ratio" ? choice.range : undefined,
    flag: choice.kind === "flag",
  };
  for (const value of valuesOf(given, settable, guess))
    if (checkChoice(id, choice, value) === undefined && value !== asked)
      yield { kind: "choice", id, choice, value, bound: boundOf(asked, value, settable.range) };
}

function* ruleChanges(read: ReadOrder, id: RuleId, guess: RuleValue | undefined): Generator<Change, void> {
  const { given, garment } = read;
  if (!garment.uses.includes(id)) return;
  const { options, range, flag } = ruleDefinition(id);
  const asked = given.rules[id].value;
  const usual = usualRules(read, given.choices)[id].value;
  const settable: Settable = { asked, usual, options: Object.keys(options ?? {}), range, flag: flag === true };
  for (const value of valuesOf(given, settable, guess))
    if (checkRuleValue(id, value) === undefined && value !== asked)
      yield { kind: "rule", id, value, bound: boundOf(asked, value, range) };
}

function* changesAt(read: ReadOrder, path: string, guess: ChoiceValue | undefined): Generator<Change, void> {
  const [place = "", ...rest] = path.split(".");
  const id = rest.join(".");
  if (place === "choices") yield* choiceChanges(read, id, guess);
  if (place === "rules" && isRuleId(id)) yield* ruleChanges(read, id, guess);
}

/** Whatever somebody decided otherwise than the garment has it: where no named conflict helps, the cause is among these. */
function decided(read: ReadOrder): readonly string[] {
  const { given, garment } = read;
  const usual = defaultChoices(garment, given.metric);
  const choices = Object.keys(usual).filter((id) => given.choices[id] !== usual[id]);
  const rules = usualRules(read, given.choices);
  const changedRules = garment.uses.filter((id) => given.rules[id].value !== rules[id].value);
  return [...choices.map((id) => `choices.${id}`), ...changedRules.map((id) => `rules.${id}`)];
}

function* allChanges(read: ReadOrder, { conflicts, nearest }: Refusal): Generator<Change, void> {
  for (const [index, path] of conflicts.entries()) yield* changesAt(read, path, index === 0 ? nearest : undefined);
  for (const path of decided(read)) {
    if (conflicts.includes(path)) continue;
    const [first] = changesAt(read, path, undefined);
    if (first !== undefined) yield first;
  }
}

function readingsOf({ conflicts }: Refusal): readonly MeasurementId[] {
  return conflicts.flatMap((path) => {
    const id = path.replace(/^measurements\./, "");
    return path.startsWith("measurements.") && isMeasurementId(id) ? [id] : [];
  });
}

/**
 * The way out of a refusal that is offered: the smallest change, of what conflicts first and then of anything that was
 * decided, with which the core itself has drawn and folded the garment; everything as it usually is; or else the readings
 * to take again.
 */
export function findRemedy(read: ReadOrder, refusal: Refusal): Remedy {
  let tries = 0;
  for (const change of allChanges(read, refusal)) {
    if (tries++ >= MOST_TRIES) break;
    if (draws(changed(read, change))) return change;
  }
  const usual: Change = { kind: "defaults" };
  if (decided(read).length > 0 && draws(changed(read, usual))) return usual;
  return { kind: "measure", readings: readingsOf(refusal) };
}
