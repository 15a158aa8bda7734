import type { SheetOutcome } from "@/core/formats";
import type { FieldError } from "./result";

/** What stands in the way of a sheet, each at the decision it belongs to; nothing when it was drawn. */
export function outcomeErrors(outcome: SheetOutcome<unknown>): readonly FieldError[] {
  if (outcome.kind === "sheet") return [];
  if (outcome.kind === "errors") return outcome.errors.map(({ path, message }) => ({ field: path, message }));
  return outcome.refused.flatMap(({ conflicts, message, remedy }) =>
    (conflicts.length === 0 ? [""] : conflicts).map((field) => ({ field, message: `${message} ${remedy}` })),
  );
}
