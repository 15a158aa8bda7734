export { type ArmholePlan, armholeMiddle, drawArmhole, solveUnderarm } from "./armhole";
export { chalkArmhole, type ChalkedSide, chalkDressLines, chalkHemMarks, chalkShoulder, chalkSides, chalkWidths } from "./bodice";
export { type BodicePlan, needsArmhole, pieceIds, planBodice } from "./bodice-plan";
export type { ShoulderPlan, Side } from "./shoulder";
