export { chalkFinish } from "./chalk-finish";
