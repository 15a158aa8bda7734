export { grownChoices, grownNeeds, grownRules } from "./grown-choices";
