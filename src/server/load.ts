import { differenceInCalendarDays, parseISO } from "date-fns";
import { notFound, redirect } from "next/navigation";
import { makeSheet, type NeededReading, neededReadings, type Order, type SheetOutcome } from "@/core/formats";
import type { Unit } from "@/core/length";
import { findShortDays, type ShortDay, stageMinutes, type TimedStage, timedStages, usualMinutes } from "@/core/making";
import {
  type Card,
  type Client,
  countOrders,
  type Database,
  database,
  findCard,
  findClient,
  findCutSheet,
  findOrder,
  findProgress,
  findShop,
  findTickTimes,
  type KeptSheet,
  type ListedOrder,
  type LogFilter,
  type LoggedOrder,
  listCards,
  listClients,
  listFigureNotes,
  listLog,
  listOrdersDue,
  listOrdersInState,
  listOrdersOfClient,
  listPromises,
  listRuleSets,
  listTakes,
  listTickTimes,
  type OrderState,
  type OwnRuleSet,
  orderStates,
  type Progress,
  type Shop,
  type StoredFigureNote,
  type StoredOrder,
} from "@/db";
import { readId } from "./ids";
import { type OrderSurroundings, writeOrder } from "./order-document";
import { cardReadings, today } from "./readings";
import { saysOtherwise } from "./says-otherwise";
import { addDays, isSunday, startOfWeek } from "./week";

/** Orders in one state: those promised first, and how many there are in all. */
export interface StateShelf {
  readonly state: OrderState;
  readonly orders: readonly ListedOrder[];
  readonly many: number;
}

export interface LoadedWeek {
  readonly today: string;
  /** The Monday that the strip starts on. */
  readonly monday: string;
  readonly due: readonly ListedOrder[];
  readonly shelves: readonly StateShelf[];
  readonly shop: Shop;
  /** Promised days that the hours until then do not reach for, by what the work takes here. */
  readonly short: readonly ShortDay[];
}

/** So many orders of a state are shown before the rest is asked for. */
const ON_SHELF = 6;
/** More than any workroom has in one state. */
const ALL = 20_000;
export const WEEK_STRIP_DAYS = 14;

/** Everything the orders page shows: two weeks of days, and the orders by state, the open ones first. */
export async function loadWeek(whole: OrderState | null): Promise<LoadedWeek> {
  const db = await database();
  const monday = startOfWeek(today());
  const many = await countOrders(db);
  const shelves = await Promise.all(
    orderStates
      .filter((state) => (many[state] ?? 0) > 0)
      .map(async (state) => ({
        state,
        many: many[state] ?? 0,
        orders: await listOrdersInState(db, state, state === whole ? ALL : ON_SHELF),
      })),
  );
  const last = addDays(monday, WEEK_STRIP_DAYS - 1);
  const due = await listOrdersDue(db, monday, last);
  const shop = await findShop(db);
  return { today: today(), monday, due, shelves, shop, short: await findShort(db, last, shop) };
}

/** What is left to do of a garment in each state that still has work in it. */
const LEFT: Readonly<Partial<Record<OrderState, readonly TimedStage[]>>> = {
  measured: timedStages,
  drafted: timedStages,
  cutting: ["cut", "sew"],
  cut: ["sew"],
};

/** Promised days until a last one that cannot be done; Sundays are no working days. */
async function findShort(db: Database, last: string, { hoursADay }: Shop): Promise<readonly ShortDay[]> {
  const from = today();
  const many = Math.max(0, differenceInCalendarDays(parseISO(last), parseISO(from)) + 1);
  const days = Array.from({ length: many }, (_, index) => addDays(from, index)).filter((day) => !isSunday(day));
  const work = (await listPromises(db, last)).map(({ state, promisedOn }) => ({
    on: promisedOn,
    stages: LEFT[state] ?? [],
  }));
  return findShortDays(work, await loadUsual(db), days, 60 * hoursADay);
}

/** So many garments are looked at for how long the work takes here. */
const TIMED = 60;

/** How long each stretch of the work takes here, by the ticks of the last garments; what was timed too seldom is left out. */
async function loadUsual(db: Database): Promise<ReturnType<typeof usualMinutes>> {
  return usualMinutes(await listTickTimes(db, TIMED));
}

/** What a garment is reckoned by at the counter: what the work takes here, and what it took so far by its own ticks. */
export async function loadTimes(orderId: string): Promise<{
  readonly usual: ReturnType<typeof usualMinutes>;
  readonly soFar: ReturnType<typeof stageMinutes>;
}> {
  const db = await database();
  return { usual: await loadUsual(db), soFar: stageMinutes(await findTickTimes(db, orderId)) };
}

export async function loadClients(): Promise<readonly Client[]> {
  return listClients(await database());
}

/** Ids are the shop's own; anything else in an address is no page, and never reaches the database. */
function requireId(id: string): void {
  if (readId(id) === undefined) notFound();
}

export interface LoadedClient {
  readonly client: Client;
  readonly cards: readonly Card[];
  readonly orders: readonly ListedOrder[];
  readonly notes: readonly StoredFigureNote[];
  readonly unit: Unit;
}

