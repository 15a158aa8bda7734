export { chalkGrown } from "./chalk-grown";
