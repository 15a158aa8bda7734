import { typicalBody } from "../../src/core/body";
import { outcomeOf, signatures } from "./outcome";
import type { RandomOrder } from "./random-order";

function without<Row extends Readonly<Record<string, unknown>>>(row: Row, key: string): Row {
  return Object.fromEntries(Object.entries(row).filter(([id]) => id !== key)) as Row;
}

/** Every order that is smaller by one thing. */
function* smaller(order: RandomOrder): Generator<RandomOrder> {
  const measurements = order.client.card.measurements;
  if (measurements.bust !== typicalBody.bust)
    yield { ...order, unit: "in", client: { card: { measurements: { ...typicalBody } as never } } };
  for (const id of Object.keys(order.rules)) if (id !== "set") yield { ...order, rules: without(order.rules, id) };
  if (order.rules.set !== "close") yield { ...order, rules: { ...order.rules, set: "close" } };
  for (const id of Object.keys(order.choices)) yield { ...order, choices: without(order.choices, id) };
  if (order.figureNotes.length > 0) yield { ...order, figureNotes: [] };
}

/** The smallest order found that still has a fault: rules, choices and the odd body dropped one by one. */
export function reduceOrder(order: RandomOrder, signature: string): RandomOrder {
  let now = order;
  for (let found = true; found; ) {
    found = false;
    for (const tried of smaller(now)) {
      if (!signatures(outcomeOf(tried)).includes(signature)) continue;
      now = tried;
      found = true;
      break;
    }
  }
  return now;
}

/** An order in one line: what is not usual about it. */
export function sayOrder(order: RandomOrder): string {
  const body =
    order.client.card.measurements.bust === typicalBody.bust
      ? "typical"
      : JSON.stringify(order.client.card.measurements);
  const rest = {
    rules: order.rules,
    choices: order.choices,
    ...(order.figureNotes.length > 0 ? { notes: order.figureNotes } : {}),
  };
  return `${order.garment} ${JSON.stringify(rest)} on ${body}`;
}
