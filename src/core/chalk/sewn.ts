import { pathLength } from "../geometry";
import type { Inches } from "../length";
import type { Edge, Mouth } from "./draft";

function inOrder(mouths: readonly Mouth[]): readonly Mouth[] {
  return [...mouths].sort((a, b) => a.from - b.from);
}

/** An edge's length once the darts and pleats that open into it are closed. */
export function sewnLength(edge: Pick<Edge, "stitch" | "mouths">): Inches {
  return edge.mouths.reduce((length, { from, to }) => length - (to - from), pathLength(edge.stitch));
}

/** Where a place of the sewn edge lies on the drawn one: beyond every mouth that closes before it. */
export function alongDrawn({ mouths }: Pick<Edge, "mouths">, sewn: Inches): Inches {
  return inOrder(mouths).reduce((along, { from, to }) => (along > from + 1e-9 ? along + to - from : along), sewn);
}

/** Where a place of the drawn edge comes to lie once its mouths are closed. */
export function alongSewn({ mouths }: Pick<Edge, "mouths">, drawn: Inches): Inches {
  return mouths.reduce((along, { from, to }) => along - Math.max(0, Math.min(drawn, to) - from), drawn);
}
