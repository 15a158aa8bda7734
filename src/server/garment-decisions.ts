import type { ChoiceDefinition, ChoicePart } from "@/core/chalk";
import { findGarment, partOfChoice } from "@/core/garments";
import { type RuleId, ruleDefinition, ruleSets } from "@/core/rules";
import type { OwnRuleSet } from "@/db";

/** A choice or a rule, as the catalogue describes it. */
export interface Decision {
  readonly id: string;
  readonly label: string;
  readonly why: string;
  readonly options: readonly { readonly id: string; readonly label: string }[] | null;
  /** Least and most, in inches where it can be a length. */
  readonly range: readonly [number, number] | null;
  /** Whether its number is so many times something, and no length. */
  readonly ratio?: boolean;
  /** Whether it is several lengths in a row. */
  readonly list?: boolean;
  readonly flag: boolean;
  /** Which part of the garment it is about; left out of rules. */
  readonly part?: ChoicePart;
  /** The values of other choices under which it matters; left out where it always does. */
  readonly when?: NonNullable<ChoiceDefinition["when"]>;
  readonly whenAny?: NonNullable<ChoiceDefinition["whenAny"]>;
}

/** A house rule, as the catalogue describes it. */
export function describeRule(id: RuleId): Decision {
  const { label, why, options, range, flag } = ruleDefinition(id);
  return {
    id,
    label,
    why,
    options:
      options === undefined ? null : Object.entries(options).map(([option, said]) => ({ id: option, label: said })),
    range: range ?? null,
    flag: flag ?? false,
  };
}

/** A set that an order can be drawn by: one that ships, or one of the shop's own. */
export interface OfferedSet {
  readonly id: string;
  readonly label: string;
}

export function offerSets(ownSets: readonly OwnRuleSet[]): readonly OfferedSet[] {
  const shipped = Object.entries(ruleSets).map(([id, { label }]) => ({ id, label }));
  return [...shipped, ...ownSets.map(({ id, name }) => ({ id, label: name }))];
}

export interface OfferedDecisions {
  readonly choices: readonly Decision[];
  readonly rules: readonly Decision[];
  readonly sets: readonly OfferedSet[];
}

/** Under which other choices a choice is asked. */
function askedWhen({ when, whenAny }: ChoiceDefinition): Pick<Decision, "when" | "whenAny"> {
  return { ...(when === undefined ? {} : { when }), ...(whenAny === undefined ? {} : { whenAny }) };
}

/** The choices of a garment and the house rules that move it, as the catalogue describes them. */
export function decisionsOf(garmentId: string, ownSets: readonly OwnRuleSet[]): OfferedDecisions {
  const garment = findGarment(garmentId);
  const choices = Object.entries(garment?.choices ?? {}).map(
    ([id, choice]): Decision => ({
      id,
      label: choice.label,
      why: choice.why,
      ...(garment === undefined ? {} : { part: partOfChoice(garment, id) }),
      options:
        choice.kind !== "flag" && choice.kind !== "list" && choice.options !== undefined
          ? Object.entries(choice.options).map(([option, label]) => ({ id: option, label }))
          : null,
      range: choice.kind === "length" || choice.kind === "ratio" ? choice.range : null,
      ...(choice.kind === "ratio" ? { ratio: true } : {}),
      ...(choice.kind === "list" ? { list: true } : {}),
      flag: choice.kind === "flag",
      ...askedWhen(choice),
    }),
  );
  return { choices, rules: (garment?.uses ?? []).map(describeRule), sets: offerSets(ownSets) };
}
