import type { FigureKind } from "../body";
import type { ChoiceDefinition, ChoiceDefinitions, ChoiceValues } from "../chalk";
import { both, type Inches, pickSystem } from "../length";
import {
  type GarmentRules,
  type ResolvedRules,
  type RuleId,
  type RuleOverrides,
  type RuleSetId,
  resolveRules,
  ruleSets,
} from "../rules";
import type { Garment } from "./garment";

/** Choices that shape a bust: where there is none they are not offered, and it is without where nobody says otherwise. */
const OF_A_BUST: Readonly<Record<string, string>> = { panel: "none", backPanel: "none", bustDart: "none" };

function withDefault(choice: ChoiceDefinition, value: string, offered: boolean): ChoiceDefinition {
  if (choice.kind !== "option" || choice.options[value] === undefined) return choice;
  const { notOffered: _, ...open } = choice;
  return { ...open, default: value, ...(offered ? {} : { notOffered: true as const }) };
}

/** What each figure decides otherwise where nobody says. */
const USUAL: Readonly<Record<FigureKind, Readonly<Record<string, string>>>> = {
  woman: {},
  man: { frontLap: "left-over-right" },
  child: { growth: "year" },
};

function choicesFor(choices: ChoiceDefinitions, kind: FigureKind): ChoiceDefinitions {
  return Object.fromEntries(
    Object.entries(choices).map(([id, choice]) => {
      const [usual, plain] = [USUAL[kind][id], OF_A_BUST[id]];
      if (usual !== undefined) return [id, withDefault(choice, usual, true)];
      return [id, plain === undefined ? choice : withDefault(choice, plain, false)];
    }),
  );
}

const easeOf = (inches: number, centimetres: number): GarmentRules => ({
  "ease.bust": both(inches, centimetres),
  "ease.waist": both(inches, centimetres),
  "ease.hip": both(inches, centimetres),
});

/** From this ease a garment hangs as a shirt does, and a man's wants a man's (craft: measuring, figure kind). */
const SHIRT_EASE: Inches = 4;

function isShirt({ rules }: Garment): boolean {
  const ease = rules["ease.bust"];
  return typeof ease === "object" && "inches" in ease && ease.inches >= SHIRT_EASE;
}

/** What a kind of figure wants of the house rules, for one garment. */
function figureRules(garment: Garment, kind: FigureKind): GarmentRules {
  if (kind === "woman") return {};
  if (kind === "child") return { balance: "none", ...easeOf(4, 10) };
  return { balance: "none", backScoop: both(0.5, 1.2), ...(isShirt(garment) ? easeOf(5, 13) : {}) };
}

/** A garment as it is offered to a kind of figure: defaults and what is asked follow it, the recipe never does. */
export function forFigure(garment: Garment, kind: FigureKind): Garment {
  if (kind === "woman") return garment;
  return {
    ...garment,
    choices: choicesFor(garment.choices, kind),
    needs: (decisions) => garment.needs({ ...decisions, figure: kind }),
    figureRules: figureRules(garment, kind),
  };
}

/** A child's clothes let down: more in the hem, more in the sleeve's, and sides that can be let out. */
const MORE = { hem: both(2, 5), sleeve: both(1.5, 4), side: both(1.5, 4) };
/** A hem narrower than this is curved or rolled: more would not lie flat in it. */
const STRAIGHT_HEM: Inches = 0.9;

/** The rules of a garment that is to be let down later; what the order itself says of an allowance stays. */
function letDown(garment: Garment, rules: ResolvedRules, metric: boolean): ResolvedRules {
  const grown: Partial<Record<RuleId, Inches>> = {};
  const hem = rules["allowance.hem"];
  const told = (id: RuleId) => rules[id].from === "order";
  // A shirt's tail is curved, whatever its hem.
  const straight = garment.choices.sideRise === undefined && Number(hem.value) >= STRAIGHT_HEM;
  if (straight && !told("allowance.hem")) grown["allowance.hem"] = Number(hem.value) + pickSystem(MORE.hem, metric);
  if (rules["allowance.sleeveHem"].value === "as-hem" && !told("allowance.sleeveHem"))
    grown["allowance.sleeveHem"] = Number(hem.value) + pickSystem(MORE.sleeve, metric);
  for (const id of ["allowance.side", "allowance.sideWaist"] as const) {
    const { value } = rules[id];
    const least = pickSystem(MORE.side, metric);
    if (typeof value === "number" && value < least && !told(id)) grown[id] = least;
  }
  const changed = Object.entries(grown).map(([id, value]) => [id, { value, from: "figure" as const }]);
  return { ...rules, ...Object.fromEntries(changed) };
}

/** The rules that an order stands on: the set, and what the shop's own set and the order change in it. */
export interface RulesOfOrder {
  readonly set: RuleSetId;
  readonly own: RuleOverrides;
  readonly overrides: RuleOverrides;
}

/** Every rule that a garment is drawn by, for its figure and its choices. */
export function settleRules(
  garment: Garment,
  choices: ChoiceValues,
  { set, own, overrides }: RulesOfOrder,
): ResolvedRules {
  const resolved = resolveRules(set, garment.rules, overrides, own, garment.figureRules);
  return choices.growth === "year" ? letDown(garment, resolved, ruleSets[set].metric) : resolved;
}
