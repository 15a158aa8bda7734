export { type ArmholePlan, armholeMiddle, drawArmhole, redrawToUnderarm, solveUnderarm, wayAtMiddle } from "./armhole";
export { type BodicePlan, needsArmhole, pieceIds, plainArmhole, planBodice, type SewnArmhole } from "./bodice-plan";
export { chalkRing, RING_CENTRE, type RingFold, type RingPlan } from "./ring";
export type { ShoulderPlan, Side } from "./shoulder";
export {
  dartPeak,
  drawSkirtHalf,
  mermaidPoints,
  peggedCarry,
  type SkirtDart,
  type SkirtHalf,
  type SkirtHem,
  type SkirtNumbers,
  skirtSide,
} from "./skirt-block";
export { mostAtSide, planSkirtDarts, type SkirtDartWay } from "./skirt-darts";
export {
  type CapWanted,
  capOnTape,
  LEAST_CAP,
  type NoCap,
  type SolvedCap,
  solveCap,
  solveHalf,
} from "./sleeve-block";
export { type CapPoints, capLength, capPoints, drawCap } from "./sleeve-cap";
export { type LevelCap, walkLevelCap } from "./sleeve-level";
export { STEEPEST_RISE, type StandBlock, standBlock, turnToRise } from "./stand-block";
export { chalkStrip, type StripPlan } from "./strip";
