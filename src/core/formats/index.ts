export { changeAfterCut, type EdgeChange, type PieceChange } from "./change-after-cut";
export { checkChalk, readChecked } from "./check-sheet";
export { costOfCloth } from "./cloth-need";
export {
  type Compared,
  compareSheets,
  type GirthChange,
  type MarkChange,
  type SheetComparison,
} from "./compare-sheets";
export { cutLines } from "./cut-lines";
export {
  type CutSheet,
  cutSheetSchema,
  type SheetCheck,
  type SheetDrawing,
  type SheetMark,
  type SheetPiece,
  type SheetStep,
  type SheetTerm,
} from "./cut-sheet";
export { describeCatalogue } from "./describe";
export { type DraftedOrder, draftOrder } from "./draft-order";
export { type DrawnFree, drawFree } from "./draw-free";
export { drawFlat, type FlatEdge, type FlatHalf, type FlatPiece, hangs } from "./flat";
export { type FlatHandle, flatHandle, hemRound } from "./flat-handles";
export { flatSvg } from "./flat-svg";
export {
  calibrationSide,
  drawAllFullSize,
  drawPieceFullSize,
  type FullSizeDrawing,
  type FullSizeLine,
  fullSizePath,
  writeFullSizeSvg,
} from "./full-size";
export { waiversOf, withChecks } from "./kept-checks";
export { type LateCause, lateCauses } from "./late-cause";
export {
  asksAgain,
  asksCause,
  drawnLength,
  type LateEdge,
  type LateMeasured,
  lateEdges,
  lateFields,
  lateSteps,
  partAlone,
  redrawTo,
  waitsFor,
  withCause,
} from "./late-sheet";
export { type ClothQuestion, type LayQuestion, readLayQuestion } from "./lay-question";
export { isMeasured, joinLights, type Lights, lightsOf, lookOf, noLights, rubbedOut } from "./lights";
export { makeDrawing } from "./make-drawing";
export { makeSheet } from "./make-sheet";
export { type KeptLay, type Order, type OrderError, orderSchema } from "./order";
export { type NeededReading, neededReadings } from "./order-needs";
export { type OrderPatch, patchLay, patchOrder } from "./order-patch";
export { pieceSvg } from "./piece-svg";
export { type PlacementTape, placementTape, type TapeFlag } from "./placement-tape";
export { readAge } from "./read-age";
export { type CardReadings, readCard } from "./read-card";
export { readRules } from "./read-decisions";
export { type ReadOrder, readOrder } from "./read-order";
export type { SheetOutcome } from "./sheet-outcome";
export type { SheetAct, SheetLength, SheetPlacement, SheetReading } from "./sheet-table";
export { sheetTick } from "./sheet-tick";
export { markPlace, type Place, type StepTape, stepTape } from "./step-tape";
export { type StyleItem, styleItemsOf } from "./style-items";
export { chalkedBefore, reopened, type TableScreen, type TableSteps, tableScreens, tableSteps } from "./table-screens";
export { tellTerms } from "./tell-terms";
export {
  type KeptCheck,
  type KeptChecks,
  keptCheckSchema,
  type Waiver,
  type WaiverReason,
  waiverReasons,
} from "./waiver";
export {
  ANSWER_STEPS,
  bestOnWidth,
  type ClothChange,
  findWhatIfs,
  mainCloth,
  type WhatIf,
} from "./what-if";
export { makingOf, stepOfTask } from "./write-making";
export type { RefusedOrder } from "./write-refusal";
export { writeSheet } from "./write-sheet";
