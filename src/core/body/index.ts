export { guessMeant, isAbsurd, isMeasurementId, type MeasurementId, measurementIds, measurements } from "./catalogue";
export { type Doubt, type DoubtCode, findDoubts } from "./doubts";
export { canBeEstimated, estimateReading } from "./estimates";
export { deriveLength, type LengthPair, lengthPairs, pairsApart } from "./length-pairs";
export { makeBody, makeCrowd, makeExtremes, typicalBody } from "./made-up";
export type { Estimate, Readings } from "./readings";
export { APART_AT_MOST, type SettledReading, settleRepeated, splitRepeated } from "./repeated";
