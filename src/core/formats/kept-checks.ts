import * as v from "valibot";
import type { CutSheet } from "./cut-sheet";

/** Why a group is cut although its check has not passed (craft: table, waiver). */
export const waiverReasons = ["cloth-moves", "measured-otherwise", "difference-accepted", "practice", "words"] as const;
export type WaiverReason = (typeof waiverReasons)[number];

/** Someone cuts all the same: who, when, why, and what had been read. Kept for good. */
export const waiverSchema = v.object({
  by: v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(80)),
  on: v.pipe(v.string(), v.maxLength(40)),
  reason: v.picklist(waiverReasons),
  words: v.pipe(v.string(), v.maxLength(400)),
  lengths: v.pipe(
    v.array(v.object({ id: v.string(), expected: v.number(), read: v.nullable(v.number()) })),
    v.maxLength(60),
  ),
});
export type Waiver = v.InferOutput<typeof waiverSchema>;

/** One group's check as far as it has come: what was read, as typed and in inches; a length that agrees is read as drawn. */
export const keptCheckSchema = v.object({
  read: v.record(
    v.pipe(v.string(), v.maxLength(80)),
    v.object({ typed: v.pipe(v.string(), v.maxLength(40)), value: v.number() }),
  ),
  waiver: v.optional(waiverSchema),
});
export type KeptCheck = v.InferOutput<typeof keptCheckSchema>;
export type KeptChecks = Readonly<Record<string, KeptCheck>>;

/** The sheet with what was read on its chalk, and the waivers, as it is frozen. */
export function withChecks(sheet: CutSheet, checks: KeptChecks, done: readonly string[]): CutSheet {
  return {
    ...sheet,
    steps: sheet.steps.map((step) => {
      const kept = checks[step.id];
      if (step.lengths === undefined || kept === undefined) return step;
      const state = kept.waiver !== undefined ? "waived" : done.includes(step.id) ? "passed" : "open";
      return {
        ...step,
        state,
        ...(kept.waiver === undefined ? {} : { waiver: kept.waiver }),
        lengths: step.lengths.map((length) => {
          const read = kept.read[length.id]?.value ?? null;
          const agrees = read !== null && Math.abs(read - length.expected) <= length.tolerance + 1e-9;
          return {
            ...length,
            read,
            state: read === null ? ("open" as const) : agrees ? ("agrees" as const) : ("missed" as const),
          };
        }),
      };
    }),
  };
}

/** Who let which group be cut although its chalk was not proven: from the sheet as it was frozen, or as it is kept now. */
export function waiversOf(
  sheet: CutSheet,
  checks: KeptChecks,
): readonly { readonly group: string; readonly waiver: Waiver }[] {
  return sheet.steps.flatMap(({ id, group, waiver: frozen }) => {
    const waiver = frozen ?? checks[id]?.waiver;
    return waiver === undefined ? [] : [{ group, waiver }];
  });
}
