export { guessMeant, isAbsurd, isMeasurementId, type MeasurementId, measurementIds, measurements } from "./catalogue";
export { type Doubt, type DoubtCode, findDoubts } from "./doubts";
export { canBeEstimated, type Estimate, estimateReading, type Readings } from "./estimates";
export { makeCrowd, makeExtremes, seededNumbers, typicalBody } from "./made-up";
