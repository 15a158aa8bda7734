import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** The jacket body of a dress with a lapel: open in front to a break at the waist (craft: bodice, "jacket-bodied dress with a lapel"). */
export const lapelDress = bodyGarment({
  id: "lapel-dress",
  label: "Lapel dress",
  about:
    "A jacket body with waist darts, the front overlapping and open to a break at the waist; a skirt below it by choice.",
  ends: "waist",
  takesSkirt: true,
  hem: "join",
  sleeve: "jacket",
  collar: "lapel",
  offers: {
    ...neckOffers,
    frontNeck: "v",
    frontNeckDepth: both(13, 33),
    frontWaistDart: "on",
    backWaistDart: "on",
    bustDart: ["sewn", "to-waist", "none"],
    bustDartDepth: true,
    overlapWidth: both(1, 2.5),
    centreBackSeam: true,
  },
  fixed: { opening: "overlap" },
  rules: { "ease.bust": both(3, 7.5), "ease.waist": both(2, 5), frontScoop: both(0.25, 0.5) },
});
