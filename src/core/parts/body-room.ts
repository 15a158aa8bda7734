export { chalkBody } from "./body";
export { chalkLowerStrip } from "./lower-strip";
