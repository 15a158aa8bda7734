export { bringRooms, room } from "#rooms";
export { bodyChoices, neckOffers, offer } from "./body-choices";
export type { BodyStyle } from "./body-form";
export { bodyNeeds, bodyRules } from "./body-needs";
export { finishChoices, finishesEdges } from "./finish/finish-choices";
export { lowerStripOffers } from "./lower-strip-choices";
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
export { tableChoices } from "./table-choices";
