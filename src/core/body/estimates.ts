import { type Inches, isAtMost, roundToStep } from "../length";
import { type MeasurementId, measurements } from "./catalogue";
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

const waistToKnee: Estimator = (readings) => {
  const hip = readings.waistToHip ?? (deriveLength("waistToHip", readings) ?? waistToHip(readings))?.value;
  return hip === undefined ? undefined : { value: hip * 2.6, rule: "hip depth × 2.6", basis: ["waistToHip"] };
};

const estimators: Readonly<Partial<Record<MeasurementId, Estimator>>> = {
  head: () => ({ value: 22, rule: "the usual head girth", basis: [] }),
  armhole,
  shoulderToBust,
  shoulderToUnderbust,
  waistToHip,
  frontWaist,
  backWaist,
  waistToKnee,
  elbow: ({ upperArm }) =>
    upperArm === undefined ? undefined : { value: upperArm - 1.5, rule: "upper arm − 1½", basis: ["upperArm"] },
  shoulderToElbow: ({ sleeveLength }) =>
    sleeveLength === undefined
      ? { value: 13.25, rule: "the usual length to the elbow", basis: [] }
      : { value: roundToStep(0.58 * sleeveLength, 1 / 8), rule: "sleeve length × 0.58", basis: ["sleeveLength"] },
  bustSpan: ({ bust }) => (bust === undefined ? undefined : { value: bust / 5, rule: "bust ÷ 5", basis: ["bust"] }),
};

/** A stand-in for a reading that was not taken, or the same length read from its other end (craft: measuring, "When one was not taken"); undefined when there is no rule for it or nothing to go by. */
export function estimateReading(id: MeasurementId, readings: Readings): Estimate | undefined {
  return deriveLength(id, readings) ?? estimators[id]?.(readings);
}

/** Whether a garment may ask for this reading and still be drawn when nobody took it. */
export function canBeEstimated(id: MeasurementId): boolean {
  const isPaired = lengthPairs.some(({ shoulder, waist }) => id === shoulder || id === waist);
  return isPaired || (Object.hasOwn(estimators, id) && measurements[id] !== undefined);
}
