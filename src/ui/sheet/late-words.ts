import type { LateEdge, LateMeasured } from "@/core/formats";

export type LateField = keyof LateMeasured;

const TIER = { label: "The whole of it", how: "laid flat, twice its width" } as const;

/** What is written into each field, and how the tape lies for it. */
export const lateFieldNames: Readonly<Record<LateField, { readonly label: string; readonly how: string }>> = {
  necklineFront: { label: "Front, half", how: "shoulder seam to centre front" },
  necklineBack: { label: "Back, half", how: "shoulder seam to centre back" },
  armholeFront: { label: "Front, half", how: "shoulder to side seam" },
  armholeBack: { label: "Back, half", how: "shoulder to side seam" },
  armhole: { label: "Or the whole of it", how: "once round, shared as drawn" },
  waistFront: { label: "Front, half", how: "centre to side seam" },
  waistBack: { label: "Back, half", how: "centre or zip line to side seam" },
  waistEdge: { label: "Or the whole of it", how: "once round, shared as drawn" },
  cuffEdge: { label: "The whole of it", how: "end to end, between the placket’s edges" },
  flounceEdge: { label: "The whole of it", how: "once round, along the stitching" },
  tierEdge1: TIER,
  tierEdge2: TIER,
  tierEdge3: TIER,
  tierEdge4: TIER,
  tierEdge5: TIER,
};

/** Whether a field stands by itself: one number for the whole edge. */
export function alone(id: LateField): boolean {
  return !/(Front|Back)$/.test(id);
}

interface LateWords {
  /** What a link to it and its page are called, and what it is measured before. */
  readonly name: string;
  readonly before: string;
  readonly title: string;
  readonly how: string;
  readonly drawn: string;
  readonly draw: string;
  readonly keep: string;
  readonly now: string;
  readonly still: string;
}

/** What is said of what is drawn to an edge, alike for all: `sleeves`, `these sleeves`. */
function ofPart(part: string, these: string): Pick<LateWords, "draw" | "keep" | "now" | "still"> {
  const many = these.startsWith("these");
  return {
    draw: `Draw the ${part} to it`,
    keep: `Keep ${these}`,
    now: `The ${part} as ${many ? "they are" : "it is"} drawn now. What moves is shown here before anything is kept.`,
    still: `Nothing moves: the ${part} ${many ? "fit" : "fits"} what was measured.`,
  };
}

const COUNTED = ["first", "second", "third", "fourth", "fifth"] as const;

/** A tier's lower edge, and the tiers that hang from it. */
function tier(above: 1 | 2 | 3 | 4 | 5): LateWords {
  const name = COUNTED[above - 1] ?? "fifth";
  return {
    name: `Tier ${above} as sewn`,
    before: "measured before the next tier is cut",
    title: `The ${name} tier’s lower edge, as it is sewn`,
    how: "When that tier is joined and gathered in: the work flat, the tape along its lower edge, twice its width.",
    drawn: "round",
    ...ofPart("tiers below", "these tiers"),
  };
}

/** What is said of each edge, and of what is drawn to it. */
export const lateWords: Readonly<Record<LateEdge, LateWords>> = {
  neck: {
    name: "Neck as sewn",
    before: "measured before the collar is cut",
    title: "The neck, as it is sewn",
    how: "When the shoulders are sewn, bands and facings folded in: the work flat, folded at its centre, the tape on its edge along the stitching. Every number is a half.",
    drawn: "a half, out to where the front ends",
    ...ofPart("collar", "this collar"),
  },
  armhole: {
    name: "Armhole as sewn",
    before: "measured before the sleeves are cut",
    title: "One armhole, as it is sewn",
    how: "When the shoulders are sewn, and the sides unless the sleeve is set in flat: the work flat, folded at its centre, the tape on its edge along the stitching. Where left and right differ, write the mean.",
    drawn: "round",
    ...ofPart("sleeves", "these sleeves"),
  },
  waist: {
    name: "Waist as sewn",
    before: "measured before the skirt is cut",
    title: "The waist of the body, as it is sewn",
    how: "When darts and panels are sewn: the work flat, folded at its centre, the tape on its edge along the stitching. Each number is half of the front or half of the back.",
    drawn: "half of it round",
    ...ofPart("skirt", "this skirt"),
  },
  cuff: {
    name: "Sleeve end as sewn",
    before: "measured before the cuffs are cut",
    title: "The sleeve’s end, as it is sewn",
    how: "When the pleat is basted and the placket is on: the work flat, the tape on its edge along the stitching. One number, the whole of it. Where left and right differ, write the mean.",
    drawn: "end to end",
    ...ofPart("cuffs", "these cuffs"),
  },
  flounce: {
    name: "Sleeve end as sewn",
    before: "measured before the flounces are cut",
    title: "The sleeve’s end, as it is sewn",
    how: "When the seam that closes it is sewn: the tape on its edge along the stitching, once round. Where left and right differ, write the mean.",
    drawn: "round",
    ...ofPart("flounces", "these flounces"),
  },
  "tier-1": tier(1),
  "tier-2": tier(2),
  "tier-3": tier(3),
  "tier-4": tier(4),
  "tier-5": tier(5),
};
