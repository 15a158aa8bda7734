import type { LayWay } from "../cloth";
import type { Order } from "./order";

/** What is decided anew when a change is tried. */
export interface OrderPatch {
  readonly choices?: Readonly<Record<string, string | boolean>>;
  readonly way?: LayWay;
  readonly oneWay?: false;
  readonly elsewhere?: readonly string[];
}

/** How the cloths lie after a change: what was laid by hand in another way of folding goes. */
export function patchLay(lay: Order["lay"], { way, elsewhere }: OrderPatch): NonNullable<Order["lay"]> {
  return {
    ...lay,
    ...(way === undefined ? {} : { main: { way } }),
    ...(elsewhere === undefined ? {} : { elsewhere: [...elsewhere] }),
  };
}

/** An order with a change. */
export function patchOrder(order: Order, patch: OrderPatch): Order {
  const { choices, oneWay } = patch;
  return {
    ...order,
    choices: { ...order.choices, ...choices },
    cloth: { ...order.cloth, ...(oneWay === undefined ? {} : { oneWay }) },
    lay: patchLay(order.lay, patch),
  };
}
