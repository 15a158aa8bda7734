import type { ChoiceDefinitions, ChoiceValues } from "../../chalk";
import type { RuleId } from "../../rules";

/** What is inside a garment: pieces that are derived from its own, each laid on its own cloth (craft: making, lining and stay). */
export const insideChoices = {
  lining: {
    kind: "option",
    label: "Lining",
    options: { none: "None", body: "The body", skirt: "The skirt", whole: "All of it" },
    default: "none",
    why: "Cut by the outside: soft pleats for its darts, a pleat at the centre back, an inch shorter below.",
  },
  stay: {
    kind: "flag",
    label: "Stay cut with it",
    default: false,
    why: "Pieces of stay for collars, cuffs, bands, plackets and facings, to the stitching line.",
  },
  bodyStay: {
    kind: "option",
    label: "Stay on the body",
    options: { none: "None", outside: "On the outside" },
    default: "none",
    why: "A body that stands by itself: stiff outside, soft on the lining.",
  },
} as const satisfies ChoiceDefinitions;

/** Every house rule that it may read. */
export const insideRules: readonly RuleId[] = ["stayLayers", "stayGrade"];

/** Whether anything is derived under the choices. */
export function hasInside({ lining = "none", stay, bodyStay = "none" }: ChoiceValues): boolean {
  return lining !== "none" || stay === true || bodyStay !== "none";
}
