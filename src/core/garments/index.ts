export { findGarment, garments } from "./catalogue";
export { defaultChoices, draftGarment, type Garment, type GarmentDecisions } from "./garment";
