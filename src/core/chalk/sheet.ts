import type { MeasurementId } from "../body";
import type { Inches } from "../length";
import { fail, type Result, succeed } from "../result";
import type { Draft, GirthPlan, Opening, Piece, Remark, SeamPlan } from "./draft";
import { type Given, givenStep } from "./given";
import type { PieceStart } from "./piece-calls";
import { PieceChalk } from "./piece-chalk";
import { raisePiece } from "./raise-piece";
import { readFromEdge } from "./read-from-edge";
import { type Refusal, RefusalSignal } from "./refusal";
import { settleNotches } from "./settle-notches";
import { settleOnCloth } from "./settle-on-cloth";
import { type SplitPlan, splitPieces } from "./split-piece";

/** The table a recipe chalks on. Lives only while a recipe runs; what comes out is plain data. */
export class Sheet {
  readonly #pieces: PieceChalk[] = [];
  readonly #seams: SeamPlan[] = [];
  readonly #girths: GirthPlan[] = [];
  readonly #splits: SplitPlan[] = [];
  readonly #starts = new Map<string, { readonly down: Inches; readonly allowance: Inches }>();
  readonly #finished: Piece[] = [];
  readonly #remarks: Remark[] = [];
  #fromEdge = false;
  #opening: Opening = "none";
  #opensTo: Inches | null = null;

  constructor(readonly given: Given) {}

  piece(id: string, start: PieceStart): PieceChalk {
    const piece = new PieceChalk(this.given, id, start);
    this.#pieces.push(piece);
    return piece;
  }

  /** Promises that two rows of edges will be sewn together; `ease` in inches is how much longer `a` may be. */
  seam(seam: SeamPlan): void {
    this.#seams.push(seam);
  }

  /** Promises a finished girth round the whole body. */
  girth(girth: GirthPlan): void {
    this.#girths.push(girth);
  }

  /** Promises how the garment opens, and how far down from the top line. */
  openAt(opening: Opening, opensTo: Inches | null): void {
    this.#opening = opening;
    this.#opensTo = opensTo;
  }

  /** Cuts a piece that was chalked whole into an upper and a lower one, joined by a seam. */
  splitAcross(plan: SplitPlan): void {
    this.#splits.push(plan);
  }

  /** A piece that starts below the draft's top line, at a line of its own with a seam above it. */
  startAt(piece: string, down: Inches, allowance: Inches): void {
    this.#starts.set(piece, { down, allowance });
  }

  /** Says lengths from the cloth's edge instead of the top line. */
  readLengthsFromEdge(): void {
    this.#fromEdge = true;
  }

  /** Adds a piece that is no half of the body: a strip. */
  add(piece: Piece): void {
    this.#finished.push(piece);
  }

  /** Tells the tailor something that the recipe did. */
  remark(remark: Remark): void {
    this.#remarks.push(remark);
  }

  #finishPiece(piece: PieceChalk): Piece {
    const start = this.#starts.get(piece.id);
    return start === undefined ? piece.finish() : raisePiece(piece.finish(), start.down, start.allowance);
  }

  finish(garment: string, needed: readonly MeasurementId[]): Draft {
    const whole = [...this.#pieces.map((piece) => this.#finishPiece(piece)), ...this.#finished];
    const split = splitPieces(whole, this.#seams, this.#splits);
    const step = givenStep(this.given);
    const pieces = settleNotches(settleOnCloth(split.pieces, step), split.seams, step);
    return {
      garment,
      given: this.given,
      pieces: this.#fromEdge ? pieces.map(readFromEdge) : pieces,
      seams: split.seams,
      girths: this.#girths,
      opening: this.#opening,
      opensTo: this.#opensTo,
      remarks: this.#remarks,
      needed,
    };
  }
}

/**
 * Runs a recipe on a fresh sheet. The one border where a refusal is caught.
 *
 * @returns the draft, or the refusal with the readings that conflict and the nearest that works
 */
export function chalkDraft(
  garment: string,
  needed: readonly MeasurementId[],
  given: Given,
  recipe: (sheet: Sheet) => void,
): Result<Draft, Refusal> {
  const sheet = new Sheet(given);
  try {
    recipe(sheet);
  } catch (thrown) {
    if (thrown instanceof RefusalSignal) return fail(thrown.refusal);
    throw thrown;
  }
  return succeed(sheet.finish(garment, needed));
}
