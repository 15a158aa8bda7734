import type { PieceChalk, StepReason, Term } from "../chalk";
import { at, type Point } from "../geometry";
import { type Inches, roundToStep, TRUEING_STEP } from "../length";

/** How a place is told that geometry found: by which term its reading across is called, and why it lies there. */
interface Told {
  readonly term: (across: Inches) => Term;
  readonly why: StepReason;
  readonly allowance?: Inches | undefined;
}

/** Marks a place of a piece that is drawn as it ends, to the step that edges are trued to. */
export function markDrawn(piece: PieceChalk, id: string, place: Point, { term, why, allowance }: Told): void {
  const stitch = at(roundToStep(place.x, TRUEING_STEP), roundToStep(place.y, TRUEING_STEP));
  piece.at({ id, terms: [term(stitch.x)], stitch, ...(allowance === undefined ? {} : { allowance }), why });
}
