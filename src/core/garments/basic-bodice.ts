import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** The bodice everything else starts from: waist darts and a side bust dart, ends at the waist (craft: bodice, waist darts). */
export const basicBodice = bodyGarment({
  id: "basic-bodice",
  label: "Basic bodice",
  about:
    "Waist darts front and back and a bust dart at the side, from the shoulder to the waist; a skirt below it by choice.",
  ends: "waist",
  takesSkirt: true,
  hem: "join",
  offers: {
    ...neckOffers,
    frontWaistDart: "on",
    backWaistDart: "on",
    bustDart: ["sewn", "to-waist", "none"],
    bustDartDepth: true,
    opening: ["back-zip", "none", "side-zip", "front-band", "overlap"],
    overlapWidth: both(1, 2.5),
    bandWidth: true,
    trimLength: true,
    lengthsFrom: true,
    fold: true,
  },
  rules: { "ease.bust": both(2, 5), "ease.waist": both(1, 2.5) },
});
