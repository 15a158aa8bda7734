import type { SheetTerm } from "../formats";
import type { Inches } from "../length";
import type { PracticeQuestion } from "./question";

/** What went wrong in a sum, by the number that was typed (craft: table, practice). */
export const slipIds = [
  "whole-for-quarter",
  "half-for-quarter",
  "no-ease",
  "no-seam",
  "seam-twice",
  "not-given-back",
  "wrong-origin",
  "wrong-line",
  "arithmetic",
  "unknown",
] as const;
export type SlipId = (typeof slipIds)[number];

/** A typed number within this of a variant was made that way. */
const NEAR: Inches = 1 / 16;
/** Right terms, added up wrong, are off by less than this. */
const OFF_BY: Inches = 1;

/** What the terms of one kind add up to. */
function sumOf(terms: readonly SheetTerm[], kind: SheetTerm["kind"]): Inches {
  return terms.filter((term) => term.kind === kind).reduce((sum, { value }) => sum + value, 0);
}

/** A number that a slip would give, each slip in the order in which it is asked for. */
function variantsOf({
  terms,
  answer,
  net,
  part,
  offsets,
  elsewhere,
}: PracticeQuestion): readonly (readonly [SlipId, readonly Inches[]])[] {
  const body = sumOf(terms, "body");
  const ease = sumOf(terms, "ease");
  const seam = part === "cut" ? answer - net : sumOf(terms, "allowance");
  const back = sumOf(terms, "given-back");
  const changed = (by: Inches) => (Math.abs(by) < NEAR ? [] : [answer + by]);
  return [
    // Only what the body gives is divided.
    ["whole-for-quarter", body === 0 ? [] : [4 * answer, ...changed(3 * body)]],
    ["half-for-quarter", [2 * answer, ...changed(body)]],
    ["no-ease", changed(-ease)],
    ["no-seam", changed(-seam)],
    ["seam-twice", changed(seam)],
    ["not-given-back", changed(-back)],
    ["wrong-origin", offsets.flatMap((offset) => [answer + offset, answer - offset])],
    ["wrong-line", elsewhere],
  ];
}

/** Whether a typed number is the one to chalk: to the tick, as it is said. */
export function isRight({ answer }: PracticeQuestion, typed: Inches): boolean {
  return Math.abs(typed - answer) < 1 / 32 + 1e-6;
}

/** What went wrong, by the first variant of the sum that gives the typed number; null where it is right. */
export function slipOf(question: PracticeQuestion, typed: Inches): SlipId | null {
  if (isRight(question, typed)) return null;
  const found = variantsOf(question).find(([, values]) => values.some((value) => Math.abs(value - typed) <= NEAR));
  if (found !== undefined) return found[0];
  return Math.abs(typed - question.answer) < OFF_BY ? "arithmetic" : "unknown";
}
