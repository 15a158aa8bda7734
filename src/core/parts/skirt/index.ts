export { skirtChoices } from "./skirt-choices";
export { readSkirtForm, type SkirtForm, type SkirtKind, type SkirtStyle } from "./skirt-form";
export { skirtChecks, skirtNeeds, skirtRules } from "./skirt-needs";
export {
  skirtAdds,
  skirtKind,
  skirtUnderBody,
  skirtUnderBodyRules,
} from "./skirt-under-body";
