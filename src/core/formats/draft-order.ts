import { type Draft, type Refusal, scaleDraft } from "../chalk";
import { draftGarment } from "../garments";
import { type Result, succeed } from "../result";
import type { ReadOrder } from "./read-order";

/** An order drawn twice: in full size, as it is proved, and as it is chalked (perhaps its half, for practice). */
export interface DraftedOrder {
  readonly full: Draft;
  readonly draft: Draft;
}

/** Pieces that the tailor takes from another cloth. */
function takeElsewhere(draft: Draft, elsewhere: readonly string[]): Draft {
  if (elsewhere.length === 0) return draft;
  const pieces = draft.pieces.map((piece) =>
    piece.part === "finish" && elsewhere.includes(piece.id) ? { ...piece, cloth: "contrast" as const } : piece,
  );
  return { ...draft, pieces };
}

/** Draws an order that was read, or says why it cannot be drawn. */
export function draftOrder(read: ReadOrder): Result<DraftedOrder, Refusal> {
  const drawn = draftGarment(read.garment, read.given);
  if (!drawn.ok) return drawn;
  const full = takeElsewhere(drawn.value, read.order.lay?.elsewhere ?? []);
  const scale = Number(read.given.choices.scale ?? 1);
  return succeed({ full, draft: scale === 1 ? full : scaleDraft(full, scale) });
}
