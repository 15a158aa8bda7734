import { both } from "../length";
import { lengths } from "../rules";
import { skirtGarment } from "./skirt-garment";

/** A close skirt that narrows to the hem (craft: skirts, skirt block: straight and pegged). */
export const pencilSkirt = skirtGarment({
  id: "pencil-skirt",
  label: "Pencil skirt",
  about: "Close over the hip and narrowing to the hem, darts at the waist, a band and a zip.",
  kind: "pencil",
  offers: {
    skirtDarts: true,
    waistShape: true,
    waistFinish: ["band", "facing"],
    waistbandDepth: true,
    waistbandOverlap: true,
    opening: true,
    zipEnd: true,
    hemSlit: true,
    hemSlitAt: true,
    hemSlitTop: true,
    slitFinish: true,
  },
  rules: { "ease.waist": lengths(0.5, 1, 1), "ease.hip": lengths(0.5, 2, 2), hemPeg: both(1.5, 4) },
});
