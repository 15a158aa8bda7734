import * as v from "valibot";

/** Half a letter, nothing at all, and two signs that stand for no letter: neither the book nor a drawing holds them. */
const UNTELLABLE = /\p{Surrogate}|[\0\uFFFE\uFFFF]/u;

/** Whether a text can be kept and told: whole letters, and none that the book or a page cannot hold. */
function isTellable(text: string): boolean {
  return !UNTELLABLE.test(text);
}

/** So deep no form of ours is. */
const DEEPEST = 12;

function isPlain(value: unknown, deep = 0): boolean {
  if (typeof value === "string") return isTellable(value);
  if (typeof value !== "object" || value === null) return true;
  if (deep > DEEPEST) return false;
  return Object.entries(value).every(([key, one]) => isTellable(key) && isPlain(one, deep + 1));
}

type Read<Schema extends v.GenericSchema> =
  | { readonly success: true; readonly output: v.InferOutput<Schema> }
  | { readonly success: false; readonly issues: readonly v.BaseIssue<unknown>[] };

const CANNOT_BE_KEPT = v.custom<never>(() => false, "A sign in it cannot be kept: write it anew.");

/** Reads what came from outside: the one place where it is looked at before anything is done with it. */
export function readInput<Schema extends v.GenericSchema>(schema: Schema, input: unknown): Read<Schema> {
  const parsed = v.safeParse(schema, input);
  if (!parsed.success) return { success: false, issues: parsed.issues };
  if (isPlain(parsed.output)) return { success: true, output: parsed.output };
  return { success: false, issues: v.safeParse(CANNOT_BE_KEPT, input).issues ?? [] };
}
