import { scale } from "../geometry";
import type { Draft } from "./draft";
import { type Motion, movePiece } from "./motion";

/** A draft to chalk at another scale, for practice: every reading, sum and allowance of it (craft: bodice, freehand bustier). */
export function scaleDraft(draft: Draft, factor: number): Draft {
  const times = (length: number) => length * factor;
  const smaller: Motion = { point: (place) => scale(place, factor), length: times, depth: times };
  return { ...draft, pieces: draft.pieces.map((piece) => movePiece(piece, smaller)) };
}
