import { pathEnd, pathLength, placeAtLength } from "../geometry";
import { type Inches, roundToStep } from "../length";
import type { Edge, EdgeReference, Notch, Piece, SeamPlan } from "./draft";

interface Placed {
  readonly piece: string;
  readonly notch: Notch;
  readonly edge: Edge;
}

/** Edges are sewn from their upper end: that is where a notch is counted from. */
function startsBelow({ stitch }: Edge): boolean {
  return stitch.start.y > pathEnd(stitch).y + 1;
}

/** Whether a notch is counted from the end of its edge rather than from its start. */
function countsBack({ notch, edge }: Placed): boolean {
  return notch.counts === undefined ? startsBelow(edge) : notch.counts === "from-end";
}

function fromSewnEnd(placed: Placed): Inches {
  const { notch, edge } = placed;
  return countsBack(placed) ? pathLength(edge.stitch) - notch.at : notch.at;
}

function notchesOn(pieces: readonly Piece[], row: readonly EdgeReference[]): readonly Placed[] {
  return row.flatMap((reference) => {
    const [id, edgeId] = reference.split("/");
    const piece = pieces.find((one) => one.id === id);
    const edge = piece?.edges.find((one) => one.id === edgeId);
    if (piece === undefined || edge === undefined) return [];
    return piece.notches.filter((notch) => notch.edge === edgeId).map((notch) => ({ piece: piece.id, notch, edge }));
  });
}

const keyOf = (piece: string, { id, edge }: Notch): string => `${piece} ${edge} ${id}`;

/** How far each notch of a seam moves along its edge, away from the upper end: partners by the same. */
function movesOf(pieces: readonly Piece[], { a, b }: SeamPlan, step: Inches): readonly (readonly [string, Inches])[] {
  const others = notchesOn(pieces, b);
  return notchesOn(pieces, a).flatMap((first) => {
    const partner = others.find(({ notch }) => notch.id === first.notch.id);
    if (partner === undefined) return [];
    const place = fromSewnEnd(first);
    const move = roundToStep(place, step) - place;
    return [first, partner].map((one) => [keyOf(one.piece, one.notch), countsBack(one) ? -move : move] as const);
  });
}

/** A notch this near to an end would leave its edge. */
const AT_END: Inches = 1 / 2;

function moveNotch(notch: Notch, edge: Edge | undefined, by: Inches): Notch {
  if (edge === undefined || by === 0) return notch;
  const at = notch.at + by;
  const length = pathLength(edge.stitch);
  if (at < AT_END || at > length - AT_END) return notch;
  return { ...notch, at, point: placeAtLength(edge.stitch, at).point };
}

/**
 * Notches that meet are set alike: the first edge's on a tick of the tape, counted from the end that is sewn first, and
 * its partner moved by the same, so that they meet as before (craft: table, notch-pair).
 */
export function settleNotches(pieces: readonly Piece[], seams: readonly SeamPlan[], step: Inches): readonly Piece[] {
  if (step === 0) return pieces;
  const moves = new Map(seams.flatMap((seam) => movesOf(pieces, seam, step)));
  return pieces.map((piece) => ({
    ...piece,
    notches: piece.notches.map((notch) =>
      moveNotch(
        notch,
        piece.edges.find(({ id }) => id === notch.edge),
        moves.get(keyOf(piece.id, notch)) ?? 0,
      ),
    ),
  }));
}
