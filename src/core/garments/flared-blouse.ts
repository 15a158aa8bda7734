import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** Panels front and back, every seam flared from the waist to the hip (craft: bodice, "flared blouse"). */
export const flaredBlouse = bodyGarment({
  id: "flared-blouse",
  label: "Flared blouse",
  about: "Panels from the armhole front and back; below the waist every seam swings out.",
  ends: "hip",
  hem: "panel-flare",
  offers: {
    ...neckOffers,
    bustDart: ["none", "to-panel"],
    bustDartDepth: true,
    backPanel: ["armhole", "none"],
    opening: ["back-zip", "none", "side-zip", "overlap"],
    overlapWidth: both(1, 2.5),
    belowHip: both(0, 0),
    panelFlare: true,
  },
  fixed: { panel: "armhole" },
  rules: { "ease.bust": both(2, 5), "ease.waist": both(2, 5) },
});
