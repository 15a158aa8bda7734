import type { ChoiceDefinitions } from "../../chalk";
import { both } from "../../length";

/** What a strip that is gathered to a body's lower edge may be asked; its default is its garment's. */
export const lowerStripChoices = {
  ruffleDepth: {
    kind: "length",
    label: "Depth of the ruffle",
    default: both(14, 36),
    range: [1, 30],
    why: "From the lower edge of the body down to its hem.",
  },
  ruffleRatio: {
    kind: "ratio",
    label: "Fullness of the ruffle",
    default: 3.5,
    range: [1, 6],
    why: "Its round for each inch of the edge: 2 is full, 3½ stands out; a third more within 4 of a point.",
  },
  gatherRatio: {
    kind: "ratio",
    label: "Fullness of the band",
    default: 2,
    range: [1, 6],
    why: "Its round for each inch of the body's hem: 1.3 is slight, 2 full.",
  },
} as const satisfies ChoiceDefinitions;

/** The choices that each kind of strip offers. */
export const lowerStripOffers = {
  ruffle: { ruffleDepth: lowerStripChoices.ruffleDepth, ruffleRatio: lowerStripChoices.ruffleRatio },
  band: { gatherRatio: lowerStripChoices.gatherRatio },
} as const;
