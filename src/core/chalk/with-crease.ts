import { isStraight, pathLength } from "../geometry";
import type { ChalkStep, Crease, Mark, Piece, StepReason } from "./draft";

/** The step that makes a mark which was found on a piece that is drawn already: across from its origin, at its depth. */
function markStep(piece: Piece, mark: Mark, why: StepReason): ChalkStep {
  return {
    id: mark.id.replace("/", "-"),
    act: { kind: "at", mark: mark.id, down: mark.place.stitch.y },
    marks: [mark.id],
    from: piece.origin,
    direction: "across",
    reading: mark.stitch,
    terms: mark.terms,
    cutReading: null,
    why,
  };
}

/** A piece with a line on it that is chalked and never cut, through marks of its own. */
export function withCrease(piece: Piece, crease: Crease, marks: readonly Mark[], why: StepReason): Piece {
  const through = marks.map(({ id }) => id);
  const line: ChalkStep = {
    id: `${crease.id}-line`,
    act: { kind: "crease", crease: crease.id, curved: !isStraight(crease.path), through },
    marks: through,
    from: "edge-start",
    direction: "along",
    reading: pathLength(crease.path),
    terms: [],
    cutReading: null,
    why,
  };
  return {
    ...piece,
    creases: [...(piece.creases ?? []), crease],
    marks: [...piece.marks, ...marks],
    steps: [...piece.steps, ...marks.map((mark) => markStep(piece, mark, why)), line],
  };
}
