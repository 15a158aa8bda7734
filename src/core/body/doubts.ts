import type { Inches } from "../length";
import { type MeasurementId, measurementIds, measurements } from "./catalogue";
import { pairsApart } from "./length-pairs";
import type { Readings } from "./readings";

/** Why a reading should be taken again. The draft is made all the same: odd bodies exist. */
export type DoubtCode =
  | "outside-usual-range"
  | "underbust-not-below-bust"
  | "bust-far-over-underbust"
  | "waist-far-over-bust"
  | "hip-far-under-waist"
  | "bust-point-not-above-underbust"
  | "span-wide-for-bust"
  | "span-narrow-for-bust"
  | "shoulder-wide-for-bust"
  | "armhole-odd-for-bust"
  | "upper-arm-close-to-armhole"
  | "wrist-over-elbow"
  | "front-shorter-than-back"
  | "lengths-disagree"
  | "changed-since-last-card";

export interface Doubt {
  readonly code: DoubtCode;
  /** The reading to take again first. */
  readonly measurement: MeasurementId;
  readonly value: Inches;
  /** What it was held against: another reading, or the ends of the usual range. */
  readonly against: readonly { readonly measurement: MeasurementId; readonly value: Inches }[];
}

interface PairRule {
  readonly code: DoubtCode;
  readonly first: MeasurementId;
  readonly second: MeasurementId;
  readonly isOdd: (first: Inches, second: Inches) => boolean;
}

const pairRules: readonly PairRule[] = [
  {
    code: "underbust-not-below-bust",
    first: "underbust",
    second: "bust",
    isOdd: (underbust, bust) => underbust >= bust,
  },
  {
    code: "bust-far-over-underbust",
    first: "bust",
    second: "underbust",
    isOdd: (bust, underbust) => bust - underbust > 11,
  },
  { code: "waist-far-over-bust", first: "waist", second: "bust", isOdd: (waist, bust) => waist > bust + 8 },
  { code: "hip-far-under-waist", first: "hip", second: "waist", isOdd: (hip, waist) => hip < waist - 4 },
  {
    code: "bust-point-not-above-underbust",
    first: "shoulderToBust",
    second: "shoulderToUnderbust",
    isOdd: (point, under) => point >= under,
  },
  { code: "span-wide-for-bust", first: "bustSpan", second: "bust", isOdd: (span, bust) => span > bust / 3.6 },
  { code: "span-narrow-for-bust", first: "bustSpan", second: "bust", isOdd: (span, bust) => span < bust / 6.5 },
  { code: "shoulder-wide-for-bust", first: "shoulder", second: "bust", isOdd: (shoulder, bust) => shoulder > bust / 2 },
  {
    code: "armhole-odd-for-bust",
    first: "armhole",
    second: "bust",
    isOdd: (armhole, bust) => armhole < bust * 0.36 || armhole > bust * 0.56,
  },
  {
    code: "upper-arm-close-to-armhole",
    first: "upperArm",
    second: "armhole",
    isOdd: (arm, armhole) => arm > armhole - 1,
  },
  { code: "wrist-over-elbow", first: "wrist", second: "elbow", isOdd: (wrist, elbow) => wrist > elbow },
  { code: "front-shorter-than-back", first: "frontWaist", second: "backWaist", isOdd: (front, back) => front < back },
];

function pairDoubt(rule: PairRule, readings: Readings): Doubt | undefined {
  const first = readings[rule.first];
  const second = readings[rule.second];
  if (first === undefined || second === undefined || !rule.isOdd(first, second)) return undefined;
  return {
    code: rule.code,
    measurement: rule.first,
    value: first,
    against: [{ measurement: rule.second, value: second }],
  };
}

function rangeDoubt(id: MeasurementId, value: Inches): Doubt | undefined {
  const [least, most] = measurements[id].range;
  if (value >= least && value <= most) return undefined;
  return {
    code: "outside-usual-range",
    measurement: id,
    value,
    against: [{ measurement: id, value: value < least ? least : most }],
  };
}

function changeDoubt(id: MeasurementId, value: Inches, before: Inches | undefined): Doubt | undefined {
  if (before === undefined || Math.abs(value - before) <= 2) return undefined;
  return { code: "changed-since-last-card", measurement: id, value, against: [{ measurement: id, value: before }] };
}

/**
 * Every reading of a card worth taking again (craft: measuring, "Doubtful readings").
 *
 * @param before the client's card before this one, when there is one: a change of more than 2 in asks "right client?"
 */
export function findDoubts(readings: Readings, before: Readings = {}): readonly Doubt[] {
  const alone = measurementIds.flatMap((id) => {
    const value = readings[id];
    return value === undefined ? [] : [rangeDoubt(id, value), changeDoubt(id, value, before[id])];
  });
  const paired = pairRules.map((rule) => pairDoubt(rule, readings));
  return [...alone, ...paired, ...lengthDoubts(readings)].filter((doubt) => doubt !== undefined);
}

/** One length read from the shoulder and from the waist, that are not the same. */
function lengthDoubts(readings: Readings): readonly Doubt[] {
  return pairsApart(readings).map(({ shoulder, waist }) => ({
    code: "lengths-disagree",
    measurement: shoulder,
    value: readings[shoulder] ?? 0,
    against: [{ measurement: waist, value: (readings.frontWaist ?? 0) + (readings[waist] ?? 0) }],
  }));
}
