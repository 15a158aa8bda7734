export { guessMeant, isAbsurd, isMeasurementId, type MeasurementId, measurementIds, measurements } from "./catalogue";
export { type Doubt, type DoubtCode, findDoubts } from "./doubts";
export { canBeEstimated, type Estimate, estimateReading, type Readings } from "./estimates";
export { makeCrowd, makeExtremes, typicalBody } from "./made-up";
export { APART_AT_MOST, type SettledReading, settleRepeated, splitRepeated } from "./repeated";
