import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** A dartless dress with a little ease, a little wider at the hem than at the hip (craft: bodice, "straight dress"). */
export const straightDress = bodyGarment({
  id: "straight-dress",
  label: "Straight dress",
  about: "Dartless, from the shoulder to the hem in one, a little wider at the hem than at the hip.",
  ends: "hem",
  hem: "beyond-hip",
  offers: {
    ...neckOffers,
    opening: ["back-zip", "none", "overlap"],
    overlapWidth: both(1, 2.5),
    zipEnd: true,
    hemExtra: true,
    fold: true,
  },
  rules: { "ease.bust": both(2, 5), "ease.waist": both(2, 5), "ease.hip": both(3, 7.5) },
});
