import type { ChoiceDefinitions } from "../chalk";

/** How the cloth is cut and at what size: the same for every garment. */
export const tableChoices = {
  workingPiece: {
    kind: "flag",
    label: "Cut a working piece off first",
    default: false,
    why: "On a long cloth: a piece as long as the longest cut is cut off, halved along its fold, one half for the front and one for the back.",
  },
  scale: {
    kind: "option",
    label: "Scale",
    options: { "1": "Full size", "0.5": "Half, for practice" },
    default: "1",
    why: "At half scale every reading halves, allowances too: a draft to practise on.",
  },
} as const satisfies ChoiceDefinitions;
