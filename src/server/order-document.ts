import type { Order } from "@/core/formats";
import type { Unit } from "@/core/length";
import type { Card, Client, StoredOrder } from "@/db";
import { withUnit } from "./readings";

/** The order as it would be written to a file: what the core draws from, on the server and in the browser alike. */
export function writeOrder(order: StoredOrder, client: Client, card: Card, unit: Unit): Order {
  const measurements = Object.fromEntries(
    Object.entries(card.readings).map(([id, { typed, unit: own }]) => [id, withUnit(typed, own, unit)]),
  );
  return {
    format: "inner-fold/order",
    version: 1,
    unit,
    client: { name: client.name, card: { taken: card.takenOn, measurements } },
    garment: order.garment,
    choices: { ...order.choices },
    rules: { ...order.rules },
    cloth: { ...order.cloth },
  };
}
