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
