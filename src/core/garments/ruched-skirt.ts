import { lengths } from "../rules";
import { skirtGarment } from "./skirt-garment";

/** A skirt whose front is gathered along a seam by cords (craft: skirts, ruched front). */
export const ruchedSkirt = skirtGarment({
  id: "ruched-skirt",
  label: "Ruched skirt",
  about: "A front gathered along a seam off its centre by cords in a casing, a slit below; the back plain.",
  kind: "ruched",
  offers: {
    waistbandDepth: true,
    waistbandOverlap: true,
    opening: ["back-zip"],
    zipEnd: true,
    rucheSide: true,
    rucheNotch: true,
    rucheSpreads: true,
    slitOut: true,
    cordWidth: true,
  },
  rules: { "ease.waist": lengths(0.5, 1, 1), "ease.hip": lengths(0.5, 2, 2) },
});
