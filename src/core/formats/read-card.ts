import {
  deriveLength,
  estimateReading,
  type FigureKind,
  guessMeant,
  isAbsurd,
  isMeasurementId,
  type MeasurementId,
  measurementIds,
  measurementLabel,
  pairsApart,
  type Readings,
  type SettledReading,
  settleRepeated,
  splitRepeated,
} from "../body";
import type { GivenMeasurement } from "../chalk";
import type { Garment, GarmentDecisions } from "../garments";
import type { Unit } from "../length";
import { fail, type Result } from "../result";
import { wordAbsurdReading, wordMissingReading } from "../wording";
import { nearestWord } from "./nearest";
import type { OrderError } from "./order";
import { readPositiveLength } from "./read-lengths";

const PATH = "client.card.measurements";

interface ReadReading {
  readonly reading?: readonly [MeasurementId, SettledReading];
  readonly errors: readonly OrderError[];
}

function readOne(id: string, value: string | number, unit: Unit, figure: FigureKind): ReadReading {
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
  const taken = (typeof value === "string" ? splitRepeated(value) : [value]).map((one) =>
    readTaken(id, one, { path, label: measurementLabel(id, figure), unit, figure }),
  );
  const errors = taken.flatMap((one) => (one.ok ? [] : one.issues));
  if (errors.length > 0) return { errors };
  return { reading: [id, settleRepeated(taken.flatMap((one) => (one.ok ? [one.value] : [])))], errors: [] };
}

/** One taking of a reading, in inches; no body has an absurd one. */
function readTaken(
  id: MeasurementId,
  value: string | number,
  field: { readonly path: string; readonly label: string; readonly unit: Unit; readonly figure: FigureKind },
): Result<number, OrderError> {
  const length = readPositiveLength(value, field);
  if (!length.ok || !isAbsurd(id, length.value, field.figure)) return length;
  const guess = guessMeant(id, length.value, field.figure);
  const message = wordAbsurdReading(field.label, length.value, guess, field.unit);
  return fail({ path: field.path, message, nearest: guess ?? null });
}

/** What a card says: a reading taken again is settled with the first. */
export interface CardReadings {
  readonly readings: Readings;
  /** Readings that were taken twice and differ too much, with how far. */
  readonly wantThird: Readings;
  readonly errors: readonly OrderError[];
}

/** Every reading of a card in inches, or every reading that is none. */
export function readCard(
  card: Readonly<Record<string, string | number>>,
  unit: Unit,
  figure: FigureKind = "woman",
): CardReadings {
  const read = Object.entries(card).map(([id, value]) => readOne(id, value, unit, figure));
  const settled = read.flatMap(({ reading }) => (reading === undefined ? [] : [reading]));
  return {
    readings: Object.fromEntries(settled.map(([id, { value }]) => [id, value])),
    wantThird: Object.fromEntries(settled.flatMap(([id, { apart, wantsThird }]) => (wantsThird ? [[id, apart]] : []))),
    errors: read.flatMap(({ errors }) => errors),
  };
}

export interface GivenReadings {
  readonly measurements: Readonly<Partial<Record<MeasurementId, GivenMeasurement>>>;
  readonly missing: readonly MeasurementId[];
}

/** What the card says of itself: every reading as it was taken. */
function fromCard(readings: Readings): Partial<Record<MeasurementId, GivenMeasurement>> {
  const given: Partial<Record<MeasurementId, GivenMeasurement>> = {};
  for (const id of measurementIds) {
    const value = readings[id];
    if (value !== undefined) given[id] = { value, from: "card" };
  }
  // Bodies start at the shoulder: where two readings of one length disagree, the one from there is used.
  for (const { waist } of pairsApart(readings)) {
    const estimate = deriveLength(waist, readings);
    if (estimate !== undefined) given[waist] = { value: estimate.value, from: "derived", estimate };
  }
  return given;
}

/** The readings a garment asks for: from the card, derived, or estimated and marked so; those that nothing stands in for are missing. */
export function gatherReadings(
  garment: Garment,
  decisions: GarmentDecisions,
  readings: Readings,
  figure: FigureKind,
): GivenReadings {
  const given = fromCard(readings);
  const needed = garment.needs(decisions);
  const wanted = [...new Set([...needed, ...garment.checksWith])].filter((id) => given[id] === undefined);
  for (const id of wanted) {
    const estimate = estimateReading(id, readings, figure);
    if (estimate !== undefined)
      given[id] = { value: estimate.value, from: estimate.derived ? "derived" : "estimate", estimate };
  }
  return { measurements: given, missing: needed.filter((id) => given[id] === undefined) };
}

export function missingErrors(missing: readonly MeasurementId[], figure: FigureKind): readonly OrderError[] {
  return missing.map((id) => ({ path: `${PATH}.${id}`, message: wordMissingReading(id, figure), nearest: null }));
}
