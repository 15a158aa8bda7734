export { type CraftWord, craftWords, findCraftWords } from "./english/craft-words";
export { wordAbsurdReading, wordLengthProblem, wordMissingReading } from "./english/entry";
export { type FindingWording, wordFinding } from "./english/findings";
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
export {
  lineNames,
  nameEdge,
  nameGirth,
  nameLine,
  nameMark,
  nameNotch,
  namePiece,
  nameSeam,
  originNames,
  phaseNames,
} from "./english/names";
export { sayHair, sayOnTape } from "./english/on-tape";
export { type RefusalWording, wordRefusal } from "./english/refusals";
export { type SpokenStep, speakLength, speakStep } from "./english/spoken";
export { type StepWording, wordReason, wordStep } from "./english/steps";
export { wordLedgerWhy, wordPieceName, wordTerm, wordTurnEnd } from "./english/terms";
