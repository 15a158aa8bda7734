import type { Inches } from "../length";
import type { EdgeReference, Half, Piece } from "./draft";
import { sewnLength } from "./sewn";

/** Where parts of a garment meet. */
export const joinIds = ["neck", "armhole", "waist", "lower-edge", "wrist", "front-edge"] as const;
export type JoinId = (typeof joinIds)[number];

type JoinSide = Exclude<Half, null>;

/** An edge that waits for another part: to be sewn to it, or to be finished. */
export interface OpenEdge {
  readonly id: JoinId;
  /** The edges of each half, from the centre to the side, as they are walked. */
  readonly rows: Readonly<Record<JoinSide, readonly EdgeReference[]>>;
  /** How long each half is sewn, its darts closed. */
  readonly length: Readonly<Record<JoinSide, Inches>>;
}

/** An open edge measured on pieces that move no more. */
export function measureJoin(id: JoinId, rows: OpenEdge["rows"], pieces: readonly Piece[]): OpenEdge {
  const edges = pieces.flatMap((piece) => piece.edges.map((edge) => [`${piece.id}/${edge.id}`, edge] as const));
  const walk = (row: readonly EdgeReference[]) =>
    edges
      .filter(([reference]) => row.some((one) => one === reference))
      .reduce((sum, [, edge]) => sum + sewnLength(edge), 0);
  return { id, rows, length: { front: walk(rows.front), back: walk(rows.back) } };
}
