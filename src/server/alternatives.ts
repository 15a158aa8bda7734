import type { Order } from "@/core/formats";
import { sayDate } from "@/core/wording";
import { offerSets } from "./garment-decisions";
import type { LoadedOrder } from "./load";
import { writeOrder } from "./order-document";

/** Another way to draw an order. */
export interface OrderAlternative {
  readonly id: string;
  readonly label: string;
  readonly document: Order;
}

/** An order by every other set of rules, and from every other card of its client. */
export function listAlternatives({ order, cards, ...around }: LoadedOrder): {
  readonly sets: readonly OrderAlternative[];
  readonly cards: readonly OrderAlternative[];
} {
  const sets = offerSets(around.ownSets)
    .filter(({ id }) => id !== (order.rules.set ?? "close"))
    .map(({ id, label }) => ({
      id,
      label: `${label} rules`,
      document: writeOrder({ ...order, rules: { set: id } }, around),
    }));
  const others = cards
    .filter(({ id }) => id !== order.cardId)
    .map((card) => ({
      id: card.id,
      label: `Card of ${sayDate(card.takenOn)}`,
      document: writeOrder(order, { ...around, card }),
    }));
  return { sets, cards: others };
}
