import { both } from "../length";
import { chalkDartlessDress, dartlessDressChoices, dartlessDressNeeds, dartlessDressRules } from "../parts";
import type { Garment } from "./garment";

/** A dartless dress with a little ease, a little wider at the hem than at the hip (craft: bodice, "straight dress"). */
export const straightDress: Garment = {
  id: "straight-dress",
  label: "Straight dress",
  about: "Dartless, from the shoulder to the hem in one, a little wider at the hem than at the hip.",
  choices: dartlessDressChoices,
  rules: { "ease.bust": both(2, 5), "ease.waist": both(2, 5), "ease.hip": both(3, 7.5) },
  uses: dartlessDressRules,
  needs: dartlessDressNeeds,
  checksWith: ["head", "knee", "waistToKnee", "shoulderToBust", "armhole"],
  recipe: chalkDartlessDress,
};
