import type { Draft, PartId, Piece } from "./draft";

/** The pieces of one part of a garment. */
export function piecesOf({ pieces }: Pick<Draft, "pieces">, part: PartId): readonly Piece[] {
  return pieces.filter((piece) => piece.part === part);
}
