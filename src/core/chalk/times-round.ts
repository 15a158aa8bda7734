import type { Piece } from "./draft";

/** How often what is chalked once on a piece lies round the body, by how it is cut. */
export const TIMES_ROUND = {
  fold: 2,
  across: 2,
  pair: 2,
  quarter: 4,
  single: 1,
} as const satisfies Readonly<Record<Piece["cut"]["on"], number>>;
