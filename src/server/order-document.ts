import type { Order } from "@/core/formats";
import type { Unit } from "@/core/length";
import type { Card, Client, StoredOrder } from "@/db";
import { withUnit } from "./readings";

/** The unit an order is read in: the metric rules are chalked in half centimetres, whatever the shop's own tape. */
export function orderUnit(rules: StoredOrder["rules"], shop: Unit): Unit {
  return rules.set === "metric" ? "cm" : shop;
}

/** The cloth of an order, each length with its unit; a field that is empty is left out. */
export function writeCloth(cloth: StoredOrder["cloth"], shop: Unit): NonNullable<Order["cloth"]> {
  const { width, length, oneWay } = cloth;
  return {
    ...(width === undefined || width.trim() === "" ? {} : { width: withUnit(width, shop) }),
    ...(length === undefined || length.trim() === "" ? {} : { length: withUnit(length, shop) }),
    ...(oneWay === undefined ? {} : { oneWay }),
  };
}

/**
 * The order as it would be written to a file: what the core draws from, on the server and in the browser alike. Every
 * length says its unit, so that another rule set may change the order's unit and nothing else.
 */
export function writeOrder(order: StoredOrder, client: Client, card: Card, shop: Unit): Order {
  const measurements = Object.fromEntries(
    Object.entries(card.readings).map(([id, { typed, unit }]) => [id, withUnit(typed, unit)]),
  );
  return {
    format: "inner-fold/order",
    version: 1,
    unit: orderUnit(order.rules, shop),
    client: { name: client.name, card: { taken: card.takenOn, measurements } },
    garment: order.garment,
    choices: { ...order.choices },
    rules: { ...order.rules },
    cloth: writeCloth(order.cloth, shop),
  };
}
