export { type CheckedPiece, checkedPiece } from "./checked-piece";
export { findSlip, type SeenLength, type Suspect } from "./find-slip";
export {
  type CheckPair,
  type CheckReadings,
  type CheckVerdict,
  judgeCheck,
  type Miss,
  type MissCause,
  missCauses,
  type PairMiss,
} from "./judge-check";
export { layTable, type Table } from "./lay-table";
export {
  type Made,
  type Placement,
  type PlacementDirection,
  type PlacementKind,
  type PlacementOrigin,
  placementDirections,
  placementKinds,
  placementOrigins,
  type Reading,
  type ReadingKind,
  readingKinds,
  type Slot,
  slots,
  type ThenAct,
  type ThenActKind,
  thenActs,
} from "./placement";
export { type CheckLength, checkLengths, type LengthName, lengthNames, pairTolerance, toleranceOf } from "./tape-check";
