export { isMeasurementId, type MeasurementId, measurementIds, measurements } from "./catalogue";
export type { Doubt, DoubtCode } from "./doubt";
export { findDoubts } from "./doubts";
export { canBeEstimated, estimateReading } from "./estimates";
export {
  asksFor,
  CHILD_AGES,
  type Figure,
  type FigureKind,
  figureKinds,
  guessMeant,
  isAbsurd,
  measurementLabel,
  measurementTaken,
  usualRange,
  WOMAN,
} from "./figures";
export { deriveLength, type LengthPair, lengthPairs, pairsApart } from "./length-pairs";
export { makeBody, makeChildren, makeCrowd, makeExtremes, makeMen, typicalBody } from "./made-up";
export type { Estimate, Readings } from "./readings";
export { APART_AT_MOST, type SettledReading, settleRepeated, splitRepeated } from "./repeated";
export {
  areDrawnApart,
  areFarApart,
  isSided,
  type SidedReadings,
  type Sides,
  type SidesApart,
  sidesApart,
  splitSides,
} from "./sides";
