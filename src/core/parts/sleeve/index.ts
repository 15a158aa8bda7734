export { sleeveChoices } from "./sleeve-choices";
export { type SleeveKind, sleeveKinds } from "./sleeve-kinds";
export { sleeveKind, sleeveNeeds, sleeveRules } from "./sleeve-needs";
