import type { SlipId } from "./slip";
import type { TableSlip } from "./tally";

/** What went wrong, as it is said to the learner: the cause first, then what to do. */
const said: Readonly<Record<SlipId | TableSlip, string>> = {
  "whole-for-quarter": "Four times too much: the whole where a quarter belongs.",
  "half-for-quarter": "Twice too much: the half where a quarter belongs, or not halved for half scale.",
  "no-ease": "The ease is missing.",
  "no-seam": "The seam is missing: it is cut outside the stitching.",
  "seam-twice": "The seam is in it once too often.",
  "not-given-back": "What is taken out here was not given back.",
  "wrong-origin": "Counted from the wrong start: look where the tape begins.",
  "wrong-line": "That is the number of another line.",
  arithmetic: "Near, but added or divided wrong.",
  unknown: "That is not it. Name the parts one by one, then add.",
  "check-missed": "Chalked otherwise than drawn: the tape check missed.",
  "check-waived": "Cut without the tape check.",
};

/** What went wrong, in a sentence. */
export function saySlip(slip: SlipId | TableSlip): string {
  return said[slip];
}
