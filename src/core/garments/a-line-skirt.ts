import { both } from "../length";
import { lengths } from "../rules";
import { skirtGarment } from "./skirt-garment";

/** A skirt that opens evenly from waist to hem (craft: skirts, A-line). */
export const aLineSkirt = skirtGarment({
  id: "a-line-skirt",
  label: "A-line skirt",
  about: "Straight out from the waist to a wider hem; a band and a zip, or elastic.",
  kind: "a-line",
  offers: {
    skirtDarts: true,
    waistShape: true,
    waistFinish: true,
    waistbandDepth: true,
    waistbandOverlap: true,
    elasticWidth: true,
    opening: true,
    zipEnd: true,
    hemSlit: true,
    hemSlitAt: true,
    hemSlitTop: true,
    slitFinish: true,
  },
  rules: { "ease.waist": lengths(0.5, 1, 1), "ease.hip": lengths(0.5, 2, 2), hemFlare: both(2.5, 6) },
});
