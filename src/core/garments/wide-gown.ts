import { both } from "../length";
import { grownChoices, grownNeeds, grownRules, room } from "../parts";
import type { Garment } from "./garment";

/** Cut in a front and a back with the sleeves grown on, loose from the underarm down (craft: sleeves, grown on). */
export const wideGown: Garment = {
  id: "wide-gown",
  label: "Wide gown",
  about: "Front and back alike with the sleeves grown on: no armhole, loose from the underarm to the hem.",
  choices: grownChoices,
  rules: { "ease.waist": both(10, 25), "ease.hip": both(8, 20) },
  uses: grownRules,
  needs: () => grownNeeds,
  checksWith: ["head", "knee", "waistToKnee", "shoulderToBust"],
  rooms: () => ["grown"],
  recipe: (sheet) => room("grown").chalkGrown(sheet),
};
