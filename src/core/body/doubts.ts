import type { Inches } from "../length";
import { type MeasurementId, measurementIds } from "./catalogue";
import type { Doubt } from "./doubt";
import { type Figure, type FigureKind, usualRange, WOMAN } from "./figures";
import { pairsApart } from "./length-pairs";
import { type PairRule, pairRules } from "./pair-rules";
import type { Readings } from "./readings";

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

function rangeDoubt(id: MeasurementId, value: Inches, kind: FigureKind): Doubt | undefined {
  const [least, most] = usualRange(id, kind);
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

/** What a child measures at an age as a rule, in inches, and how far off is odd (craft: measuring, figure kind). */
const AT_AGE = {
  bust: { usual: (age: number) => 19 + 0.9 * age, odd: 4 },
  height: { usual: (age: number) => 30 + 2.5 * age, odd: 7 },
} as const;

/** Readings that do not go with the age on a child's card. */
function ageDoubts(readings: Readings, { kind, age }: Figure): readonly Doubt[] {
  if (kind !== "child" || age === undefined) return [];
  return (["bust", "height"] as const).flatMap((id): readonly Doubt[] => {
    const value = readings[id];
    const usual = AT_AGE[id].usual(age);
    if (value === undefined || Math.abs(value - usual) <= AT_AGE[id].odd) return [];
    return [{ code: "odd-for-age", measurement: id, value, against: [{ measurement: id, value: usual }] }];
  });
}

/**
 * Every reading of a card worth taking again (craft: measuring, "Doubtful readings").
 *
 * @param before the client's card before this one, when there is one: a change of more than 2 in asks "right client?"
 */
export function findDoubts(readings: Readings, before: Readings = {}, figure = WOMAN): readonly Doubt[] {
  const alone = measurementIds.flatMap((id) => {
    const value = readings[id];
    return value === undefined ? [] : [rangeDoubt(id, value, figure.kind), changeDoubt(id, value, before[id])];
  });
  const paired = pairRules[figure.kind].map((rule) => pairDoubt(rule, readings));
  return [...alone, ...paired, ...ageDoubts(readings, figure), ...lengthDoubts(readings)].filter(
    (doubt) => doubt !== undefined,
  );
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
