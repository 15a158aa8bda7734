export { makeFirstPlan } from "./first-plan";
export { improvePlan, repairPlan } from "./search";
export { turnedOutline } from "./shape";
export { makePackTable, type PackTable } from "./table";
export type { PackPiece, PackPlan, PackTask, Placement, Stance } from "./task";
