import type { ChoiceDefinitions } from "../chalk";

/** How the cloth is cut and at what size: the same for every garment. */
export const tableChoices = {
  workingPiece: {
    kind: "flag",
    label: "Cut a working piece off first",
    default: false,
    why: "On a long cloth: a piece as long as the longest cut is cut off, halved along its fold, one half for the front and one for the back.",
  },
  growth: {
    kind: "option",
    label: "To let down as the child grows",
    options: { none: "Nothing more", year: "For a year" },
    default: "none",
    notOffered: true,
    why: "2 more in the hem, 1½ in the sleeve's, sides of 1½ at least: turned in, never worn. Curved and narrow hems stay as they are.",
  },
  scale: {
    kind: "option",
    label: "Scale",
    options: { "1": "Full size", "0.5": "Half, for practice" },
    default: "1",
    why: "At half scale every reading halves, allowances too: a draft to practise on.",
  },
} as const satisfies ChoiceDefinitions;
