export { chalkSleeve } from "./chalk-sleeve";
