import { makeCrowd, type Readings } from "../body";
import { makeSheet, type Order } from "../formats";
import type { Unit } from "../length";

/** A rehearsal is chalked on scrap: at half its size as a rule, or full. */
export type PracticeScale = "0.5" | "1";

/** So many made-up bodies are tried before a garment is said not to be drawable. */
const BODIES = 12;

function orderFor(garment: string, body: Readings, unit: Unit, scale: PracticeScale): Order {
  const measurements = Object.fromEntries(Object.entries(body).map(([id, inches]) => [id, `${inches} in`]));
  return {
    format: "inner-fold/order",
    version: 1,
    unit,
    client: { name: "Nobody, made up for practice", card: { measurements } },
    garment,
    choices: { scale },
  };
}

/** A garment of the catalogue for a made-up client; undefined where none of a dozen bodies can wear it. */
export function madeUpOrder(garment: string, seed: number, unit: Unit, scale: PracticeScale): Order | undefined {
  return makeCrowd(seed, BODIES)
    .map((body) => orderFor(garment, body, unit, scale))
    .find((order) => makeSheet(order).kind === "sheet");
}

/** A real order at the size that is rehearsed; nothing of the order itself changes. */
export function rehearsedOrder(order: Order, scale: PracticeScale): Order {
  return { ...order, choices: { ...order.choices, scale } };
}
