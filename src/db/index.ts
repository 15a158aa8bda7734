export {
  addCard,
  addClient,
  type Card,
  type Client,
  correctCard,
  eraseClient,
  findCard,
  findClient,
  listAllCards,
  listCards,
  listClients,
} from "./clients";
export { BookIsNewer, closeDatabase, type Database, database, openOn } from "./connection";
export { dataFolder } from "./data-folder";
export {
  addFigureNote,
  dropFigureNote,
  listFigureNotes,
  type StoredFigureNote,
  switchFigureNote,
} from "./figure-notes";
export {
  addOrder,
  changeCutOrder,
  changeOrder,
  changeUncut,
  countOrders,
  findCutSheet,
  findOrder,
  freezeSheet,
  type KeptSheet,
  keepTake,
  type ListedOrder,
  type LogFilter,
  type LoggedOrder,
  listFittedOrders,
  listLog,
  listOrders,
  listOrdersDue,
  listOrdersInState,
  listOrdersOfClient,
  listPromises,
  listTakes,
  type StoredOrder,
} from "./orders";
export { FolderInUse } from "./owner";
export {
  addRehearsal,
  addTries,
  changeRehearsal,
  dropRehearsal,
  emptyTries,
  findRehearsal,
  listRehearsals,
  listTries,
  type Rehearsal,
  type StoredTry,
} from "./practice";
export {
  findProgress,
  findTickTimes,
  keepProgress,
  listTickTimes,
  type Progress,
  type ProgressChange,
} from "./progress";
export {
  countOrdersBySet,
  dropRuleSet,
  findRuleSet,
  keepRuleSet,
  listRuleSets,
  type OwnRuleSet,
} from "./rule-sets";
export {
  type NotionPrices,
  type OrderState,
  orderStates,
  type StoredAlteration,
  type StoredAlterLine,
  type StoredAnswer,
  type StoredCloth,
  type StoredDecisions,
  type StoredFitted,
  type StoredMoney,
  type StoredOneCloth,
  type StoredPracticeLength,
  type StoredReading,
  type StoredReadings,
  type StoredSpoilt,
} from "./schema";
export { changeShop, findShop, type Shop } from "./shop";
export {
  atOneMoment,
  bringBackShop,
  listSheetIds,
  type Reader,
  readSheetRow,
  readShopRows,
  type SheetRow,
  type ShopRows,
  writeMark,
} from "./whole-shop";
