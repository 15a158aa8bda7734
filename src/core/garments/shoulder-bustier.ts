import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** A close bodice with panels from the shoulder (craft: bodice, princess panels from the shoulder). */
export const shoulderBustier = bodyGarment({
  id: "shoulder-bustier",
  label: "Bustier, panels from the shoulder",
  about: "Panel seams from the middle of the shoulder over the bust, to the waist or the ribs.",
  ends: "waist",
  takesSkirt: true,
  hem: "join",
  offers: {
    ...neckOffers,
    frontNeck: "v",
    frontNeckDepth: both(6, 15),
    bustDart: ["none", "to-panel", "sewn"],
    bustDartDepth: true,
    panel: ["shoulder", "none"],
    backPanel: ["armhole", "none"],
    shoulderTakeOut: true,
    shoulderTakeOutSplit: true,
    panelLine: true,
    opening: ["back-zip", "none", "side-zip"],
    trimLength: true,
    ends: true,
  },
});
