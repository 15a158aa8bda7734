/** What a public function of the core returns when its input may not work: the value, or every issue as data. */
export type Result<Value, Issue> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly issues: readonly Issue[] };

export function succeed<Value>(value: Value): { readonly ok: true; readonly value: Value } {
  return { ok: true, value };
}

export function fail<Issue>(...issues: readonly Issue[]): { readonly ok: false; readonly issues: readonly Issue[] } {
  return { ok: false, issues };
}

/** Ends the program on our own mistake: a value that the code before has made certain is missing after all. */
export function certain<Value>(value: Value | undefined | null, what: string): Value {
  if (value === undefined || value === null) throw new Error(`expected ${what}, found nothing`);
  return value;
}
