import {
  hasInside,
  insideChoices,
  insideRules,
  makingChoices,
  offerFrom,
  room,
  type SkirtStyle,
  skirtChecks,
  skirtChoices,
  skirtNeeds,
  skirtRules,
  tableChoices,
} from "../parts";
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

/** A skirt by itself is lined or not, and its band or facing carries stay. */
const inside = offerFrom(insideChoices, { lining: ["none", "skirt"], stay: true });

const { hemOrder, hemFinish, zipOrder, liningJoin } = makingChoices;
const making = { hemOrder, hemFinish, zipOrder, liningJoin };

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
    choices: { ...offerFrom(skirtChoices, style.offers), ...inside, ...making, ...tableChoices },
    rules,
    uses: [...skirtRules(style), ...insideRules],
    needs: () => skirtNeeds,
    checksWith: skirtChecks,
    rooms: (choices) => ["skirt", ...(hasInside(choices) ? (["inside"] as const) : [])],
    recipe: (sheet) => {
      room("skirt").chalkSkirt(sheet, style);
      if (hasInside(sheet.given.choices)) room("inside").chalkInside(sheet);
    },
  };
}
