import { type Inches, isAtMost, roundToStep } from "../length";
import type { MeasurementId } from "./catalogue";
import type { FigureKind } from "./figures";
import { deriveLength, lengthPairs } from "./length-pairs";
import type { Estimate, Readings } from "./readings";

type Estimator = (readings: Readings) => Estimate | undefined;

function between(
  value: number,
  [fromIn, toIn]: readonly [number, number],
  [fromOut, toOut]: readonly [number, number],
): number {
  const share = Math.min(1, Math.max(0, (value - fromIn) / (toIn - fromIn)));
  return fromOut + share * (toOut - fromOut);
}

/** Bust × 0.44 up to a bust of 42, falling evenly to 0.40 at 46 and above. */
const armhole: Estimator = ({ bust }) =>
  bust === undefined
    ? undefined
    : {
        value: bust * between(bust, [42, 46], [0.44, 0.4]),
        rule: "bust × 0.44, falling to 0.40 over 42",
        basis: ["bust"],
      };

/** From the bust point down to the ribs, by the size of the bust and not by its fullness. */
function cupDepth({ bust }: Readings): readonly [Inches, string] {
  if (bust === undefined) return [3.75, "3¾"];
  return isAtMost(bust, 36) ? [3.5, "3½"] : [4, "4"];
}

const shoulderToBust: Estimator = (readings) => {
  const { shoulderToUnderbust } = readings;
  if (shoulderToUnderbust === undefined) return undefined;
  const [less, said] = cupDepth(readings);
  return {
    value: shoulderToUnderbust - less,
    rule: `shoulder to under-bust − ${said}`,
    basis: ["shoulderToUnderbust"],
  };
};

const shoulderToUnderbust: Estimator = (readings) => {
  if (readings.shoulderToBust === undefined) return undefined;
  const [more, said] = cupDepth(readings);
  return {
    value: readings.shoulderToBust + more,
    rule: `shoulder to bust point + ${said}`,
    basis: ["shoulderToBust"],
  };
};

const waistToHip: Estimator = ({ frontWaist }) => {
  if (frontWaist === undefined) return undefined;
  const [value, size] = frontWaist < 15.5 ? [8, "small"] : frontWaist > 17 ? [10, "tall"] : [9, "average"];
  return { value, rule: `${size} figure, by the front half length`, basis: ["frontWaist"] };
};

const backWaist: Estimator = ({ frontWaist, bust, underbust }) => {
  if (frontWaist === undefined) return undefined;
  if (bust === undefined || underbust === undefined)
    return { value: frontWaist - 1.5, rule: "front half length − 1½", basis: ["frontWaist"] };
  const fullness = bust - underbust;
  const [intake, said] = isAtMost(fullness, 4) ? [1, "1"] : isAtMost(fullness, 6) ? [1.5, "1½"] : [2, "2"];
  return {
    value: frontWaist - intake,
    rule: `front half length − ${said}, by bust and under-bust`,
    basis: ["frontWaist", "bust", "underbust"],
  };
};

const frontWaist: Estimator = ({ backWaist: back }) =>
  back === undefined ? undefined : { value: back + 1.5, rule: "back half length + 1½", basis: ["backWaist"] };

/** A share of another reading, where that was taken. */
function shareOf(of: MeasurementId, share: number, said: string): Estimator {
  return (readings) => {
    const value = readings[of];
    return value === undefined ? undefined : { value: value * share, rule: `${said} × ${share}`, basis: [of] };
  };
}

/** As much as another reading and so much more. */
function moreThan(of: MeasurementId, more: Inches, said: string): Estimator {
  return (readings) => {
    const value = readings[of];
    return value === undefined ? undefined : { value: value + more, rule: said, basis: [of] };
  };
}

const kneeByHip = (share: number, hip: Estimator): Estimator => {
  const own = shareOf("waistToHip", share, "hip depth");
  return (readings) => {
    const depth = readings.waistToHip ?? (deriveLength("waistToHip", readings) ?? hip(readings))?.value;
    return depth === undefined ? undefined : own({ ...readings, waistToHip: depth });
  };
};

type Estimators = Readonly<Partial<Record<MeasurementId, Estimator>>>;

const ofWoman: Estimators = {
  head: () => ({ value: 22, rule: "the usual head girth", basis: [] }),
  armhole,
  shoulderToBust,
  shoulderToUnderbust,
  waistToHip,
  frontWaist,
  backWaist,
  waistToKnee: kneeByHip(2.6, waistToHip),
  elbow: ({ upperArm }) =>
    upperArm === undefined ? undefined : { value: upperArm - 1.5, rule: "upper arm − 1½", basis: ["upperArm"] },
  shoulderToElbow: ({ sleeveLength }) =>
    sleeveLength === undefined
      ? { value: 13.25, rule: "the usual length to the elbow", basis: [] }
      : { value: roundToStep(0.58 * sleeveLength, 1 / 8), rule: "sleeve length × 0.58", basis: ["sleeveLength"] },
  bustSpan: ({ bust }) => (bust === undefined ? undefined : { value: bust / 5, rule: "bust ÷ 5", basis: ["bust"] }),
};

const manToHip: Estimator = ({ frontWaist: front }) => {
  if (front === undefined) return undefined;
  const [value, size] = front < 16.5 ? [8, "small"] : front > 18 ? [9, "tall"] : [8.5, "average"];
  return { value, rule: `${size} figure, by the front half length`, basis: ["frontWaist"] };
};

const childToHip = shareOf("frontWaist", 0.42, "front half length");

/** What a dart line stands from the centre on a chest without a bust: a tenth of it, so a fifth from line to line. */
const span: Estimator = ({ bust }) =>
  bust === undefined ? undefined : { value: bust / 5, rule: "chest ÷ 5", basis: ["bust"] };

/** What stands in on each figure for what was not taken; what only a bust has is estimated on none but a woman's. */
const estimators: Readonly<Record<FigureKind, Estimators>> = {
  woman: ofWoman,
  man: {
    ...ofWoman,
    armhole: shareOf("bust", 0.45, "chest"),
    backWaist: moreThan("frontWaist", 0.5, "front half length + ½"),
    frontWaist: moreThan("backWaist", -0.5, "back half length − ½"),
    waistToHip: manToHip,
    waistToKnee: kneeByHip(2.8, manToHip),
    bustSpan: span,
  },
  child: {
    ...ofWoman,
    head: () => ({ value: 20.5, rule: "the usual head girth of a child", basis: [] }),
    armhole: shareOf("bust", 0.46, "chest"),
    backWaist: moreThan("frontWaist", 0, "as long as the front"),
    frontWaist: moreThan("backWaist", 0, "as long as the back"),
    waistToHip: childToHip,
    waistToKnee: kneeByHip(2.7, childToHip),
    bustSpan: span,
  },
};

/** A stand-in for a reading that was not taken, or the same length read from its other end (craft: measuring, "When one was not taken"); undefined when there is no rule for it or nothing to go by. */
export function estimateReading(
  id: MeasurementId,
  readings: Readings,
  kind: FigureKind = "woman",
): Estimate | undefined {
  return deriveLength(id, readings) ?? estimators[kind][id]?.(readings);
}

/** Whether a garment may ask for this reading and still be drawn when nobody took it. */
export function canBeEstimated(id: MeasurementId): boolean {
  const isPaired = lengthPairs.some(({ shoulder, waist }) => id === shoulder || id === waist);
  return isPaired || Object.hasOwn(ofWoman, id);
}
