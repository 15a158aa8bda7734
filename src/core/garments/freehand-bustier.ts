import { both } from "../length";
import { bodyGarment } from "./body-garment";

/** The same bustier for someone with a tape and no ruler: a fixed chest line, length and shoulder to trim (craft: bodice, freehand bustier). */
export const freehandBustier = bodyGarment({
  id: "freehand-bustier",
  label: "Freehand bustier",
  about: "Drawn with a tape alone: a fixed chest line, most taken out toward the side, something left to trim.",
  ends: "waist",
  takesSkirt: true,
  hem: "join",
  offers: {
    frontNeckDepth: true,
    backNeckDepth: true,
    backPanel: ["none", "armhole"],
    opening: ["back-zip", "none", "side-zip"],
    lengthsFrom: "cloth-edge",
    trimLength: both(2, 5),
    shoulderTrim: both(0.5, 1.5),
  },
  fixed: { panel: "armhole" },
  rules: { armholeDepth: both(9, 23), takeOutSplit: "mostly-side", takeOutTipAboveBust: both(1, 2.5), balance: "none" },
});
