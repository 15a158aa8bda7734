import { pathEnd } from "../geometry";
import type { Inches } from "../length";
import type { Edge, EdgeReference, Half, Piece } from "./draft";
import { alongSewn, sewnLength } from "./sewn";

/** Where parts of a garment meet. */
export const joinIds = ["neck", "armhole", "waist", "lower-edge", "wrist", "front-edge"] as const;
export type JoinId = (typeof joinIds)[number];

type JoinSide = Exclude<Half, null>;

/** An edge with the piece that it is of. */
export interface WalkedEdge {
  readonly piece: Piece;
  readonly edge: Edge;
}

/** An edge that waits for another part: to be sewn to it, or to be finished. */
export interface OpenEdge {
  readonly id: JoinId;
  /** The edges of each half, from the centre to the side, as they are walked. */
  readonly rows: Readonly<Record<JoinSide, readonly EdgeReference[]>>;
  /** The same with their pieces, as they lie and move no more. */
  readonly walk: Readonly<Record<JoinSide, readonly WalkedEdge[]>>;
  /** How long each half is sewn, its darts closed. */
  readonly length: Readonly<Record<JoinSide, Inches>>;
  /** Where darts close into it, along the sewn edge from the centre: what meets it closes its own there. */
  readonly darts: Readonly<Record<JoinSide, readonly Inches[]>>;
}

/** Where an edge's darts close, along its sewn length from its inner end. */
function dartsOf(edge: Edge): readonly Inches[] {
  const inwards = edge.stitch.start.x > pathEnd(edge.stitch).x;
  const along = edge.mouths.map(({ from }) => alongSewn(edge, from));
  return inwards ? along.map((one) => sewnLength(edge) - one).reverse() : along;
}

/** An open edge measured on pieces that move no more. */
export function measureJoin(id: JoinId, rows: OpenEdge["rows"], pieces: readonly Piece[]): OpenEdge {
  const edges = pieces.flatMap((piece) =>
    piece.edges.map((edge) => [`${piece.id}/${edge.id}`, { piece, edge }] as const),
  );
  const row = (side: JoinSide) =>
    rows[side].flatMap((one) => edges.filter(([id]) => id === one).map(([, walked]) => walked));
  const walk = { front: row("front"), back: row("back") };
  const length = (side: JoinSide) => walk[side].reduce((sum, { edge }) => sum + sewnLength(edge), 0);
  const darts = (side: JoinSide) => {
    let before = 0;
    return walk[side].flatMap(({ edge }) => {
      const own = dartsOf(edge).map((along) => before + along);
      before += sewnLength(edge);
      return own;
    });
  };
  return {
    id,
    rows,
    walk,
    length: { front: length("front"), back: length("back") },
    darts: { front: darts("front"), back: darts("back") },
  };
}
