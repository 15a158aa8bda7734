import type { CutSheet } from "./cut-sheet";
import type { OrderError } from "./order";
import { readOrder } from "./read-order";
import { type RefusedOrder, writeSheet } from "./write-sheet";

/** What becomes of an order: its cut sheet, the errors in what was written, or the refusals that geometry makes. */
export type SheetOutcome =
  | { readonly kind: "sheet"; readonly sheet: CutSheet }
  | { readonly kind: "errors"; readonly errors: readonly OrderError[] }
  | { readonly kind: "refused"; readonly refused: readonly RefusedOrder[] };

/** From an order as it was written to its cut sheet. The one way, for the screen, the server, the command and the tests. */
export function makeSheet(order: unknown): SheetOutcome {
  const read = readOrder(order);
  if (!read.ok) return { kind: "errors", errors: read.issues };
  const sheet = writeSheet(read.value);
  return sheet.ok ? { kind: "sheet", sheet: sheet.value } : { kind: "refused", refused: sheet.issues };
}
