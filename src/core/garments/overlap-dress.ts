import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** Panels from the armhole and a wide overlap down to the hem (craft: bodice, "overlap lapel dress"). */
export const overlapDress = bodyGarment({
  id: "overlap-dress",
  label: "Overlap dress",
  about: "Panels from the armhole, the front wrapped wide over itself down to the hem.",
  ends: "hem",
  hem: "beyond-hip",
  offers: {
    ...neckOffers,
    frontNeck: "v",
    frontNeckDepth: both(9, 23),
    backWaistDart: "on",
    bustDart: ["to-panel", "none"],
    bustDartDepth: true,
    overlapWidth: true,
    hemExtra: both(0, 0),
  },
  fixed: { opening: "overlap", panel: "armhole" },
  rules: { "ease.bust": both(3, 7.5), "ease.waist": both(3, 7.5), "ease.hip": both(4, 10) },
});
