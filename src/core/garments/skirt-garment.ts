import { offerFrom, room, type SkirtStyle, skirtChecks, skirtChoices, skirtNeeds, skirtRules } from "../parts";
import type { GarmentRules } from "../rules";
import type { Garment } from "./garment";

/** What every skirt offers that hangs from its waist in folds: a band and a zip, or elastic. */
export const hangingOffers = {
  waistFinish: ["band", "elastic"],
  waistbandDepth: true,
  waistbandOverlap: true,
  elasticWidth: true,
  opening: ["back-zip", "side-zip", "front-band"],
} as const satisfies SkirtStyle["offers"];

/** What a skirt garment says of itself; everything else follows from its style. */
export interface SkirtGarment extends SkirtStyle {
  readonly id: string;
  readonly label: string;
  readonly about: string;
  readonly rules?: GarmentRules;
}

/** A garment that is one skirt: its choices, readings, rules and recipe follow from its style. */
export function skirtGarment({ id, label, about, rules = {}, ...style }: SkirtGarment): Garment {
  return {
    id,
    label,
    about,
    choices: offerFrom(skirtChoices, { ...style.offers, workingPiece: true, scale: true }),
    rules,
    uses: skirtRules(style),
    needs: () => skirtNeeds,
    checksWith: skirtChecks,
    rooms: () => ["skirt"],
    recipe: (sheet) => room("skirt").chalkSkirt(sheet, style),
  };
}
