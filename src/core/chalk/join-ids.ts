/** Where parts of a garment meet. */
export type JoinId = "neck" | "armhole" | "waist" | "lower-edge" | "wrist" | "front-edge";

/** An edge where parts meet has two halves. */
export type JoinSide = "front" | "back";
