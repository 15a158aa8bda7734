export { bringParts, type PartsOrder } from "./bring-parts";
export { findGarment, garments } from "./catalogue";
export { partOfChoice } from "./choice-parts";
export { forFigure, type RulesOfOrder, settleRules } from "./for-figure";
export {
  defaultChoices,
  draftGarment,
  type Garment,
  type GarmentDecisions,
  impliedChoices,
  keptChoices,
  startChoices,
} from "./garment";
export { NO_GARMENT, nameGarment } from "./name-garment";
