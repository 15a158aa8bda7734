/** Why an edge of the sewn garment came out otherwise than it was drawn (craft: making, late measures). */
export const lateCauses = ["stretched", "seam-twice", "wrong-seam", "cut-on-chalk", "unknown"] as const;
export type LateCause = (typeof lateCauses)[number];
