import { lengths } from "../rules";
import { skirtGarment } from "./skirt-garment";

/** A skirt close to the knee that opens from there to a wide hem (craft: skirts, mermaid). */
export const mermaidSkirt = skirtGarment({
  id: "mermaid-skirt",
  label: "Mermaid skirt",
  about: "Close over hip and thigh, opening above the knee to a wide hem; darts, a band and a zip.",
  kind: "mermaid",
  offers: {
    skirtDarts: true,
    waistShape: true,
    waistFinish: ["band", "facing"],
    waistbandDepth: true,
    waistbandOverlap: true,
    opening: true,
    zipEnd: true,
    flareLine: true,
    mermaidIn: true,
    flareBy: true,
    mermaidOut: true,
    godetLength: true,
    godetWidth: true,
    godetCount: true,
  },
  rules: {
    "ease.waist": lengths(0.5, 1, 1),
    "ease.hip": lengths(0.5, 2, 2),
    "allowance.hem": lengths(0.75, 0.75, 2),
  },
});
