export { type ArmholePlan, armholeMiddle, drawArmhole, redrawToUnderarm, solveUnderarm, wayAtMiddle } from "./armhole";
export { type BodicePlan, needsArmhole, pieceIds, plainArmhole, planBodice, type SewnArmhole } from "./bodice-plan";
export type { ShoulderPlan, Side } from "./shoulder";
export { chalkStrip, type StripPlan } from "./strip";
