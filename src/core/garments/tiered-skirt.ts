import { lengths } from "../rules";
import { hangingOffers, skirtGarment } from "./skirt-garment";

/** A skirt of tiers (craft: skirts, tiers). */
export const tieredSkirt = skirtGarment({
  id: "tiered-skirt",
  label: "Tiered skirt",
  about: "Rounds of straight strips, each gathered into the one above; a band and a zip, or elastic.",
  kind: "tiered",
  offers: {
    ...hangingOffers,
    tiers: true,
    tierWidths: true,
    tierAdd: true,
    tierRatio: true,
    tierDepths: true,
    tierGrowth: true,
  },
  rules: {
    "ease.waist": lengths(0.5, 1, 1),
    "ease.hip": lengths(0.5, 2, 2),
    "allowance.hem": lengths(1.5, 1.5, 4),
  },
});
