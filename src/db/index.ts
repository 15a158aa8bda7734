export { addCard, addClient, type Card, type Client, findCard, findClient, listCards, listClients } from "./clients";
export { closeDatabase, type Database, database, openOn } from "./connection";
export {
  addOrder,
  changeOrder,
  findCutSheet,
  findOrder,
  freezeSheet,
  type ListedOrder,
  listOrders,
  type StoredOrder,
} from "./orders";
export { FolderInUse } from "./owner";
export { findProgress, keepProgress, type Progress } from "./progress";
export { keepRuleSet, listRuleSets, type OwnRuleSet } from "./rule-sets";
export {
  type OrderState,
  orderStates,
  type StoredCloth,
  type StoredDecisions,
  type StoredReading,
  type StoredReadings,
} from "./schema";
export { shopUnit } from "./shop";
