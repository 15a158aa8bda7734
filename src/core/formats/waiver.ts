import * as v from "valibot";

/** Why a group is cut although its check has not passed (craft: table, waiver). */
export const waiverReasons = ["cloth-moves", "measured-otherwise", "difference-accepted", "practice", "words"] as const;
export type WaiverReason = (typeof waiverReasons)[number];

/** Someone cuts all the same: who, when, why, and what had been read. Kept for good. */
export const waiverSchema = v.object({
  by: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
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
