import * as v from "valibot";
import { type OrderState, orderStates } from "@/db";
import { readInput } from "./read-input";

const id = v.pipe(v.string(), v.uuid());

/** A day that a calendar has: the thirtieth of February is written like one and is none. */
export const calendarDay = v.pipe(
  v.string(),
  v.isoDate(),
  v.check((day) => {
    const at = new Date(`${day}T00:00:00Z`);
    return !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === day;
  }),
);

/** An id that came from outside; undefined when it is none, so that nothing else reaches the database. */
export function readId(input: unknown): string | undefined {
  const parsed = readInput(id, input);
  return parsed.success ? parsed.output : undefined;
}

/** An order's state that came from outside; null when it is none. */
export function orderStateOf(input: unknown): OrderState | null {
  return orderStates.find((state) => state === input) ?? null;
}
