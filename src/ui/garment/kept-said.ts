import type { KeptState } from "./use-decisions";

export type { KeptState };

/** What is said of decisions on their way to the book. */
export const keptSaid: Readonly<Record<KeptState, string>> = {
  kept: "Kept.",
  keeping: "Keeping…",
  "not-kept": "Not kept: the garment is cut.",
  away: "Not kept yet: the shop's computer does not answer. It is sent when it does.",
  failed: "Not kept yet: the shop's computer answered with an error. It is sent again.",
  "no-room": "Not kept yet: the disk of the shop's computer is full, or may not be written on. It is sent again.",
  met: "Not kept: another screen decided otherwise.",
  "not-drawable": "Not kept: this cannot be drawn. The cloth shows the last that could.",
};
