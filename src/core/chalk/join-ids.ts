/** Where parts of a garment meet. */
export const joinIds = ["neck", "armhole", "waist", "lower-edge", "wrist", "front-edge"] as const;
export type JoinId = (typeof joinIds)[number];

/** An edge where parts meet has two halves. */
export type JoinSide = "front" | "back";
