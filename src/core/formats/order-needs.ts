import { estimateReading, type FigureKind, type MeasurementId, type Readings } from "../body";
import { findGarment, forFigure, settleRules } from "../garments";
import { ruleSets } from "../rules";
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
  const kind = order.client?.card?.figure ?? "woman";
  const found = findGarment(order.garment);
  if (found === undefined) return [];
  const garment = forFigure(found, kind);
  const unit = order.unit ?? "in";
  const rules = readRules(order.rules, unit);
  const choices = readChoices(garment.choices, order.choices, unit, ruleSets[rules.set].metric);
  const resolved = settleRules(garment, choices.values, rules);
  return garment.needs({ rule: (id) => resolved[id].value, choices: choices.values }).map((id) => ({
    id,
    from: readings[id] !== undefined ? "card" : standsInFor(id, readings, kind),
  }));
}

function standsInFor(id: MeasurementId, readings: Readings, kind: FigureKind): NeededReading["from"] {
  const estimate = estimateReading(id, readings, kind);
  if (estimate === undefined) return "missing";
  return estimate.derived ? "derived" : "estimate";
}