export async function loadClient(id: string): Promise<LoadedClient> {
  requireId(id);
  const db = await database();
  const client = await findClient(db, id);
  if (client === undefined) notFound();
  return {
    client,
    cards: await listCards(db, id),
    orders: await listOrdersOfClient(db, id),
    notes: await listFigureNotes(db, id),
    unit: (await findShop(db)).unit,
  };
}

/** An open order of a client with the readings that it asks for and the card has not. */
export interface OrderWants {
  readonly order: ListedOrder;
  readonly wants: readonly NeededReading[];
}

/** What the client's open orders ask of the newest card beyond what it has. */
export async function loadWants({ client, cards, orders, notes, unit }: LoadedClient): Promise<readonly OrderWants[]> {
  const [card] = cards;
  if (card === undefined) return [];
  const ownSets = await listRuleSets(await database());
  const readings = cardReadings(card, unit);
  return orders
    .filter(({ state, alteration }) => alteration === null && (state === "measured" || state === "drafted"))
    .map((order) => {
      const document = writeOrder(order, { client, card, notes, ownSets });
      return { order, wants: neededReadings(document, readings).filter(({ from }) => from !== "card") };
    });
}

export async function loadShop(): Promise<Shop> {
  return findShop(await database());
}

export interface LoadedOrder extends OrderSurroundings {
  readonly order: StoredOrder;
  readonly document: Order;
  /** The client's newest card, which may be another than the order's. */
  readonly newest: Card;
  readonly cards: readonly Card[];
}

/** A finished garment that is altered, with its client. */
export async function loadAlteration(
  id: string,
): Promise<{ readonly order: StoredOrder; readonly client: Client; readonly currency: string }> {
  requireId(id);
  const db = await database();
  const order = await findOrder(db, id);
  const client = order && (await findClient(db, order.clientId));
  if (order === undefined || client === undefined) notFound();
  return { order, client, currency: (await findShop(db)).currency };
}

export async function loadOrder(id: string): Promise<LoadedOrder> {
  requireId(id);
  const db = await database();
  const order = await findOrder(db, id);
  // What is altered has no draft: every page of a garment leads to the one that it has.
  if (order?.alteration != null) redirect(`/orders/${order.id}/alteration`);
  const client = order && (await findClient(db, order.clientId));
  const card = order && (await findCard(db, order.cardId));
  if (order === undefined || client === undefined || card === undefined) notFound();
  const [cards, notes, ownSets] = [
    await listCards(db, client.id),
    await listFigureNotes(db, client.id),
    await listRuleSets(db),
  ];
  const around: OrderSurroundings = { client, card, notes, ownSets };
  return { order, ...around, cards, newest: cards[0] ?? card, document: writeOrder(order, around) };
}

export interface LoadedSheet extends LoadedOrder {
  readonly outcome: SheetOutcome;
  /** When the sheet was cut from; null while it still follows the order. */
  readonly frozenAt: string | null;
  /** Whether all of it is cut; some of it may be while the sheet is kept already. */
  readonly isCut: boolean;
  /** Whether the order says otherwise now than the sheet that its first pieces were cut from. */
  readonly saysOtherwise: boolean;
  readonly progress: Progress | null;
}

/** The sheet that was cut from, or else the order drawn as it stands now. */
export async function loadSheet(id: string): Promise<LoadedSheet> {
  const loaded = await loadOrder(id);
  const db = await database();
  const kept = await findCutSheet(db, id);
  const outcome: SheetOutcome = kept === undefined ? makeSheet(loaded.document) : { kind: "sheet", sheet: kept.sheet };
  const cutting = loaded.order.state === "cutting";
  return {
    ...loaded,
    outcome,
    frozenAt: kept?.frozenAt ?? null,
    isCut: kept !== undefined && !cutting,
    saysOtherwise: kept !== undefined && cutting && saysOtherwise(kept.sheet.order, loaded.document),
    progress: (await findProgress(db, id)) ?? null,
  };
}

export interface LoadedTakes extends LoadedOrder {
  readonly takes: readonly KeptSheet[];
}

/** An order that was cut, with every sheet that it kept. */
export async function loadTakes(id: string): Promise<LoadedTakes> {
  const loaded = await loadOrder(id);
  return { ...loaded, takes: await listTakes(await database(), id) };
}

/** So many garments a page of the logbook shows. */
const IN_LOG = 60;

/** The garments that were cut, narrowed by what was asked; whether there are more than are shown. */
export async function loadLog(filter: LogFilter): Promise<{
  readonly log: readonly LoggedOrder[];
  readonly more: boolean;
  readonly currency: string;
  /** How long each stretch of the work takes here; what was timed too seldom is left out. */
  readonly usual: ReturnType<typeof usualMinutes>;
}> {
  const db = await database();
  const log = await listLog(db, filter, IN_LOG + 1);
  const { currency } = await findShop(db);
  const usual = await loadUsual(db);
  return { log: log.slice(0, IN_LOG), more: log.length > IN_LOG, currency, usual };
}

export async function loadOwnSets(): Promise<readonly OwnRuleSet[]> {
  return listRuleSets(await database());
}
