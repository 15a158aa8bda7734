import * as v from "valibot";
import { figureKinds } from "../body";
import { layWays } from "../cloth";

/** A length in an order: a number in the order's unit, or text as a person writes it; a reading may be taken again after a semicolon. */
const typedLength = v.union([v.number(), v.pipe(v.string(), v.maxLength(60))]);

const ruleValue = v.union([v.boolean(), v.number(), v.pipe(v.string(), v.maxLength(60))]);

/** A choice may be several lengths in a row. */
const choiceValue = v.union([v.boolean(), v.number(), v.pipe(v.string(), v.maxLength(160))]);

const text = (most: number) => v.pipe(v.string(), v.maxLength(most));

const typedNumber = v.union([v.number(), text(20)]);

const cloth = v.strictObject({
  width: v.optional(typedLength),
  length: v.optional(typedLength),
  oneWay: v.optional(v.boolean()),
  shrinkage: v.optional(typedNumber),
  repeat: v.optional(typedLength),
  price: v.optional(typedNumber),
  spots: v.optional(
    v.pipe(
      v.array(v.strictObject({ across: typedLength, down: typedLength, width: typedLength, length: typedLength })),
      v.maxLength(20),
    ),
  ),
});

/** A piece laid by hand; places in inches within its stretch of cloth, the turn in degrees. */
const pin = v.strictObject({
  unit: text(80),
  copy: v.number(),
  mirrored: v.boolean(),
  turn: v.number(),
  x: v.number(),
  y: v.number(),
});

/** How one cloth is folded, what was laid by hand, and what came of it, kept with the order. Numbers in inches. */
export const keptLay = v.strictObject({
  way: v.optional(v.picklist(layWays)),
  pins: v.optional(v.pipe(v.array(pin), v.maxLength(60))),
  kept: v.optional(
    v.strictObject({
      /** The outlines that were laid: another draft is laid again. */
      of: text(40),
      width: v.number(),
      used: v.number(),
      /** Where every piece lay. */
      laid: v.optional(v.pipe(v.array(pin), v.maxLength(60))),
      left: v.pipe(
        v.array(v.strictObject({ across: v.number(), down: v.number(), width: v.number(), length: v.number() })),
        v.maxLength(12),
      ),
    }),
  ),
});

export type KeptLay = v.InferOutput<typeof keptLay>;

/** What a tailor asks for (FORMATS: order). Only the garment and the readings that it needs are required. */
export const orderSchema = v.strictObject({
  format: v.optional(v.literal("inner-fold/order")),
  version: v.optional(v.literal(1)),
  unit: v.optional(v.picklist(["in", "cm"])),
  client: v.optional(
    v.strictObject({
      name: v.optional(text(200)),
      card: v.optional(
        v.strictObject({
          taken: v.optional(text(40)),
          /** Whose body it is; a woman's where it is left out. */
          figure: v.optional(v.picklist(figureKinds)),
          /** Of a child, in years. */
          age: v.optional(typedNumber),
          /** Of an arm or a leg both sides may be told, the wearer's. */
          measurements: v.optional(
            v.record(v.string(), v.union([typedLength, v.strictObject({ left: typedLength, right: typedLength })])),
          ),
        }),
      ),
    }),
  ),
  garment: text(80),
  choices: v.optional(v.record(v.string(), choiceValue)),
  rules: v.optional(v.record(v.string(), v.union([ruleValue, v.record(v.string(), ruleValue)]))),
  figureNotes: v.optional(
    v.array(
      v.strictObject({
        piece: text(80),
        line: text(80),
        amount: typedLength,
        why: text(200),
        /** Of the wearer. */
        side: v.optional(v.picklist(["both", "left", "right"])),
      }),
    ),
  ),
  /** Tiers are measured one after the other: a list, null where one was not. */
  measuredOnGarment: v.optional(v.record(v.string(), v.union([typedLength, v.array(v.nullable(typedLength))]))),
  cloth: v.optional(cloth),
  cloths: v.optional(
    v.strictObject({ contrast: v.optional(cloth), lining: v.optional(cloth), stay: v.optional(cloth) }),
  ),
  lay: v.optional(
    v.strictObject({
      main: v.optional(keptLay),
      contrast: v.optional(keptLay),
      lining: v.optional(keptLay),
      stay: v.optional(keptLay),
      /** Lone pieces that are cut from the contrast in place of their own cloth. */
      elsewhere: v.optional(v.pipe(v.array(text(80)), v.maxLength(20))),
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
