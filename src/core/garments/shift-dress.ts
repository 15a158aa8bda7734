import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** Dartless and easy, chalked through four layers, as wide at the waist as at the chest (craft: bodice, "shift dress"). */
export const shiftDress = bodyGarment({
  id: "shift-dress",
  label: "Shift dress",
  about: "Dartless and easy, straight from the chest to the hem, chalked once through four layers.",
  ends: "hem",
  hem: "beyond-hip",
  sleeve: "tie-band",
  offers: {
    ...neckOffers,
    opening: ["slit", "none", "back-zip"],
    zipEnd: true,
    slitFinish: "faced",
    slitLength: both(4, 10),
    bandWidth: true,
    slitEnd: true,
    waistWidth: "chest",
    sideIn: true,
    hemExtra: true,
    fold: ["four-layers", "one-fold", "back-from-front"],
  },
  rules: { "ease.bust": both(4, 10), "ease.waist": both(4, 10), "ease.hip": both(4, 10) },
});
