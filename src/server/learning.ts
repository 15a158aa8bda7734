import { type Learnt, type LearntEntry, type LearntRule, learn, learnRules } from "@/core/making";
import { database, type ListedOrder, listFittedOrders, type StoredOrder } from "@/db";

function entriesOf({ id, clientId, fitted }: Pick<StoredOrder, "id" | "clientId" | "fitted">): readonly LearntEntry[] {
  return fitted.map(({ seen, inches, rule }) => ({
    client: clientId,
    order: id,
    seen,
    amount: inches,
    rules: rule === undefined ? {} : { [rule.id]: rule.value },
  }));
}

/** What keeps being altered for one client, over all of their orders. */
export function learnClient(orders: readonly ListedOrder[]): readonly Learnt[] {
  return learn(orders.flatMap(entriesOf));
}

/** What keeps being altered under a house rule, over the whole book. */
export async function learnShop(): Promise<readonly LearntRule[]> {
  return learnRules((await listFittedOrders(await database())).flatMap(entriesOf));
}
