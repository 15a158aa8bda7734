import { type ChoiceDefinition, type ChoiceDefinitions, choiceDefault, type Given } from "../chalk";
import { type BothUnits, type Inches, pickSystem, roundToStep } from "../length";

/** How a choice is offered: as it is (true), or with a default of its own and, for options, only some of them. */
type Offered = true | BothUnits | number | string | boolean | readonly [string, ...string[]];

/** What a garment offers of a catalogue of choices. */
export type OffersOf<Id extends string> = Readonly<Partial<Record<Id, Offered>>>;

/** Values of choices that a garment does not offer, where they are not the usual. */
export type FixedOf<Id extends string> = Readonly<Partial<Record<Id, string | boolean | number | BothUnits>>>;

function offerOne(choice: ChoiceDefinition, offered: Offered): ChoiceDefinition {
  if (choice.kind === "length")
    return typeof offered === "object" && "inches" in offered ? { ...choice, default: offered } : choice;
  if (choice.kind === "list") return choice;
  if (choice.kind === "ratio") return typeof offered === "number" ? { ...choice, default: offered } : choice;
  if (choice.kind === "flag") return { ...choice, default: offered === true ? choice.default : offered === "on" };
  if (typeof offered === "string") return { ...choice, default: offered };
  if (!Array.isArray(offered)) return choice;
  const options = Object.fromEntries(Object.entries(choice.options).filter(([id]) => offered.includes(id)));
  return { ...choice, options, default: offered[0] as string };
}

/**
 * The choices of a garment, in the order of their catalogue. `true` takes a choice as it is; a length or an option's id
 * changes its default; a list of options offers only those, the first by default; a flag is `"on"` or `"off"`.
 */
export function offerFrom<Catalogue extends ChoiceDefinitions>(
  catalogue: Catalogue,
  offers: OffersOf<keyof Catalogue & string>,
): ChoiceDefinitions {
  return Object.fromEntries(
    Object.entries(catalogue).flatMap(([id, choice]) => {
      const offered = offers[id as keyof Catalogue & string];
      return offered === undefined ? [] : [[id, offerOne(choice, offered)]];
    }),
  );
}

/** The value that a choice takes, by its kind. */
type Decided<Choice> = Choice extends { readonly kind: "length" }
  ? Inches | (Choice extends { readonly options: infer Ways } ? keyof Ways : never)
  : Choice extends { readonly kind: "list" }
    ? string
    : Choice extends { readonly kind: "ratio" }
      ? number | (Choice extends { readonly options: infer Ways } ? keyof Ways : never)
      : Choice extends { readonly kind: "flag" }
        ? boolean
        : Choice extends { readonly options: infer Options }
          ? keyof Options
          : never;

/** Every choice of a catalogue decided. */
export type DecidedAll<Catalogue> = { readonly [Id in keyof Catalogue]: Decided<Catalogue[Id]> };

/** What choices are decided from: the order's own, the shop's system and tape. */
export type DecidedFrom = Pick<Given, "choices" | "metric"> & { readonly step: Inches };

/** Decides every choice: as the order says, else as the garment fixes it, else the usual; lengths as the tape shows them. */
export function decideAll<Catalogue extends ChoiceDefinitions>(
  catalogue: Catalogue,
  fixed: FixedOf<keyof Catalogue & string>,
  { choices, metric, step }: DecidedFrom,
): DecidedAll<Catalogue> {
  const decide = ([id, { kind }]: readonly [string, ChoiceDefinition]) => {
    const choice = catalogue[id] as ChoiceDefinition;
    const usual = fixed[id as keyof Catalogue & string];
    const otherwise = typeof usual === "object" ? pickSystem(usual, metric) : usual;
    const decided = choices[id] ?? otherwise ?? choiceDefault(choice, metric);
    return [id, typeof decided === "number" && kind !== "ratio" ? roundToStep(decided, step) : decided] as const;
  };
  // The catalogue and the mapped type above say the same of each choice; only the compiler cannot follow it through.
  return Object.fromEntries(Object.entries(catalogue).map(decide)) as DecidedAll<Catalogue>;
}
