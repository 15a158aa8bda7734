import { both } from "../length";
import { neckOffers } from "../parts";
import { bodyGarment } from "./body-garment";

/** A yoke above panels, fitted to a narrow hem (craft: bodice, "deep-neck yoke gown"). */
export const yokeGown = bodyGarment({
  id: "yoke-gown",
  label: "Yoke gown",
  about: "A yoke of sheer or other cloth above panels over the bust, fitted down to a narrow hem.",
  ends: "hem",
  hem: "pegged",
  offers: {
    ...neckOffers,
    frontNeckDepth: both(5, 12.5),
    backWaistDart: "on",
    panel: ["yoke", "shoulder"],
    shoulderTakeOut: true,
    yokeAboveBust: true,
    yokeDart: true,
    opening: ["back-zip", "side-zip"],
    zipEnd: true,
  },
  rules: {
    "ease.bust": both(1, 2.5),
    "ease.waist": both(1, 2.5),
    "ease.hip": both(2, 5),
    hemPeg: both(2, 5),
    balance: "none",
  },
});
