import type { Piece } from "../chalk";
import { joinPaths, type Path, turnPath, withStarts } from "../geometry";

/** The stitching outline as it lay before a bust dart was turned shut: the turned stretches swung back about the bust point. */
export function undoTurn(piece: Piece): Path {
  const { turn } = piece;
  if (turn === null) return piece.outline.stitch;
  const stretches = piece.edges.flatMap(({ stitch, turned: [from, to] }) =>
    withStarts(stitch).map(({ from: start, segment }, index): Path => {
      const stretch: Path = { start, segments: [segment] };
      return index >= from && index < to ? turnPath(stretch, turn.about, -turn.angle) : stretch;
    }),
  );
  const [first] = stretches;
  return joinPaths(first === undefined ? stretches : [...stretches, { start: first.start, segments: [] }]);
}
