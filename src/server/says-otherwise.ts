import { isDeepStrictEqual } from "node:util";
import type { Order } from "@/core/formats";

/** What of an order moves its pieces. */
const moving = ({ choices, rules, figureNotes, client }: Order) => ({
  choices: choices ?? {},
  rules: rules ?? {},
  figureNotes: figureNotes ?? [],
  readings: client?.card?.measurements ?? {},
});

/** Whether an order says otherwise than the sheet that its first pieces were cut from. */
export function saysOtherwise(frozen: Order, now: Order): boolean {
  return !isDeepStrictEqual(JSON.parse(JSON.stringify(moving(frozen))), JSON.parse(JSON.stringify(moving(now))));
}
