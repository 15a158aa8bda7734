import * as v from "valibot";
import { orderSchema } from "@/core/formats";

const typed = v.pipe(v.string(), v.maxLength(60));

const oneCloth = {
  width: v.optional(typed),
  length: v.optional(typed),
  oneWay: v.optional(v.boolean()),
  shrinkage: v.optional(typed),
  repeat: v.optional(typed),
  price: v.optional(typed),
  spots: v.optional(
    v.pipe(v.array(v.strictObject({ across: typed, down: typed, width: typed, length: typed })), v.maxLength(20)),
  ),
};

/** The cloths of an order as they are kept and as a shop's file has them. */
export const storedCloth = v.strictObject({
  ...oneCloth,
  others: v.optional(
    v.strictObject({
      contrast: v.optional(v.strictObject(oneCloth)),
      lining: v.optional(v.strictObject(oneCloth)),
      stay: v.optional(v.strictObject(oneCloth)),
    }),
  ),
  lay: orderSchema.entries.lay,
});
