import type { Draft } from "../chalk";
import { isSimple } from "../geometry";
import type { Finding } from "./finding";

/** Pieces whose stitching or cutting outline crosses itself: nothing that could be cut. */
export function findOutlineErrors(draft: Draft): readonly Finding[] {
  return draft.pieces
    .filter(({ outline }) => !isSimple(outline.stitch) || !isSimple(outline.cut))
    .map(({ id }) => ({ id: "outline-crosses-itself", level: "error", piece: id, numbers: {} }));
}
