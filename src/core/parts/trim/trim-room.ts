export { chalkTrim } from "./chalk-trim";
