import { both } from "../length";
import { bodyGarment } from "./body-garment";
import { shirtRules } from "./shirt-rules";

/** Buttoned in front on a folded band, yoke and pleat behind, a curved hem (craft: bodice, "shirt"). */
export const shirt = bodyGarment({
  id: "shirt",
  label: "Shirt",
  about: "Buttoned in front on a folded band, a yoke with a pleat behind, a curved hem.",
  ends: "hip",
  hem: "curved",
  sleeve: "shirt",
  collar: "shirt",
  offers: {
    neckWidth: true,
    frontNeckDepth: true,
    backNeckDepth: true,
    frontWaistDart: true,
    backWaistDart: true,
    opening: ["front-band", "slit", "overlap"],
    overlapWidth: both(1, 2.5),
    bandWidth: true,
    slitFinish: true,
    slitLength: true,
    slitEnd: true,
    belowHip: both(3, 7.5),
    sideRise: true,
    waistWidth: true,
    backYoke: "on",
    backYokeDepth: true,
    backPleat: both(1, 2.5),
  },
  rules: {
    ...shirtRules,
    "backDart.tipAboveBust": both(-2, -5),
  },
});
