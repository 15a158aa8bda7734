/** What an action answers: what was kept, or what to mend, field by field. Nothing typed is lost: the form keeps it. */
export type ActionResult<Value> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly errors: readonly FieldError[] };

export interface FieldError {
  /** The field's name in the form; empty when it is about all of it. */
  readonly field: string;
  readonly message: string;
}

export function refuseWith(...errors: readonly FieldError[]): {
  readonly ok: false;
  readonly errors: readonly FieldError[];
} {
  return { ok: false, errors };
}

/** Somebody else has taken a client or an order out of the book. */
export const NOT_IN_BOOK = refuseWith({
  field: "",
  message: "This client or order is not in the shop's book any more.",
});
