import type { ChoiceDefinitions, ChoiceValues } from "../../chalk";
import { both } from "../../length";

const sewnOn = { pocket: ["patch", "box-pleat"] } as const;

/** Pockets and other small things that are put on a body (craft: collars, pockets; yokes, boning, ties). */
export const trimChoices = {
  frontLap: {
    kind: "option",
    label: "Which front lies uppermost",
    options: { "right-over-left": "Right over left", "left-over-right": "Left over right" },
    default: "right-over-left",
    when: { opening: ["front-band", "overlap", "slit"] },
    why: "Right over left is usual for women, left over right for men; the upper one has the buttonholes.",
  },
  buttonLoops: {
    kind: "flag",
    label: "Loops for the buttons",
    default: false,
    when: { opening: ["front-band", "overlap", "slit"] },
    why: "Bias tubes in the seam of the upper front, one for each button; no buttonhole is cut.",
  },
  buttonSize: {
    kind: "length",
    label: "Buttons, across",
    default: both(0.5, 1.2),
    range: [0.25, 1.5],
    when: { buttonLoops: [true] },
    why: "A loop takes twice the button, and what is sewn in. ½ suits a shirt.",
  },
  pocket: {
    kind: "option",
    label: "Pockets",
    options: {
      none: "None",
      patch: "Patch, on both fronts",
      "box-pleat": "Patch with a box pleat",
      "side-seam": "In the side seams",
    },
    default: "none",
    why: "The same on both fronts, clear of buttonholes, darts and seams.",
  },
  pocketFlap: {
    kind: "flag",
    label: "Flap over the pocket",
    default: false,
    when: sewnOn,
    why: "A quarter wider than the pocket, folded along its lower edge.",
  },
  pocketWidth: {
    kind: "length",
    label: "Width of the pocket, finished",
    default: both(6, 15),
    range: [3, 9],
    when: sewnOn,
    why: "A hand wants 5 at least.",
  },
  pocketHeight: {
    kind: "length",
    label: "Height of the pocket, finished",
    default: both(6.5, 16.5),
    range: [3, 10],
    when: sewnOn,
    why: "A little more than its width.",
  },
  pocketDown: {
    kind: "length",
    label: "Pocket below the shoulder tip",
    default: both(7, 18),
    range: [6, 8],
    when: sewnOn,
    why: "Its upper edge lies level there.",
  },
  tieBelt: {
    kind: "flag",
    label: "Tie belt",
    default: false,
    why: "As long as the waist and 40, so that it ties in a bow.",
  },
  boning: {
    kind: "flag",
    label: "Boning in the seams",
    default: false,
    why: "A channel on each panel and side seam, ½ short of both edges.",
  },
  padding: {
    kind: "flag",
    label: "Cups padded",
    default: false,
    why: "A circle about the bust point, on the lining.",
  },
  buttonPairs: {
    kind: "flag",
    label: "Pairs of buttons on the panel seams",
    default: false,
    why: "Below the bust, at the ribs and at the waist, ½ on each side of the seam.",
  },
} as const satisfies ChoiceDefinitions;

/** Whether anything is put on a body under the choices. */
export function hasTrim({ pocket = "none", frontLap, ...flags }: ChoiceValues): boolean {
  const put = [flags.tieBelt, flags.boning, flags.padding, flags.buttonPairs, flags.buttonLoops];
  return pocket !== "none" || frontLap === "left-over-right" || put.includes(true);
}
