import type { FigureKind } from "@/core/body";
import type { ChoiceDefinition, ChoicePart } from "@/core/chalk";
import { findGarment, forFigure, partOfChoice } from "@/core/garments";
import { type RuleId, ruleDefinition, ruleSets } from "@/core/rules";
import type { OwnRuleSet, StoredOrder } from "@/db";

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

/** An order as far as it says what can be decided about it. */
type Decidable = Pick<StoredOrder, "garment" | "choices">;

/**
 * The choices of a garment and the house rules that move it, as the catalogue describes them. What is not put to this
 * figure is asked only where the order says it all the same.
 */
export function decisionsOf(
  { garment: id, choices: told }: Decidable,
  figure: FigureKind,
  ownSets: readonly OwnRuleSet[],
): OfferedDecisions {
  const found = findGarment(id);
  const garment = found === undefined ? undefined : forFigure(found, figure);
  const offered = Object.entries(garment?.choices ?? {}).filter(
    ([choice, { notOffered }]) => notOffered !== true || told[choice] !== undefined,
  );
  const choices = offered.map(
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
