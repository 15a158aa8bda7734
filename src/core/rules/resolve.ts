import { type Inches, pickSystem, type Tick } from "../length";
import { type RuleDefault, type RuleId, type RuleSetId, ruleDefinition, ruleIds, ruleSets } from "./catalogue";

/** A rule's value for one draft: a named way, yes or no, or a length in inches. */
export type RuleValue = string | boolean | Inches;

/** Where a value came from. Precedence: order › figure note › what its kind of figure wants › garment › the shop's own set › the set it stands on. */
export type RuleSource = "order" | "figure-note" | "figure" | "garment" | "own-set" | "set";

export interface ResolvedRule {
  readonly value: RuleValue;
  readonly from: RuleSource;
}

export type ResolvedRules = Readonly<Record<RuleId, ResolvedRule>>;

export type RuleProblemCode = "not-an-option" | "not-a-length" | "out-of-range" | "not-yes-or-no";

export interface RuleProblem {
  readonly code: RuleProblemCode;
  readonly rule: RuleId;
  readonly value: RuleValue;
  readonly options: readonly string[];
  readonly range?: readonly [Inches, Inches];
  /** The nearest value that would do. */
  readonly nearest: RuleValue;
}

function defaultValue(value: RuleDefault, metric: boolean): RuleValue {
  return typeof value === "object" ? pickSystem(value, metric) : value;
}

/** What a set says about a rule, in inches. */
export function ruleDefault(set: RuleSetId, id: RuleId): RuleValue {
  return defaultValue(ruleDefinition(id).sets[set], ruleSets[set].metric);
}

/** Whether a value is one this rule can have; the problem with what would do when it is not. */
export function checkRuleValue(id: RuleId, value: RuleValue): RuleProblem | undefined {
  const definition = ruleDefinition(id);
  const options = Object.keys(definition.options ?? {});
  const fallback = ruleDefault("close", id);
  const problem = (code: RuleProblemCode, nearest: RuleValue): RuleProblem => ({
    code,
    rule: id,
    value,
    options,
    nearest,
    ...(definition.range ? { range: definition.range } : {}),
  });
  if (definition.flag) return typeof value === "boolean" ? undefined : problem("not-yes-or-no", fallback);
  if (typeof value === "string" && options.includes(value)) return undefined;
  if (definition.range === undefined) return problem("not-an-option", fallback);
  if (typeof value !== "number" || !Number.isFinite(value)) return problem("not-a-length", fallback);
  const [least, most] = definition.range;
  if (value < least - 1e-9 || value > most + 1e-9) return problem("out-of-range", value < least ? least : most);
  return undefined;
}

/** A garment's own value: one for every set, or each set's. */
type GarmentRule = RuleDefault | Readonly<Record<RuleSetId, RuleDefault>>;

/** A garment's own values, which stand over the set's. */
export type GarmentRules = Readonly<Partial<Record<RuleId, GarmentRule>>>;

function garmentValue(rule: GarmentRule, set: RuleSetId): RuleValue {
  const own = typeof rule === "object" && "close" in rule ? rule[set] : rule;
  return defaultValue(own, ruleSets[set].metric);
}

/** Rules that somebody changed, by id; the rest stay as they are. */
export type RuleOverrides = Readonly<Partial<Record<RuleId, RuleValue>>>;

/**
 * Every rule with its value and where it came from (craft: house rules; FORMATS: order › figure note › garment › set).
 *
 * @param own what a shop's own set changes in the shipped one that it stands on
 * @param figure what the kind of figure changes (craft: measuring, figure kind)
 */
export function resolveRules(
  set: RuleSetId,
  garment: GarmentRules,
  order: RuleOverrides,
  own: RuleOverrides = {},
  figure: GarmentRules = {},
): ResolvedRules {
  const resolve = (id: RuleId): ResolvedRule => {
    const ordered = order[id];
    if (ordered !== undefined) return { value: ordered, from: "order" };
    const figures = figure[id];
    if (figures !== undefined) return { value: garmentValue(figures, set), from: "figure" };
    const garments = garment[id];
    if (garments !== undefined) return { value: garmentValue(garments, set), from: "garment" };
    const shops = own[id];
    return shops === undefined ? { value: ruleDefault(set, id), from: "set" } : { value: shops, from: "own-set" };
  };
  return Object.fromEntries(ruleIds.map((id) => [id, resolve(id)])) as Record<RuleId, ResolvedRule>;
}

export function ruleTick(resolved: ResolvedRules): Tick {
  return resolved.tick.value as Tick;
}
