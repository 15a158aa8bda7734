import type { Order } from "@/core/formats";
import type { Unit } from "@/core/length";
import { type RuleSetId, ruleSets } from "@/core/rules";
import type { Card, Client, OwnRuleSet, StoredCloth, StoredFigureNote, StoredOneCloth, StoredOrder } from "@/db";
import { withUnit } from "./with-unit";

/** What an order is drawn with, besides itself. */
export interface OrderSurroundings {
  readonly client: Client;
  readonly card: Card;
  readonly notes: readonly StoredFigureNote[];
  /** The shop's own sets; the order's rules may name one. */
  readonly ownSets: readonly OwnRuleSet[];
}

/** The shipped set that an order's rules stand on, by itself or through a set of the shop's own. */
export function baseSet(rules: StoredOrder["rules"], ownSets: readonly OwnRuleSet[]): RuleSetId {
  const named = String(rules.set ?? "close");
  const base = ownSets.find(({ id }) => id === named)?.base ?? named;
  return Object.hasOwn(ruleSets, base) ? (base as RuleSetId) : "close";
}

/** What an order's set is called. */
export function nameSet(rules: StoredOrder["rules"], ownSets: readonly OwnRuleSet[]): string {
  return ownSets.find(({ id }) => id === rules.set)?.name ?? ruleSets[baseSet(rules, ownSets)].label;
}

/** The unit an order is read in: the metric rules are chalked in half centimetres, whatever tape it was taken with. */
export function orderUnit(rules: StoredOrder["rules"], ownSets: readonly OwnRuleSet[], taken: Unit): Unit {
  return ruleSets[baseSet(rules, ownSets)].metric ? "cm" : taken;
}

/** The rules of an order, with the shop's own set written out: a sheet must not change when the set does. */
export function writeRules(rules: StoredOrder["rules"], ownSets: readonly OwnRuleSet[]): NonNullable<Order["rules"]> {
  const own = ownSets.find(({ id }) => id === rules.set);
  return own === undefined ? { ...rules } : { ...rules, set: own.base, setName: own.name, own: { ...own.overrides } };
}

const isTold = (typed: string | undefined): typed is string => typed !== undefined && typed.trim() !== "";

/** One cloth, each length with its unit; a field that is empty is left out. */
function writeOneCloth(
  { width, length, oneWay, shrinkage, repeat, price, spots }: StoredOneCloth,
  unit: Unit,
): NonNullable<Order["cloth"]> {
  return {
    ...(isTold(width) ? { width: withUnit(width, unit) } : {}),
    ...(isTold(length) ? { length: withUnit(length, unit) } : {}),
    ...(oneWay === undefined ? {} : { oneWay }),
    ...(isTold(shrinkage) ? { shrinkage } : {}),
    ...(isTold(repeat) ? { repeat: withUnit(repeat, unit) } : {}),
    ...(isTold(price) ? { price } : {}),
    ...(spots === undefined || spots.length === 0
      ? {}
      : {
          spots: spots.map((spot) => ({
            across: withUnit(spot.across, unit),
            down: withUnit(spot.down, unit),
            width: withUnit(spot.width, unit),
            length: withUnit(spot.length, unit),
          })),
        }),
  };
}

/** The cloths of an order and how they lie, as an order file has them. */
export function writeCloths(cloth: StoredCloth, unit: Unit): Pick<Order, "cloth" | "cloths" | "lay"> {
  const others = Object.entries(cloth.others ?? {}).flatMap(([id, other]) =>
    other === undefined ? [] : [[id, writeOneCloth(other, unit)]],
  );
  return {
    cloth: writeOneCloth(cloth, unit),
    ...(others.length === 0 ? {} : { cloths: Object.fromEntries(others) }),
    ...(cloth.lay === undefined ? {} : { lay: cloth.lay }),
  };
}

/** Whose card it is, where it is not a woman's. */
function writeFigure({ figure, age }: Card): { readonly figure?: Card["figure"]; readonly age?: number } {
  if (figure === "woman") return {};
  return { figure, ...(figure === "child" && age !== null ? { age } : {}) };
}

/**
 * The order as it would be written to a file: what the core draws from, on the server and in the browser alike. Every
 * length says its unit, so that another rule set may change the order's unit and nothing else.
 */
export function writeOrder(
  order: Pick<StoredOrder, "garment" | "unit" | "choices" | "rules" | "cloth">,
  { client, card, notes, ownSets }: OrderSurroundings,
): Order {
  const measurements = Object.fromEntries(
    Object.entries(card.readings).map(([id, { typed, unit }]) => [id, withUnit(typed, unit)]),
  );
  return {
    format: "inner-fold/order",
    version: 1,
    unit: orderUnit(order.rules, ownSets, order.unit),
    client: { name: client.name, card: { taken: card.takenOn, ...writeFigure(card), measurements } },
    garment: order.garment,
    choices: { ...order.choices },
    rules: writeRules(order.rules, ownSets),
    figureNotes: notes
      .filter(({ inUse }) => inUse)
      .map(({ piece, line, amount, why, side }) => ({
        piece,
        line,
        amount,
        why,
        ...(side === "both" ? {} : { side }),
      })),
    ...writeCloths(order.cloth, order.unit),
  };
}
