import type { MeasurementId } from "../body";
import { type BodyStyle, bodyNeeds, bodyRules, chalkBody, offer } from "../parts";
import type { GarmentRules } from "../rules";
import type { Garment } from "./garment";

/** What a body garment says of itself; everything else follows from its style. */
export interface BodyGarment extends BodyStyle {
  readonly id: string;
  readonly label: string;
  readonly about: string;
  readonly rules?: GarmentRules;
}

const CHECKED_WITH: readonly MeasurementId[] = ["head", "knee", "waistToKnee", "shoulderToBust", "armhole"];

/** A garment that is one body from the shoulder down: its choices, readings, rules and recipe follow from its style. */
export function bodyGarment({ id, label, about, rules = {}, ...style }: BodyGarment): Garment {
  return {
    id,
    label,
    about,
    // Whatever reaches down to a hem may be cut shorter than the card says.
    choices: offer(style.ends === "hem" ? { ...style.offers, shorterBy: true } : style.offers),
    rules,
    uses: bodyRules(style),
    needs: (decisions) => bodyNeeds(style, decisions),
    checksWith: CHECKED_WITH,
    recipe: (sheet) => sheet.part("body", () => chalkBody(sheet, style)),
  };
}
