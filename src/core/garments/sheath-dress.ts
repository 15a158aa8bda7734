import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** Close, with waist darts and a pegged hem (craft: bodice, "sheath dress"). */
export const sheathDress = bodyGarment({
  id: "sheath-dress",
  label: "Sheath dress",
  about: "Close to the body, waist darts front and back, a V in front, the hem pegged in.",
  ends: "hem",
  hem: "pegged",
  offers: {
    ...neckOffers,
    frontNeck: "v",
    frontNeckDepth: both(6.5, 16),
    frontWaistDart: "on",
    backWaistDart: "on",
    bustDart: ["sewn", "none"],
    bustDartDepth: true,
    opening: ["back-zip", "side-zip", "overlap"],
    overlapWidth: both(1, 2.5),
    zipEnd: true,
    fold: ["one-fold", "back-from-front"],
  },
  rules: { "ease.bust": both(2, 5), "ease.waist": both(2, 5), "ease.hip": both(2, 5) },
});
