import {
  estimateReading,
  guessMeant,
  isAbsurd,
  isMeasurementId,
  type MeasurementId,
  measurementIds,
  measurements,
  type Readings,
} from "../body";
import type { GivenMeasurement } from "../chalk";
import type { Garment, GarmentDecisions } from "../garments";
import type { Unit } from "../length";
import { wordAbsurdReading, wordMissingReading } from "../wording";
import { nearestWord } from "./nearest";
import type { OrderError } from "./order";
import { readPositiveLength } from "./read-lengths";

const PATH = "client.card.measurements";

function readOne(
  id: string,
  value: string | number,
  unit: Unit,
): { readonly reading?: readonly [MeasurementId, number]; readonly errors: readonly OrderError[] } {
  const path = `${PATH}.${id.slice(0, 60)}`;
  if (!isMeasurementId(id)) {
    const nearest = nearestWord(id, measurementIds);
    return {
      errors: [
        {
          path,
          message: `“${id.slice(0, 60)}” is not a reading on a card.${nearest === null ? "" : ` Did you mean “${nearest}”?`}`,
          nearest,
        },
      ],
    };
  }
  const length = readPositiveLength(value, { path, label: measurements[id].label, unit });
  if (!length.ok) return { errors: length.issues };
  if (!isAbsurd(id, length.value)) return { reading: [id, length.value], errors: [] };
  const guess = guessMeant(id, length.value);
  return { errors: [{ path, message: wordAbsurdReading(id, length.value, guess, unit), nearest: guess ?? null }] };
}

/** Every reading of a card in inches, or every reading that is none. */
export function readCard(
  card: Readonly<Record<string, string | number>>,
  unit: Unit,
): { readonly readings: Readings; readonly errors: readonly OrderError[] } {
  const read = Object.entries(card).map(([id, value]) => readOne(id, value, unit));
  return {
    readings: Object.fromEntries(read.flatMap(({ reading }) => (reading === undefined ? [] : [reading]))),
    errors: read.flatMap(({ errors }) => errors),
  };
}

export interface GivenReadings {
  readonly measurements: Readonly<Partial<Record<MeasurementId, GivenMeasurement>>>;
  readonly missing: readonly MeasurementId[];
}

/** The readings a garment asks for: from the card, or estimated and marked so; those that nothing stands in for are missing. */
export function gatherReadings(garment: Garment, decisions: GarmentDecisions, readings: Readings): GivenReadings {
  const given: Partial<Record<MeasurementId, GivenMeasurement>> = {};
  for (const id of measurementIds) {
    const value = readings[id];
    if (value !== undefined) given[id] = { value, from: "card" };
  }
  const missing: MeasurementId[] = [];
  const needed = garment.needs(decisions);
  for (const id of new Set([...needed, ...garment.checksWith])) {
    if (given[id] !== undefined) continue;
    const estimate = estimateReading(id, readings);
    if (estimate !== undefined) given[id] = { value: estimate.value, from: "estimate", estimate };
    else if (needed.includes(id)) missing.push(id);
  }
  return { measurements: given, missing };
}

export function missingErrors(missing: readonly MeasurementId[]): readonly OrderError[] {
  return missing.map((id) => ({ path: `${PATH}.${id}`, message: wordMissingReading(id), nearest: null }));
}
