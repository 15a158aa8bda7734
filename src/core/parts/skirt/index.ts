export { chalkSkirt } from "./chalk-skirt";
export { skirtChoices } from "./skirt-choices";
export { readSkirtForm, type SkirtForm, type SkirtStyle } from "./skirt-form";
export { skirtChecks, skirtNeeds, skirtRules } from "./skirt-needs";
export { chalkWaistband } from "./waistband";
