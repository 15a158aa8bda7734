export { bringRooms, room } from "#rooms";
export { bodyChoices, neckOffers, offer } from "./body/body-choices";
export type { BodyStyle } from "./body/body-form";
export { bodyNeeds, bodyRules } from "./body/body-needs";
export { lowerStripOffers } from "./body/lower-strip-choices";
export { type CollarKind, collarChoices, collarKind, collarKinds, collarRules, neckForCollar } from "./collar";
export { finishChoices, finishesEdges } from "./finish/finish-choices";
export { grownChoices, grownNeeds, grownRules } from "./grown";
export { hasInside, insideChoices, insideRules } from "./inside/inside-choices";
export { makingChoices } from "./making-choices";
export { offerFrom } from "./offers";
export type { RoomId } from "./room-ids";
export {
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
export { type SleeveKind, sleeveChoices, sleeveKind, sleeveKinds, sleeveNeeds, sleeveRules } from "./sleeve";
export { tableChoices } from "./table-choices";
export { hasTrim, trimChoices } from "./trim/trim-choices";
