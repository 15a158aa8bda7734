export { type TipHole, tipHoles } from "./after-cut";
export { chooseWay, tryWays, type WayAnswer, type WayChoice } from "./best-lay";
export {
  type Cloth,
  defaultCloth,
  plainCloth,
  SELVEDGE,
  type Spot,
  usableWidth,
  usualWidth,
  usualWidths,
} from "./cloth";
export { orderSteps } from "./cutting-order";
export { type FoldGroup, type FoldKind, foldKinds, type PieceReach, planFolds, reachOf } from "./fold-plan";
export { handActs } from "./hand-acts";
export { checkLay, type LayFault } from "./lay-check";
export { foldOfGroup, type LayFold } from "./lay-fold";
export {
  improveLay,
  type LaidSection,
  type LaidUnit,
  type LayPin,
  type LayPlan,
  type LayWork,
  readLay,
  resumeLay,
  startLay,
} from "./lay-plan";
export type { LayOrder, LayRefusal } from "./lay-sections";
export { type LayUnit, layUnits } from "./lay-unit";
export { type LayWay, layWays } from "./lay-way";
export { findLeftOver, type LeftOver } from "./left-over";
export {
  type CountedPiece,
  type HandAct,
  type NotchWay,
  notchWays,
  type Phase,
  phases,
  type Stop,
  stops,
  type TableStep,
} from "./steps";
export {
  afterShrinking,
  type ClothNeed,
  findClothProblems,
  measureCloth,
  type Purchase,
  purchase,
  type RuleOfThumb,
  ruleOfThumb,
  smallGroupsBeside,
  suffices,
  toldLength,
} from "./yardage";
