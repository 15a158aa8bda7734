import * as v from "valibot";
import { fail, type Result, succeed } from "../result";
import { nearestWord } from "./nearest";
import { type Order, type OrderError, orderSchema } from "./order";

interface WithEntries {
  readonly entries?: Readonly<Record<string, unknown>>;
  readonly wrapped?: unknown;
  readonly item?: unknown;
}

/** The keys that the schema knows at a place in the order. */
function knownKeys(path: readonly unknown[]): readonly string[] {
  let schema: WithEntries | undefined = orderSchema;
  for (const key of path) {
    while (schema?.wrapped !== undefined) schema = schema.wrapped as WithEntries;
    schema = (schema?.entries?.[String(key)] ?? schema?.item) as WithEntries | undefined;
  }
  while (schema?.wrapped !== undefined) schema = schema.wrapped as WithEntries;
  return Object.keys(schema?.entries ?? {});
}

function shorten(value: string): string {
  return value.length > 60 ? `${value.slice(0, 60)}…` : value;
}

function wordShape(issue: v.BaseIssue<unknown>): OrderError {
  const keys = (issue.path ?? []).map((item) => ("key" in item ? item.key : ""));
  const path = keys.map((key) => shorten(String(key))).join(".");
  if (issue.expected === "never") {
    const unknown = String(keys.at(-1));
    const known = knownKeys(keys.slice(0, -1));
    const nearest = nearestWord(unknown, known);
    const hint = nearest === null ? `Known here: ${known.join(", ")}.` : `Did you mean “${nearest}”?`;
    return { path, message: `“${shorten(unknown)}” is not part of an order. ${hint}`, nearest };
  }
  if (issue.received === "undefined") return { path, message: `${path || "The order"} is missing.`, nearest: null };
  return {
    path,
    message: `${path || "The order"} should be ${issue.expected ?? "shorter"}; it is ${shorten(issue.received)}.`,
    nearest: null,
  };
}

/** Reads the shape of an order: every key known, every value of its kind. All errors at once. */
export function readShape(input: unknown): Result<Order, OrderError> {
  const parsed = v.safeParse(orderSchema, input);
  return parsed.success ? succeed(parsed.output) : fail(...parsed.issues.map(wordShape));
}
