export { alterNames, sayAlteration } from "./english/alterations";
export { sayMovedEdge } from "./english/changes";
export { type CraftWord, craftWords, findCraftWords } from "./english/craft-words";
export { sayDate, sayMinutes } from "./english/dates";
export { wordAbsurdReading, wordLengthProblem, wordMissingReading, wordNotSided } from "./english/entry";
export type { FindingWording } from "./english/finding-words";
export { wordFinding } from "./english/findings";
export {
  nameCarrier,
  namePieceState,
  nameSeen,
  type SeenPlace,
  sayFittingSide,
  sayLearnt,
  sayNext,
  sayNow,
  seenPlaces,
} from "./english/fitting";
export {
  type ChangeWording,
  clothNames,
  wayHow,
  wayNames,
  wordClothChange,
  wordLaid,
  wordLayRefusal,
  wordWayChoice,
} from "./english/lay";
export { sayLate, type TaskWording, wordTask } from "./english/making";
export {
  figureNames,
  lineNames,
  nameEdge,
  nameGirth,
  nameLine,
  nameList,
  nameMark,
  nameNotch,
  namePiece,
  nameSeam,
  originNames,
  phaseNames,
  thePiece,
} from "./english/names";
export { notionNames, sayNotion } from "./english/notions";
export { sayHair, sayOnTape } from "./english/on-tape";
export {
  namePlacement,
  nameReading,
  partActs,
  type SaidPlacement,
  type SaidReading,
  sayActs,
  sayBeside,
  sayTape,
  sayTick,
} from "./english/placements";
export { wordReason } from "./english/reasons";
export { type RefusalWording, wordRefusal } from "./english/refusals";
export { type SpokenPlacement, type SpokenStep, speakLength, speakPlacement, speakStep } from "./english/spoken";
export { type StepWording, wordStep } from "./english/steps";
export { nameStyleItem, type StyleItemId, styleItems } from "./english/style";
export { askCause, nameLength, nameReason, sayHow, sayMiss, saySuspects, sayWaiver } from "./english/tape-check";
export { wordLedgerWhy, wordPieceName, wordTerm, wordTurnEnd } from "./english/terms";
export { type TrimSide, wordTrim } from "./english/trim";
