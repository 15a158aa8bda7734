import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** A plain bodice over tiers, each gathered into the edge above it (craft: skirts, tiers). */
export const tieredDress = bodyGarment({
  id: "tiered-dress",
  label: "Tiered dress",
  about: "A bodice with waist darts to the waist, tiers gathered below it; the zip runs on into the first.",
  ends: "waist",
  takesSkirt: "tiered",
  hem: "join",
  offers: {
    ...neckOffers,
    frontWaistDart: "on",
    backWaistDart: "on",
    bustDart: ["sewn", "none"],
    bustDartDepth: true,
    opening: ["back-zip", "side-zip", "none", "overlap"],
    overlapWidth: both(1, 2.5),
    fold: true,
  },
  rules: { "ease.bust": both(3, 7.5), "ease.waist": both(2, 5), "allowance.hem": both(1.5, 4) },
});
