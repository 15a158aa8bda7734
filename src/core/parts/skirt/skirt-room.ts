export { chalkSkirt } from "./chalk-skirt";
export { chalkSkirtUnderBody } from "./hang-skirt";
