import { estimateReading, type MeasurementId, type Readings } from "../body";
import { findGarment } from "../garments";
import { resolveRules, ruleSets } from "../rules";
import type { Order } from "./order";
import { readChoices, readRules } from "./read-decisions";

/** A reading that an order asks for: on the card, stood in for by an estimate, or missing. */
export interface NeededReading {
  readonly id: MeasurementId;
  readonly from: "card" | "derived" | "estimate" | "missing";
}

/**
 * What an order asks of the card, in the order of the card: the garment's needs under the rules and choices in force.
 * An order that cannot be read asks for nothing here; reading it says why.
 */
export function neededReadings(order: Order, readings: Readings): readonly NeededReading[] {
  const garment = findGarment(order.garment);
  if (garment === undefined) return [];
  const unit = order.unit ?? "in";
  const rules = readRules(order.rules, unit);
  const resolved = resolveRules(rules.set, garment.rules, rules.overrides, rules.own);
  const choices = readChoices(garment.choices, order.choices, unit, ruleSets[rules.set].metric);
  return garment.needs({ rule: (id) => resolved[id].value, choices: choices.values }).map((id) => ({
    id,
    from: readings[id] !== undefined ? "card" : standsInFor(id, readings),
  }));
}

function standsInFor(id: MeasurementId, readings: Readings): NeededReading["from"] {
  const estimate = estimateReading(id, readings);
  if (estimate === undefined) return "missing";
  return estimate.derived ? "derived" : "estimate";
}
