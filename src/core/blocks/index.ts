export { type ArmholePlan, armholeMiddle, drawArmhole, solveUnderarm } from "./armhole";
export {
  type ChalkedSide,
  chalkArmhole,
  chalkDressLines,
  chalkHemMarks,
  chalkShoulder,
  chalkSides,
  chalkWidths,
} from "./bodice";
export { type BodicePlan, needsArmhole, pieceIds, planBodice } from "./bodice-plan";
export type { ShoulderPlan, Side } from "./shoulder";
