export { layTable, type Table } from "./lay-table";
export {
  type Made,
  type Placement,
  type PlacementDirection,
  type PlacementKind,
  type PlacementOrigin,
  placementDirections,
  placementKinds,
  placementOrigins,
  type Reading,
  type ReadingKind,
  readingKinds,
  type Slot,
  slots,
  type ThenAct,
  type ThenActKind,
  thenActs,
} from "./placement";
