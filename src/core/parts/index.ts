export { chalkBody } from "./body";
export { bodyChoices, neckOffers, offer } from "./body-choices";
export { type BodyForm, type BodyStyle, readForm } from "./body-form";
export { bodyNeeds, bodyRules } from "./body-needs";
export { type ButtonPlan, planButtons } from "./buttons";
export { chalkLowerStrip, lowerStripOffers } from "./lower-strip";
export type { NeckShape } from "./neck-shapes";
export { drawNeck, type NeckPlan } from "./necklines";
export { offerFrom } from "./offers";
export type { PanelPlan, PanelShape } from "./panel-plan";
export { shapePanel } from "./panel-shape";
export {
  chalkSkirt,
  chalkSkirtUnderBody,
  type SkirtKind,
  type SkirtStyle,
  skirtAdds,
  skirtChecks,
  skirtChoices,
  skirtKind,
  skirtNeeds,
  skirtRules,
  skirtUnderBody,
  skirtUnderBodyRules,
} from "./skirt";
export { tableChoices } from "./table-choices";
