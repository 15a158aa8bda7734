import { lengths } from "../rules";
import { hangingOffers, skirtGarment } from "./skirt-garment";

/** A skirt swung about a centre, any share of a circle (craft: skirts, circles and rings). */
export const circleSkirt = skirtGarment({
  id: "circle-skirt",
  label: "Circle skirt",
  about: "A ring of cloth, a half, a whole or more of a circle; a band and a zip, or elastic.",
  kind: "circle",
  offers: {
    ...hangingOffers,
    circleShare: true,
    circlePieces: true,
  },
  rules: {
    "ease.waist": lengths(0.5, 1, 1),
    "ease.hip": lengths(0.5, 2, 2),
    "allowance.hem": lengths(0.75, 0.75, 2),
  },
});
