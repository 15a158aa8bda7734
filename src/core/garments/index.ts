export { findGarment, garments } from "./catalogue";
export { draftGarment, type Garment } from "./garment";
