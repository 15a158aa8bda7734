import * as v from "valibot";

/** A length in an order: a number in the order's unit, or text as a person writes it; a reading may be taken again after a semicolon. */
const typedLength = v.union([v.number(), v.pipe(v.string(), v.maxLength(60))]);

const ruleValue = v.union([v.boolean(), v.number(), v.pipe(v.string(), v.maxLength(60))]);

const text = (most: number) => v.pipe(v.string(), v.maxLength(most));

/** What a tailor asks for (FORMATS: order). Only the garment and the readings that it needs are required. */
export const orderSchema = v.strictObject({
  format: v.optional(v.literal("inner-fold/order")),
  version: v.optional(v.literal(1)),
  unit: v.optional(v.picklist(["in", "cm"])),
  client: v.optional(
    v.strictObject({
      name: v.optional(text(200)),
      card: v.optional(
        v.strictObject({ taken: v.optional(text(40)), measurements: v.optional(v.record(v.string(), typedLength)) }),
      ),
    }),
  ),
  garment: text(80),
  choices: v.optional(v.record(v.string(), ruleValue)),
  rules: v.optional(v.record(v.string(), v.union([ruleValue, v.record(v.string(), ruleValue)]))),
  figureNotes: v.optional(
    v.array(v.strictObject({ piece: text(80), line: text(80), amount: typedLength, why: text(200) })),
  ),
  measuredOnGarment: v.optional(v.record(v.string(), typedLength)),
  cloth: v.optional(
    v.strictObject({
      width: v.optional(typedLength),
      length: v.optional(typedLength),
      oneWay: v.optional(v.boolean()),
    }),
  ),
});

export type Order = v.InferOutput<typeof orderSchema>;

/** Something in an order that cannot be read, with its place, what to do, and the nearest thing that could have been meant. */
export interface OrderError {
  readonly path: string;
  readonly message: string;
  readonly nearest: string | number | boolean | null;
}

/** Late measures that an order may carry (craft: making). */
export const lateMeasures = [
  "armhole",
  "armholeFront",
  "armholeBack",
  "necklineFront",
  "necklineBack",
  "waistEdge",
  "cuffEdge",
] as const;
