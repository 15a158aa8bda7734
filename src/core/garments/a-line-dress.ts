import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** Panels from the armhole with the bust dart moved into them, flared from the hip (craft: bodice, "A-line short dress"). */
export const aLineDress = bodyGarment({
  id: "a-line-dress",
  label: "A-line dress",
  about: "Panels from the armhole that hold the bust dart, a shaped back, the hem well out from the hip.",
  ends: "hem",
  hem: "flared",
  offers: {
    ...neckOffers,
    bustDart: ["to-panel", "sewn", "none"],
    bustDartDepth: true,
    panel: ["armhole", "none"],
    opening: ["back-zip", "none", "side-zip", "overlap"],
    overlapWidth: both(1, 2.5),
    zipEnd: true,
    centreBackSeam: true,
  },
  rules: { "ease.bust": both(2, 5), "ease.waist": both(2, 5), "ease.hip": both(3, 7.5), backContour: both(0.5, 1.5) },
});
