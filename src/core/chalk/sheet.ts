import type { MeasurementId } from "../body";
import { fail, type Result, succeed } from "../result";
import type { Draft, GirthPlan, Opening, SeamPlan } from "./draft";
import type { Given } from "./given";
import type { PieceStart } from "./piece-calls";
import { PieceChalk } from "./piece-chalk";
import { type Refusal, RefusalSignal } from "./refusal";

/** The table a recipe chalks on. Lives only while a recipe runs; what comes out is plain data. */
export class Sheet {
  readonly #pieces: PieceChalk[] = [];
  readonly #seams: SeamPlan[] = [];
  readonly #girths: GirthPlan[] = [];
  #opening: Opening = "none";

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

  openAt(opening: Opening): void {
    this.#opening = opening;
  }

  finish(garment: string, needed: readonly MeasurementId[]): Draft {
    return {
      garment,
      given: this.given,
      pieces: this.#pieces.map((piece) => piece.finish()),
      seams: this.#seams,
      girths: this.#girths,
      opening: this.#opening,
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
