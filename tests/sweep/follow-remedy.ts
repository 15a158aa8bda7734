import { checkChoice } from "../../src/core/chalk";
import { makeSheet } from "../../src/core/formats";
import { garments } from "../../src/core/garments";
import { checkRuleValue, isRuleId } from "../../src/core/rules";
import type { RandomOrder } from "./random-order";

/** What came of following what a refusal offered. */
export type Followed = "drew" | "refused-again" | "not-allowed" | "measure-again";

type Change = { readonly path: string; readonly value?: string | number | boolean };

function text(value: string | number | boolean): string | boolean {
  return typeof value === "number" ? `${value} in` : value;
}

function follow(order: RandomOrder, { path, value = "" }: Change): RandomOrder {
  if (path === "defaults") return { ...order, choices: {}, rules: { set: order.rules.set ?? "close" } };
  const id = path.replace(/^(choices|rules)\./, "");
  return path.startsWith("choices.")
    ? { ...order, choices: { ...order.choices, [id]: text(value) } }
    : { ...order, rules: { ...order.rules, [id]: text(value) } };
}

/** Whether the garment offers what is offered: a choice that it has, a rule that moves it, a value inside the range. */
function isAllowed(order: RandomOrder, { path, value }: Change): boolean {
  const garment = garments.find(({ id }) => id === order.garment);
  if (path === "defaults" || garment === undefined || value === undefined) return path === "defaults";
  const id = path.replace(/^(choices|rules)\./, "");
  if (path.startsWith("choices.")) {
    const choice = garment.choices[id];
    return choice !== undefined && checkChoice(id, choice, value) === undefined;
  }
  return isRuleId(id) && garment.uses.includes(id) && checkRuleValue(id, value) === undefined;
}

/** Follows the remedy of a refused order as a person would, through the order's own text. */
export function followRemedy(order: RandomOrder): Followed {
  const outcome = makeSheet(order);
  if (outcome.kind !== "refused") throw new Error(`expected a refusal, found ${outcome.kind}`);
  const change = outcome.refused[0]?.change;
  if (change === undefined) return "measure-again";
  if (!isAllowed(order, change)) return "not-allowed";
  return makeSheet(follow(order, change)).kind === "sheet" ? "drew" : "refused-again";
}
