import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** A close bodice with panels from the armhole, ending at the waist or at the ribs (craft: bodice, princess panels from the armhole). */
export const armholeBustier = bodyGarment({
  id: "armhole-bustier",
  label: "Bustier, panels from the armhole",
  about: "Panel seams from the armhole over the bust, close round the ribs, to the waist.",
  ends: "waist",
  takesSkirt: true,
  hem: "join",
  offers: {
    ...neckOffers,
    bustDart: ["none", "to-panel", "sewn"],
    bustDartDepth: true,
    panel: ["armhole", "none"],
    backPanel: ["armhole", "none"],
    opening: ["back-zip", "none", "side-zip"],
    trimLength: true,
    ends: true,
  },
});
