import {
  deriveLength,
  estimateReading,
  type FigureKind,
  guessMeant,
  isAbsurd,
  isMeasurementId,
  isSided,
  type MeasurementId,
  measurementIds,
  measurementLabel,
  pairsApart,
  type Readings,
  type SettledReading,
  type SidedReadings,
  type Sides,
  settleRepeated,
  splitRepeated,
  splitSides,
} from "../body";
import type { GivenMeasurement } from "../chalk";
import type { Garment, GarmentDecisions } from "../garments";
import type { Inches, Unit } from "../length";
import { fail, type Result } from "../result";
import { wordAbsurdReading, wordMissingReading, wordNotSided } from "../wording";
import { nearestWord } from "./nearest";
import type { OrderError } from "./order";
import { readPositiveLength } from "./read-lengths";

const PATH = "client.card.measurements";

/** A reading as a card has it: of both sides alike, or of each. */
export type TypedReading = string | number | Sides<string | number>;

interface ReadReading {
  readonly reading?: readonly [MeasurementId, SettledReading];
  readonly sides?: Sides<Inches>;
  readonly errors: readonly OrderError[];
}

function readOne(id: string, value: TypedReading, unit: Unit, figure: FigureKind): ReadReading {
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
  const field: Field = { path, label: measurementLabel(id, figure), unit, figure };
  if (typeof value === "object") return readSides(id, value, field);
  const sides = typeof value === "string" ? splitSides(value) : null;
  if (sides !== null) return readSides(id, sides, field);
  const { settled, errors } = readTakings(id, value, field);
  return settled === null ? { errors } : { reading: [id, settled], errors };
}

interface Field {
  readonly path: string;
  readonly label: string;
  readonly unit: Unit;
  readonly figure: FigureKind;
}

/** Every taking of one reading, settled. */
function readTakings(
  id: MeasurementId,
  value: string | number,
  field: Field,
): { readonly settled: SettledReading | null; readonly errors: readonly OrderError[] } {
  const taken = (typeof value === "string" ? splitRepeated(value) : [value]).map((one) => readTaken(id, one, field));
  const errors = taken.flatMap((one) => (one.ok ? [] : one.issues));
  if (errors.length > 0) return { settled: null, errors };
  return { settled: settleRepeated(taken.flatMap((one) => (one.ok ? [one.value] : []))), errors };
}

/** Both sides of an arm or a leg; what stands for the body is the larger. */
function readSides(id: MeasurementId, typed: Sides<string | number>, field: Field): ReadReading {
  if (!isSided(id)) return { errors: [{ path: field.path, message: wordNotSided(field.label), nearest: null }] };
  const of = (side: "left" | "right") =>
    readTakings(id, typed[side], { ...field, label: `${field.label}, the ${side} one` });
  const [left, right] = [of("left"), of("right")];
  if (left.settled === null || right.settled === null) return { errors: [...left.errors, ...right.errors] };
  const larger = left.settled.value > right.settled.value ? left.settled : right.settled;
  return { reading: [id, larger], sides: { left: left.settled.value, right: right.settled.value }, errors: [] };
}

/** One taking of a reading, in inches; no body has an absurd one. */
function readTaken(id: MeasurementId, value: string | number, field: Field): Result<number, OrderError> {
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
  /** Readings that were taken of both sides. */
  readonly sides: SidedReadings;
  readonly errors: readonly OrderError[];
}

/** Every reading of a card in inches, or every reading that is none. */
export function readCard(
  card: Readonly<Record<string, TypedReading>>,
  unit: Unit,
  figure: FigureKind = "woman",
): CardReadings {
  const read = Object.entries(card).map(([id, value]) => readOne(id, value, unit, figure));
  const settled = read.flatMap(({ reading }) => (reading === undefined ? [] : [reading]));
  return {
    readings: Object.fromEntries(settled.map(([id, { value }]) => [id, value])),
    wantThird: Object.fromEntries(settled.flatMap(([id, { apart, wantsThird }]) => (wantsThird ? [[id, apart]] : []))),
    sides: Object.fromEntries(
      read.flatMap(({ reading, sides }) => (reading === undefined || sides === undefined ? [] : [[reading[0], sides]])),
    ),
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
