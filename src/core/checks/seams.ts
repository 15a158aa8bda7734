import type { Draft, EdgeReference, Piece } from "../chalk";
import { pathLength } from "../geometry";
import type { Inches } from "../length";
import { certain } from "../result";
import type { Finding } from "./finding";

/** Two sewn edges with their stitched lengths. `ease` is how much longer the first is. */
export interface Seam {
  readonly id: string;
  readonly a: readonly EdgeReference[];
  readonly b: readonly EdgeReference[];
  readonly lengthA: Inches;
  readonly lengthB: Inches;
  readonly ease: Inches;
  readonly allowed: readonly [Inches, Inches];
}

/** How nearly two seams must meet (DESIGN: promises). */
const MEETING: Inches = 1 / 16;

export function findEdge(pieces: readonly Piece[], reference: EdgeReference) {
  const [pieceId, edgeId] = reference.split("/");
  const piece = pieces.find(({ id }) => id === pieceId);
  return certain(
    piece?.edges.find(({ id }) => id === edgeId),
    `edge ${reference}`,
  );
}

/** Walks every pair of seams on the real edges (craft: ideas 5). */
export function walkSeams(draft: Draft): readonly Seam[] {
  const walk = (edges: readonly EdgeReference[]) =>
    edges.reduce((sum, edge) => sum + pathLength(findEdge(draft.pieces, edge).stitch), 0);
  return draft.seams.map(({ id, a, b, ease }) => {
    const [lengthA, lengthB] = [walk(a), walk(b)];
    return {
      id,
      a,
      b,
      lengthA,
      lengthB,
      ease: lengthA - lengthB,
      allowed: [ease.least - MEETING, ease.most + MEETING],
    };
  });
}

export function findSeamErrors(seams: readonly Seam[]): readonly Finding[] {
  return seams
    .filter(({ ease, allowed }) => ease < allowed[0] || ease > allowed[1])
    .map(({ id, a, lengthA, lengthB, ease }) => ({
      id: "seam-mismatch",
      level: "error",
      edge: id,
      piece: a[0]?.split("/")[0] ?? "",
      numbers: { lengthA, lengthB, ease },
      words: { seam: id },
    }));
}
