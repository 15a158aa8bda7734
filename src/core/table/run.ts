import { type LineId, lineIds, type Mark, type Piece } from "../chalk";
import type { TableStep } from "../cloth";
import type { Inches, Tick } from "../length";
import { certain } from "../result";

/** What is chalked from one fold without a cut between: one piece, a panelled half, or front and back in four layers. */
export interface ChalkRun {
  /** Begins its placements' ids. */
  readonly id: string;
  readonly steps: readonly TableStep[];
  readonly pieces: ReadonlyMap<string, Piece>;
  readonly tick: Tick;
  /** Set after the layers were separated: lines and marks are on the cloth already. */
  readonly alone: boolean;
}

export function pieceIn(run: ChalkRun, id: string): Piece {
  return certain(run.pieces.get(id), `piece ${id} at the table`);
}

export function markIn(piece: Piece, id: string): Mark {
  return certain(
    piece.marks.find((mark) => mark.id === id),
    `mark ${id} on ${piece.id}`,
  );
}

/** The guide line that a mark is named after, if its piece has it. */
export function namedLine(piece: Piece, mark: string): Piece["lines"][number] | undefined {
  const [prefix] = mark.split("/");
  return (lineIds as readonly string[]).includes(prefix ?? "")
    ? piece.lines.find(({ id }) => id === (prefix as LineId))
    : undefined;
}

/** Where a piece's origin lies across at the depth of a place that was read across from it. */
export function originAt(mark: Mark): Inches {
  return mark.place.stitch.x - mark.stitch;
}
