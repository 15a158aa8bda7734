export {
  type ChoiceDefinition,
  type ChoiceDefinitions,
  type ChoiceProblem,
  type ChoiceProblemCode,
  type ChoiceValue,
  type ChoiceValues,
  checkChoice,
  choiceDefault,
} from "./choice";
export type {
  CentreOrigin,
  ChalkAct,
  ChalkStep,
  Draft,
  Edge,
  EdgeReference,
  EdgeRole,
  GirthPlan,
  GuideLine,
  LineId,
  Mark,
  Notch,
  Opening,
  Origin,
  Piece,
  SeamPlan,
  StepReason,
  TakeOut,
  TapeDirection,
} from "./draft";
export { lineIds } from "./draft";
export { edgeDots } from "./edge-dots";
export {
  allowanceTerm,
  bodyTerm,
  bodyValue,
  choiceLength,
  choiceOption,
  choiceTerm,
  easeTerm,
  type FigureNote,
  figureNoteTerms,
  type Given,
  type GivenMeasurement,
  givenStep,
  givenTick,
  ruleLength,
  ruleTerm,
  ruleValue,
  settleOnTape,
  turnTerm,
} from "./given";
export { drawOutline } from "./outline";
export type { EdgeChalk, MarkChalk, PieceStart, PlaceChalk } from "./piece-calls";
export { PieceChalk } from "./piece-chalk";
export { type Refusal, type RefusalCode, refuse } from "./refusal";
export { chalkDraft, Sheet } from "./sheet";
export { addTerms, type Sum, settle, type Term, type TermKind, termKinds } from "./term";
