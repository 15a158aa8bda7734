import type { Inches } from "../length";
import type { MeasurementId } from "./catalogue";
import type { Estimate, Readings } from "./readings";

/** One length read from the shoulder or from the waist: the two differ by the front half length (craft: measuring). */
export interface LengthPair {
  readonly shoulder: MeasurementId;
  readonly waist: MeasurementId;
  readonly said: string;
}

export const lengthPairs: readonly LengthPair[] = [
  { shoulder: "shoulderToHip", waist: "waistToHip", said: "hip" },
  { shoulder: "shoulderToKnee", waist: "waistToKnee", said: "knee" },
  { shoulder: "shoulderToFloor", waist: "waistToFloor", said: "floor" },
  { shoulder: "fullLength", waist: "skirtLength", said: "hem" },
];

/** Further apart than this the two readings of one length do not tell the same. */
export const PAIR_APART: Inches = 0.5;

/** A length that was read from its other end: not an estimate, one fact said another way; undefined where it was not. */
export function deriveLength(id: MeasurementId, readings: Readings): Estimate | undefined {
  const front = readings.frontWaist;
  const pair = lengthPairs.find(({ shoulder, waist }) => id === shoulder || id === waist);
  if (pair === undefined || front === undefined) return undefined;
  const [shoulder, waist] = [readings[pair.shoulder], readings[pair.waist]];
  if (id === pair.waist && shoulder !== undefined)
    return {
      value: shoulder - front,
      rule: `shoulder to ${pair.said} − front half length`,
      basis: [pair.shoulder, "frontWaist"],
      derived: true,
    };
  if (id === pair.shoulder && waist !== undefined)
    return {
      value: front + waist,
      rule: `front half length + waist to ${pair.said}`,
      basis: ["frontWaist", pair.waist],
      derived: true,
    };
  return undefined;
}

/** Pairs of which both were taken and that do not tell the same length. */
export function pairsApart(readings: Readings): readonly LengthPair[] {
  const front = readings.frontWaist;
  return lengthPairs.filter(({ shoulder, waist }) => {
    const [from, to] = [readings[shoulder], readings[waist]];
    return (
      front !== undefined && from !== undefined && to !== undefined && Math.abs(from - front - to) > PAIR_APART + 1e-6
    );
  });
}
