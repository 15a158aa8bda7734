import type { Result } from "../result";
import type { CutSheet } from "./cut-sheet";
import type { OrderError } from "./order";
import { type ReadOrder, readOrder } from "./read-order";
import type { RefusedOrder } from "./write-refusal";

/** What becomes of an order: its sheet, the errors in what was written, or the refusals that geometry makes. */
export type SheetOutcome<Sheet = CutSheet> =
  | { readonly kind: "sheet"; readonly sheet: Sheet }
  | { readonly kind: "errors"; readonly errors: readonly OrderError[] }
  | { readonly kind: "refused"; readonly refused: readonly RefusedOrder[] };

/** From an order as it was written to what is made of it once it is read. */
export function readAndMake<Sheet>(
  order: unknown,
  make: (read: ReadOrder) => Result<Sheet, RefusedOrder>,
): SheetOutcome<Sheet> {
  const read = readOrder(order);
  if (!read.ok) return { kind: "errors", errors: read.issues };
  const made = make(read.value);
  return made.ok ? { kind: "sheet", sheet: made.value } : { kind: "refused", refused: made.issues };
}
