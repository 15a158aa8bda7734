export { checkDraft, type Report } from "./check";
export { type Finding, type FindingId, findingIds, type Level } from "./finding";
export type { Girth } from "./girths";
export { lateLevel } from "./late";
export type { LedgerRow } from "./ledger";
export { countNotions } from "./notions";
export type { Seam } from "./seams";
