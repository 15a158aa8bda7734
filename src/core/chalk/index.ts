export { type ActLook, actLook, chalkActs } from "./acts";
export {
  type ChoiceDefinition,
  type ChoiceDefinitions,
  type ChoicePart,
  type ChoiceProblem,
  type ChoiceProblemCode,
  type ChoiceValue,
  type ChoiceValues,
  checkChoice,
  choiceDefault,
  choiceParts,
  isAsked,
  readList,
  writeList,
} from "./choice";
export {
  type DeclaredCode,
  declaredCodes,
  type OwnPieceName,
  type PieceName,
  pieceNames,
  type TakeOutCode,
  type TermCode,
  takeOutCodes,
  termCodes,
} from "./codes";
export { dartNames, isDartLine, tipOf } from "./dart-ids";
export type { FrontFacts, FrontShape, NeckDemand } from "./demands";
export type {
  CentreOrigin,
  ChalkAct,
  ChalkStep,
  ClothId,
  Crease,
  CreaseId,
  Cure,
  Dart,
  Draft,
  Edge,
  EdgeReference,
  EdgeRole,
  GirthLine,
  GirthPlan,
  GuideLine,
  Half,
  LineId,
  Mark,
  Mouth,
  Notch,
  Opening,
  Origin,
  PartId,
  Piece,
  PieceSector,
  Remark,
  SeamPlan,
  StepReason,
  StripCut,
  StripRound,
  TakeOut,
  TapeDirection,
  Turn,
} from "./draft";
export { clothIds, creaseIds, lineIds, partIds } from "./draft";
export { edgeDots } from "./edge-dots";
export {
  type ArmholeFinish,
  armholeAllowance,
  armholeFinish,
  armholeTerm,
  isSleeveless,
  MOST_ROOM_BARE,
  neckAllowance,
  neckFinish,
  neckInside,
  neckTerm,
} from "./edge-finish";
export {
  allowanceTerm,
  bodyTerm,
  bodyValue,
  easeTerm,
  type FigureNote,
  figureNoteTerms,
  type Given,
  type GivenMeasurement,
  givenBackTerms,
  givenStep,
  givenTick,
  onTape,
  ruleLength,
  ruleTerm,
  ruleValue,
  settleOnTape,
  turnTerm,
} from "./given";
export { easeTo, type OpenEdge, type OpenFront, type OpenNeck, type WalkedEdge } from "./join";
export { type JoinId, type JoinSide, joinIds } from "./join-ids";
export {
  type LateId,
  type LateMeasures,
  lateIds,
  lateUsed,
  lateWhole,
  tierEdgeIds,
  type WholeEdge,
  wholeEdges,
} from "./late";
export {
  isButton,
  type Notion,
  type NotionId,
  type NotionUnit,
  notionIds,
  notionSoldBy,
  notionUnits,
  type SoldBy,
} from "./notion";
export { drawOutline } from "./outline";
export type { EdgeChalk, MarkChalk, PieceStart } from "./piece-calls";
export { PieceChalk } from "./piece-chalk";
export { piecesOf } from "./pieces-of";
export { type Bound, type Refusal, type RefusalCode, type Remedy, refusalCodes, refuse } from "./refusal";
export { scaleDraft } from "./scale-draft";
export { alongDrawn, alongSewn, sewnLength } from "./sewn";
export { chalkDraft, Sheet } from "./sheet";
export { type Drawn, findShortStride, kneeGirth, type ShortStride, strideOf } from "./stride";
export { addTerms, type Sum, settle, type Term, type TermAbout, type TermKind, termKinds } from "./term";
export { TIMES_ROUND } from "./times-round";
export { type TopOrigin, topOrigin } from "./top-origin";
