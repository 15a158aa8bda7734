import { both } from "../length";
import { bodyGarment } from "./body-garment";
import { shirtRules } from "./shirt-rules";

/** Dartless, chalked in four layers, slit in front with sewn-on bands, a gathered band below (craft: bodice, "shirt dress"). */
export const shirtDress = bodyGarment({
  id: "shirt-dress",
  label: "Shirt dress",
  about: "Dartless, chalked through four layers, a slit with button bands, a gathered band at the hem.",
  ends: "hem",
  hem: "beyond-hip",
  lower: "band",
  sleeve: "gathered",
  offers: {
    neckWidth: true,
    frontNeckDepth: true,
    backNeckDepth: true,
    opening: ["slit", "none"],
    bandWidth: true,
    slitFinish: true,
    slitLength: true,
    slitEnd: true,
    waistWidth: "chest",
    sideIn: true,
    hemExtra: true,
    bandDepth: both(8, 20),
    fold: ["four-layers", "one-fold"],
  },
  rules: shirtRules,
});
