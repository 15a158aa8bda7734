/** Every collar that a neck takes (craft: collars). */
export const collarKinds = ["turn-down", "stand", "shirt", "lapel", "shawl", "cape"] as const;
export type CollarKind = (typeof collarKinds)[number];

/** What a kind sits on: shapes of the front neck, its width and depth, and where the garment must open for it. */
export interface SitsOn {
  readonly shapes: readonly string[];
  readonly width?: readonly [number, number];
  readonly frontDepth?: readonly [number, number];
  readonly opens: "front" | "front-or-behind" | "anywhere";
}

const ROUND: SitsOn = { shapes: ["round"], width: [2, 4.5], frontDepth: [2, 5], opens: "front-or-behind" };
const GORGE: SitsOn = { shapes: ["round"], width: [2, 4.5], frontDepth: [2.5, 5], opens: "front" };

/** Necks that each kind sits on; any other is refused with the nearest of them (craft: collars, what sits on what). */
export const sitsOn: Readonly<Record<CollarKind, SitsOn>> = {
  "turn-down": ROUND,
  stand: ROUND,
  shirt: ROUND,
  lapel: GORGE,
  shawl: GORGE,
  cape: { shapes: ["round", "v", "square", "scoop", "boat", "built-up"], opens: "anywhere" },
};

/** Ways of opening that let a collar be closed in front or behind, the likeliest first. */
export const opensForCollar = {
  front: ["overlap"],
  "front-or-behind": ["front-band", "slit", "back-zip", "overlap"],
} as const;
