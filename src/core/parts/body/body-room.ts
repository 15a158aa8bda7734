export { chalkBody } from "./chalk-body";
export { chalkLowerStrip } from "./lower-strip";
