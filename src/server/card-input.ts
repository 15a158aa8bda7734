import { randomUUID } from "node:crypto";
import * as v from "valibot";
import { type FigureKind, figureKinds } from "@/core/body";
import { readAge, readCard } from "@/core/formats";
import { parseLength, type Unit } from "@/core/length";
import type { StoredReadings } from "@/db";
import { calendarDay } from "./ids";
import { readInput } from "./read-input";
import { type ActionResult, type FieldError, refuseWith } from "./result";

const day = v.message(calendarDay, "Write the day the card was taken.");

const cardInput = v.object({
  name: v.pipe(
    v.string(),
    v.trim(),
    v.regex(/^\P{Cc}*$/u, "Write the name in letters; a sign in it cannot be kept."),
    v.minLength(1, "Write the client's name."),
    v.maxLength(120, "The name is too long for a card: 120 letters at most."),
  ),
  takenOn: day,
  figure: v.optional(v.picklist(figureKinds), "woman"),
  /** Of a child, as it was typed; empty where nobody told it. */
  age: v.optional(v.pipe(v.string(), v.maxLength(20)), ""),
  readings: v.record(v.string(), v.pipe(v.string(), v.maxLength(60))),
  /** The id that the form gave to what it makes: sent again because the answer was lost, it is kept once. */
  as: v.optional(v.pipe(v.string(), v.uuid())),
  /** The card that was the newest, or that is corrected, when the form was opened. */
  seen: v.optional(v.nullable(v.object({ cardId: v.string(), revision: v.number() }))),
});

/** The card that a form was written beside; null when there was none. */
export type SeenCard = { readonly cardId: string; readonly revision: number } | null;

export interface ReadCardInput {
  readonly name: string;
  readonly takenOn: string;
  readonly readings: StoredReadings;
  readonly figure: FigureKind;
  readonly age: number | null;
  readonly seen: SeenCard;
  readonly as: string;
}

/** A reading taken again has its unit at each taking, or else the shop's. */
function keepAsTyped(typed: string, unit: Unit): { readonly typed: string; readonly unit: Unit } {
  const length = parseLength(typed, unit);
  return { typed: typed.trim(), unit: length.ok ? length.value.unit : unit };
}

/** Reads a card as it was typed; empty fields are readings not taken. All errors at once, by field. */
export function readCardInput(input: unknown, unit: Unit): ActionResult<ReadCardInput> {
  const parsed = readInput(cardInput, input);
  if (!parsed.success)
    return refuseWith(
      ...parsed.issues.map(
        (issue): FieldError => ({ field: String(issue.path?.[0]?.key ?? ""), message: issue.message }),
      ),
    );
  const { name, takenOn, readings, figure, seen = null, as = randomUUID() } = parsed.output;
  const age = readAge(figure === "child" ? parsed.output.age : "");
  if (!age.ok) return refuseWith({ field: "age", message: age.why });
  const taken = Object.fromEntries(Object.entries(readings).filter(([, typed]) => typed.trim() !== ""));
  const { errors } = readCard(taken, unit, figure);
  if (errors.length > 0)
    return refuseWith(...errors.map(({ path, message }) => ({ field: path.split(".").at(-1) ?? "", message })));
  if (Object.keys(taken).length === 0)
    return refuseWith({ field: "", message: "There is no reading on the card yet. Write at least one." });
  return {
    ok: true,
    value: {
      name,
      takenOn,
      readings: Object.fromEntries(Object.entries(taken).map(([id, typed]) => [id, keepAsTyped(typed, unit)])),
      figure,
      age: age.value,
      seen,
      as,
    },
  };
}
