import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** A long close body that dips to a point below the hip (craft: bodice, "basque-waist gown"). */
export const basqueGown = bodyGarment({
  id: "basque-gown",
  label: "Basque gown",
  about:
    "Close darts to the hip, the lower edge dipping to a point; the upper body may be split off near the waist; a ruffle below.",
  ends: "hip",
  hem: "basque",
  lower: "ruffle",
  offers: {
    ...neckOffers,
    frontWaistDart: "on",
    backWaistDart: "on",
    bustDart: ["sewn", "none"],
    bustDartDepth: true,
    opening: ["back-zip", "side-zip"],
    zipEnd: true,
    centreDip: true,
    sideDip: true,
    bodySplit: true,
    splitAboveWaist: true,
  },
  fixed: { belowHip: both(0, 0) },
  rules: {
    "ease.bust": both(1, 2.5),
    "ease.waist": both(1, 2.5),
    "ease.hip": both(2, 5),
    "frontDart.tipAboveHip": both(1, 2.5),
    "backDart.tipAboveHip": both(1, 2.5),
  },
});
