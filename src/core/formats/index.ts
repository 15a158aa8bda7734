export {
  type CutSheet,
  cutSheetSchema,
  type SheetCheck,
  type SheetMark,
  type SheetPiece,
  type SheetStep,
  type SheetTerm,
} from "./cut-sheet";
export { describeCatalogue } from "./describe";
export { makeSheet, type SheetOutcome } from "./make-sheet";
export { type Order, type OrderError, orderSchema } from "./order";
export { pieceSvg } from "./piece-svg";
export { readCard } from "./read-card";
export { type ReadOrder, readOrder } from "./read-order";
export { markPlace, type Place, type StepTape, stepTape } from "./step-tape";
export { type RefusedOrder, writeSheet } from "./write-sheet";
