import { both } from "../length";
import { bodyGarment } from "./body-garment";

/** A loose shirt with the bust dart moved into its panels, to carry pockets (craft: bodice, "loose shirt with panels of pockets"). */
export const pocketShirt = bodyGarment({
  id: "pocket-shirt",
  label: "Pocket shirt",
  about: "Loose, the bust dart moved into the panel seams, a seam at the centre back, sewn-on button bands.",
  ends: "hip",
  hem: "beyond-hip",
  sleeve: "shirt",
  offers: {
    neckWidth: true,
    frontNeckDepth: true,
    backNeckDepth: true,
    bustDart: ["to-panel", "none"],
    bustDartDepth: true,
    bandWidth: true,
    slitFinish: true,
    slitLength: true,
    slitEnd: true,
    hemExtra: both(0, 0),
    belowHip: both(3, 7.5),
  },
  fixed: { opening: "slit", panel: "armhole", centreBackSeam: true },
  rules: {
    "ease.bust": both(6, 15),
    "ease.waist": both(6, 15),
    "ease.hip": both(6, 15),
    frontScoop: both(0.75, 2),
    armholeTakeOut: both(1, 2.5),
  },
});
