export { orderSteps } from "./cutting-order";
export { type FoldGroup, type FoldKind, foldKinds, type PieceReach, planFolds, reachOf } from "./fold-plan";
export type { HandAct, Phase, TableStep } from "./steps";
export { type Cloth, type ClothNeed, defaultCloth, findClothProblems, measureCloth, usualWidth } from "./yardage";
