export { type ChosenCollar, chooseCollar } from "./chalk-collar";
