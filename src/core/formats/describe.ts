import { canBeEstimated, measurementIds, measurements } from "../body";
import type { ChoiceDefinition } from "../chalk";
import { defaultChoices, garments, partOfChoice } from "../garments";
import { both, pickSystem } from "../length";
import { type RuleSetId, ruleDefault, ruleDefinition, ruleIds, ruleSets } from "../rules";

const listOptions = (options: Readonly<Record<string, string>>) =>
  Object.entries(options).map(([option, label]) => ({ id: option, label }));

function describeChoice([id, choice]: readonly [string, ChoiceDefinition]) {
  const when = {
    ...(choice.when === undefined ? {} : { when: choice.when }),
    ...(choice.whenAny === undefined ? {} : { whenAny: choice.whenAny }),
  };
  const base = { id, label: choice.label, type: choice.kind, why: choice.why, ...when };
  switch (choice.kind) {
    case "option":
      return {
        ...base,
        default: choice.default,
        options: listOptions(choice.options),
      };
    case "length":
      return {
        ...base,
        ...(typeof choice.default === "object"
          ? {
              default: choice.default.inches,
              defaultMetric: pickSystem(both(0, choice.default.centimetres), true),
            }
          : { default: choice.default }),
        ...(choice.options === undefined ? {} : { options: listOptions(choice.options) }),
        range: choice.range,
      };
    case "ratio":
      return {
        ...base,
        default: choice.default,
        ...(choice.options === undefined ? {} : { options: listOptions(choice.options) }),
        range: choice.range,
      };
    case "list":
      return {
        ...base,
        default: choice.default.inches,
        defaultMetric: choice.default.centimetres,
        range: choice.range,
        count: choice.count,
      };
    case "flag":
      return { ...base, default: choice.default };
    default:
      return choice satisfies never;
  }
}

/** The catalogue for other programs: readings, rules with their defaults, garments with their choices. Lengths in inches. */
export function describeCatalogue() {
  const used = new Set(garments.flatMap((garment) => garment.uses));
  return {
    format: "inner-fold/catalogue",
    version: 1,
    measurements: measurementIds.map((id) => ({ id, ...measurements[id], canBeEstimated: canBeEstimated(id) })),
    ruleSets: Object.entries(ruleSets).map(([id, set]) => ({ id, ...set })),
    rules: ruleIds.map((id) => {
      const { label, place, why, range, options, flag } = ruleDefinition(id);
      const defaults = Object.fromEntries(Object.keys(ruleSets).map((set) => [set, ruleDefault(set as RuleSetId, id)]));
      const choices =
        options === undefined ? null : Object.entries(options).map(([option, said]) => ({ id: option, label: said }));
      return {
        id,
        label,
        place,
        type: flag ? "flag" : range === undefined ? "option" : choices === null ? "length" : "option-or-length",
        range: range ?? null,
        options: choices,
        default: defaults,
        why,
        used: used.has(id),
      };
    }),
    garments: garments.map((garment) => ({
      id: garment.id,
      label: garment.label,
      about: garment.about,
      measurements: garment.needs({ rule: (id) => ruleDefault("close", id), choices: defaultChoices(garment, false) }),
      rules: garment.uses,
      choices: Object.entries(garment.choices).map((row) => ({
        ...describeChoice(row),
        part: partOfChoice(garment, row[0]),
      })),
    })),
  };
}
