import { describeCatalogue } from "@/core/formats";
import { findGarment } from "@/core/garments";
import { ruleDefinition } from "@/core/rules";

/** A choice or a rule, as the catalogue describes it. */
export interface Decision {
  readonly id: string;
  readonly label: string;
  readonly why: string;
  readonly options: readonly { readonly id: string; readonly label: string }[] | null;
  /** Least and most in inches, when it can be a length. */
  readonly range: readonly [number, number] | null;
  readonly flag: boolean;
}

/** The choices of a garment and the house rules that move it, as the catalogue describes them. */
export function decisionsOf(garmentId: string): {
  readonly choices: readonly Decision[];
  readonly rules: readonly Decision[];
  readonly sets: readonly { readonly id: string; readonly label: string }[];
} {
  const catalogue = describeCatalogue();
  const garment = findGarment(garmentId);
  const choices = Object.entries(garment?.choices ?? {}).map(
    ([id, choice]): Decision => ({
      id,
      label: choice.label,
      why: choice.why,
      options:
        choice.kind === "option"
          ? Object.entries(choice.options).map(([option, label]) => ({ id: option, label }))
          : null,
      range: choice.kind === "length" ? choice.range : null,
      flag: choice.kind === "flag",
    }),
  );
  const rules = (garment?.uses ?? []).map((id): Decision => {
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
  });
  return { choices, rules, sets: catalogue.ruleSets.map(({ id, label }) => ({ id, label })) };
}
