import type { StoredOrder } from "@/db";

export type StoredDecided = Pick<StoredOrder, "choices" | "rules" | "cloth">;

/** A value with its keys in one order, and none that says nothing: what is the same reads the same. */
function plain(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(plain);
  if (typeof value !== "object" || value === null) return value;
  const told = Object.entries(value).filter(([, one]) => one !== undefined);
  return Object.fromEntries(told.sort(([a], [b]) => (a < b ? -1 : 1)).map(([key, one]) => [key, plain(one)]));
}

/** Whether two screens show an order decided alike. */
export function sameDecisions(one: StoredDecided, other: StoredDecided): boolean {
  const read = ({ choices, rules, cloth }: StoredDecided) => JSON.stringify(plain({ choices, rules, cloth }));
  return read(one) === read(other);
}
