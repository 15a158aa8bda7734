export {
  type AlterAnswer,
  type Alteration,
  type AlterPlace,
  type AlterSeam,
  alterPlaces,
  answerAlteration,
  isToldInWords,
} from "./alter";
export { type LeftCloth, openSize, placeAgain } from "./cut-again";
export {
  answerFitting,
  type CarriedBy,
  type CarrierId,
  carrierIds,
  type FittingAnswer,
  type FittingSide,
  fittingSides,
  KEPT_IN_SEAM,
  type NextTime,
  roomInSeams,
  type SeamRoom,
  type SeenAtFitting,
  type SeenId,
  seenIds,
} from "./fitting";
export { KEEPS, type Learnt, type LearntEntry, type LearntRule, learn, learnRules, ruleOfSeen } from "./learning";
export type { MadeSheet } from "./made-sheet";
export { makeUp } from "./make-up";
export {
  countCut,
  freePieces,
  type PieceStand,
  type PieceState,
  pieceStates,
  type SpoiltPiece,
  standOfPieces,
} from "./piece-state";
export { stageMinutes, type TickTimes, type TimedStage, timedStages, usualMinutes } from "./stage-times";
export {
  type MakeCaution,
  type MakeTask,
  makeCautions,
  type SayingId,
  sayingIds,
  type TaskId,
  type TaskSeam,
  taskIds,
} from "./task";
export { findShortDays, minutesOf, type PromisedWork, type ShortDay } from "./week-load";
