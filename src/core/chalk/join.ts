import { pathEnd } from "../geometry";
import type { Inches } from "../length";
import type { Edge, EdgeReference, Piece, SeamPlan } from "./draft";
import type { JoinId, JoinSide } from "./join-ids";
import { type LateMeasures, lateLength } from "./late";
import { alongSewn, sewnLength } from "./sewn";
import type { Term } from "./term";

/** An edge with the piece that it is of. */
export interface WalkedEdge {
  readonly piece: Piece;
  readonly edge: Edge;
}

/** How an edge ends where the front of its part opens: what hangs from it opens alike, and its front goes on. */
export interface OpenFront {
  /** How far the finished front edge lies beyond the centre front, and what that is called. */
  readonly overlap: Term;
  /** Cloth beyond the finished edge that is folded in, and how often; null where that edge is a seam. */
  readonly foldIn: Term | null;
  readonly turns: 1 | 2;
  /** How far above the edge the lowest buttonhole is; null where the part has none. */
  readonly buttonAbove: Inches | null;
}

/** What is asked of a neck that something is sewn to, besides its length. */
export interface OpenNeck {
  readonly width: Inches;
  readonly frontDepth: Inches;
  readonly backDepth: Inches;
  /** How far the sewn front neck runs on beyond the centre front; less than none where it stops short of it. */
  readonly beyond: Inches;
  /** How far the finished front edge lies beyond the centre once its bands are on; null where the front does not open. */
  readonly overlap: Inches | null;
  /** Whether it opens at the centre back. */
  readonly opensBehind: boolean;
  /** Down to the bust line, and to the chest line. */
  readonly bustDown: Inches;
}

/** An edge that waits for another part: to be sewn to it, or to be finished. */
export interface OpenEdge {
  readonly id: JoinId;
  /** The edges of each half, from the centre to the side, as they are walked. */
  readonly rows: Readonly<Record<JoinSide, readonly EdgeReference[]>>;
  /** The same with their pieces, as they lie and move no more. */
  readonly walk: Readonly<Record<JoinSide, readonly WalkedEdge[]>>;
  /** How long each half is sewn, its darts closed; as measured on the garment, where it was. */
  readonly length: Readonly<Record<JoinSide, Inches>>;
  /** How much longer it was measured than it is drawn; 0 where it was not measured. */
  readonly off: Readonly<Record<JoinSide, Inches>>;
  /** Where darts close into it, along the sewn edge from the centre: what meets it closes its own there. */
  readonly darts: Readonly<Record<JoinSide, readonly Inches[]>>;
  /** Set where its part opens in front: the front's half then runs on to the finished edge. */
  readonly front?: OpenFront;
  readonly neck?: OpenNeck;
}

/** Where an edge's darts close, along its sewn length from its inner end. */
function dartsOf(edge: Edge): readonly Inches[] {
  const inwards = edge.stitch.start.x > pathEnd(edge.stitch).x;
  const along = edge.mouths.map(({ from }) => alongSewn(edge, from));
  return inwards ? along.map((one) => sewnLength(edge) - one).reverse() : along;
}

/**
 * An open edge measured on pieces that move no more, or as it was measured on the garment.
 *
 * @param beyond how far its front runs on beyond the centre, to which it is measured on the garment
 */
export function measureJoin(
  id: JoinId,
  rows: OpenEdge["rows"],
  pieces: readonly Piece[],
  late: LateMeasures,
  beyond: Inches = 0,
): OpenEdge {
  const edges = pieces.flatMap((piece) =>
    piece.edges.map((edge) => [`${piece.id}/${edge.id}`, { piece, edge }] as const),
  );
  const row = (side: JoinSide) =>
    rows[side].flatMap((one) => edges.filter(([id]) => id === one).map(([, walked]) => walked));
  const walk = { front: row("front"), back: row("back") };
  const drawnLength = (side: JoinSide) => walk[side].reduce((sum, { edge }) => sum + sewnLength(edge), 0);
  const drawn = { front: drawnLength("front"), back: drawnLength("back") };
  const toCentre = lateLength(id, { front: drawn.front - beyond, back: drawn.back }, late);
  const length = { front: toCentre.front + beyond, back: toCentre.back };
  // Where the edge stretched, what closes into it moved with it.
  const share = (side: JoinSide) => (drawn[side] === 0 ? 1 : length[side] / drawn[side]);
  const darts = (side: JoinSide) => {
    let before = 0;
    return walk[side].flatMap(({ edge }) => {
      const own = dartsOf(edge).map((along) => share(side) * (before + along));
      before += sewnLength(edge);
      return own;
    });
  };
  return {
    id,
    rows,
    walk,
    length,
    off: { front: length.front - drawn.front, back: length.back - drawn.back },
    darts: { front: darts("front"), back: darts("back") },
  };
}

/** How much longer than the drawn edge what is sewn to it may be: it was made as long as that was measured. */
export function easeTo({ off }: OpenEdge, sides: readonly JoinSide[], halves: number): SeamPlan["ease"] {
  const more = halves * sides.reduce((sum, side) => sum + off[side], 0);
  return { least: more, most: more };
}
