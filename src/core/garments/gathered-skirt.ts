import { lengths } from "../rules";
import { hangingOffers, skirtGarment } from "./skirt-garment";

/** A straight skirt, gathered (craft: skirts, gathers). */
export const gatheredSkirt = skirtGarment({
  id: "gathered-skirt",
  label: "Gathered skirt",
  about: "One round of straight strips gathered into the waist; a band and a zip, or elastic.",
  kind: "gathered",
  offers: {
    ...hangingOffers,
    gatherRatio: true,
  },
  rules: {
    "ease.waist": lengths(0.5, 1, 1),
    "ease.hip": lengths(0.5, 2, 2),
    "allowance.hem": lengths(0.75, 0.75, 2),
  },
});
