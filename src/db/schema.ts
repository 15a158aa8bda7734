import { boolean, doublePrecision, index, integer, jsonb, pgTable, text, uniqueIndex } from "drizzle-orm/pg-core";
import type { FigureKind } from "../core/body";
import type { NotionId } from "../core/chalk";
import type { CutSheet, KeptChecks, Order } from "../core/formats";
import type { Unit } from "../core/length";
import type { AlterPlace, FittingSide, SeenId, TickTimes } from "../core/making";
import type { SlipId, TableSlip } from "../core/practice";

/** A reading on a card, as it was typed; a reading taken again follows the first after a semicolon. */
export interface StoredReading {
  readonly typed: string;
  readonly unit: Unit;
}

export type StoredReadings = Readonly<Record<string, StoredReading>>;

/** One cloth as the tailor told it, every number as it was typed. */
export interface StoredOneCloth {
  readonly width?: string | undefined;
  readonly length?: string | undefined;
  readonly oneWay?: boolean | undefined;
  readonly shrinkage?: string | undefined;
  readonly repeat?: string | undefined;
  readonly price?: string | undefined;
  readonly spots?:
    | readonly {
        readonly across: string;
        readonly down: string;
        readonly width: string;
        readonly length: string;
      }[]
    | undefined;
}

/** The main cloth, the others by name, and how each is folded and laid. */
export interface StoredCloth extends StoredOneCloth {
  readonly others?: { readonly [id in "contrast" | "lining" | "stay"]?: StoredOneCloth | undefined } | undefined;
  readonly lay?: Order["lay"] | undefined;
}

export type StoredDecisions = Readonly<Record<string, string | number | boolean>>;

/** A piece that was mis-cut, stained, torn or lost; it stays in the log when it is cut again. */
export interface StoredSpoilt {
  readonly id: string;
  readonly piece: string;
  readonly copies: number;
  readonly side: "both" | "left" | "right";
  readonly why: string;
  readonly on: string;
  /** The day on which it was cut again; null while it is missing. */
  readonly again: string | null;
}

/** What was seen at a fitting, as it was written down there. */
export interface StoredFitted {
  readonly id: string;
  readonly on: string;
  readonly seen: SeenId;
  /** As it was typed, and what that is. */
  readonly typed: string;
  readonly inches: number;
  readonly side: FittingSide;
  readonly pinned: boolean;
  readonly by: string;
  /** Whether it was sewn since. */
  readonly done: boolean;
  /** The house rule that it points to, as the garment was cut by it; left out where none does. */
  readonly rule?: { readonly id: string; readonly value: string | number | boolean } | undefined;
}

/** One line of an alteration, as it was measured flat on the garment. */
export interface StoredAlterLine {
  readonly id: string;
  readonly place: AlterPlace;
  /** As they were typed, in the order's unit; what lies in the seam is empty until somebody looked. */
  readonly now: string;
  readonly wanted: string;
  readonly found: string;
  readonly how: string;
}

/** A finished garment that is altered: what it is, and what is changed on it. */
export interface StoredAlteration {
  readonly what: string;
  readonly lines: readonly StoredAlterLine[];
}

/** Plain numbers of the shop, as they were typed; no tax, no reckoning. */
export interface StoredMoney {
  readonly price: string;
  readonly deposit: string;
  readonly paid: readonly { readonly on: string; readonly amount: string }[];
  readonly note: string;
}

/** The shop's own prices of what is bought beside the cloth. */
export type NotionPrices = Readonly<Partial<Record<NotionId, string>>>;

/** The one row of what belongs to the whole shop. */
export const shop = pgTable("shop", {
  id: integer("id").primaryKey(),
  unit: text("unit").$type<Unit>().notNull(),
  nextOrderNumber: integer("next_order_number").notNull(),
  /** How many fittings and promised garments a day holds before it is too full. */
  dayHolds: integer("day_holds").notNull().default(4),
  /** The sign of its money. */
  currency: text("currency").notNull().default(""),
  /** Working hours of a day, all hands together. */
  hoursADay: doublePrecision("hours_a_day").notNull().default(8),
  /** What an hour is reckoned at, as it was typed; empty where the shop does not say. */
  hourly: text("hourly").notNull().default(""),
  /** What a notion costs, as it was typed: each, a yard or a metre, or 100 m of thread. */
  notionPrices: jsonb("notion_prices").$type<NotionPrices>().notNull().default({}),
});

export const clients = pgTable("clients", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  createdAt: text("created_at").notNull(),
});

/** A dated card; a new one never overwrites an old one. A slip of the pen is corrected, and counts a revision. */
export const cards = pgTable(
  "cards",
  {
    id: text("id").primaryKey(),
    clientId: text("client_id")
      .notNull()
      .references(() => clients.id),
    takenOn: text("taken_on").notNull(),
    readings: jsonb("readings").$type<StoredReadings>().notNull(),
    figure: text("figure").$type<FigureKind>().notNull().default("woman"),
    /** Of a child, in years; null where nobody told it. */
    age: doublePrecision("age"),
    revision: integer("revision").notNull().default(1),
    createdAt: text("created_at").notNull(),
  },
  (table) => [index("cards_client").on(table.clientId)],
);

/** What a client's figure asks for on one line of one piece; it stands in later drafts as a term, until it is switched off. */
export const figureNotes = pgTable(
  "figure_notes",
  {
    id: text("id").primaryKey(),
    clientId: text("client_id")
      .notNull()
      .references(() => clients.id),
    piece: text("piece").notNull(),
    line: text("line").notNull(),
    /** As it was typed, with its unit. */
    amount: text("amount").notNull(),
    why: text("why").notNull(),
    /** Of the wearer. */
    side: text("side").$type<FittingSide>().notNull().default("both"),
    inUse: boolean("in_use").notNull(),
    createdAt: text("created_at").notNull(),
  },
  (table) => [index("figure_notes_client").on(table.clientId)],
);

/** `cutting`: at least one piece is cut, and not all. */
export const orderStates = [
  "measured",
  "drafted",
  "cutting",
  "cut",
  "sewn",
  "fitted",
  "finished",
  "collected",
] as const;
export type OrderState = (typeof orderStates)[number];

export const orders = pgTable(
  "orders",
  {
    id: text("id").primaryKey(),
    number: integer("number").notNull(),
    clientId: text("client_id")
      .notNull()
      .references(() => clients.id),
    cardId: text("card_id")
      .notNull()
      .references(() => cards.id),
    garment: text("garment").notNull(),
    /** What a number of it without a unit is: the shop's tape when it was taken. */
    unit: text("unit").$type<Unit>().notNull(),
    choices: jsonb("choices").$type<StoredDecisions>().notNull(),
    rules: jsonb("rules").$type<StoredDecisions>().notNull(),
    cloth: jsonb("cloth").$type<StoredCloth>().notNull(),
    state: text("state").$type<OrderState>().notNull(),
    promisedOn: text("promised_on"),
    /** Days on which the client comes for a fitting. */
    fittings: jsonb("fittings").$type<readonly string[]>().notNull().default([]),
    spoilt: jsonb("spoilt").$type<readonly StoredSpoilt[]>().notNull().default([]),
    fitted: jsonb("fitted").$type<readonly StoredFitted[]>().notNull().default([]),
    money: jsonb("money").$type<StoredMoney>(),
    /** Of an order without a draft; null where a garment is cut. */
    alteration: jsonb("alteration").$type<StoredAlteration>(),
    updatedAt: text("updated_at").notNull(),
  },
  (table) => [uniqueIndex("orders_number").on(table.number), index("orders_client").on(table.clientId)],
);

/**
 * The sheet that was cut from, as it was; a later take has pieces that were drawn anew to the sewn garment. A trigger in the migrations forbids to change it, and to delete it unless a
 * client is erased or the whole shop is brought back.
 */
export const cutSheets = pgTable(
  "cut_sheets",
  {
    id: text("id").primaryKey(),
    orderId: text("order_id")
      .notNull()
      .references(() => orders.id),
    sheet: jsonb("sheet").$type<CutSheet>().notNull(),
    frozenAt: text("frozen_at").notNull(),
    take: integer("take").notNull().default(1),
  },
  (table) => [uniqueIndex("cut_sheets_order").on(table.orderId, table.take)],
);

/**
 * Sheets of a book that is being brought back, before it takes the place of the one that is there: they are written while
 * others work, and moved over at once. Empty at any other time.
 */
export const incomingSheets = pgTable("incoming_sheets", {
  id: text("id").primaryKey(),
  orderId: text("order_id").notNull(),
  sheet: jsonb("sheet").$type<CutSheet>().notNull(),
  frozenAt: text("frozen_at").notNull(),
  take: integer("take").notNull().default(1),
});

/** The shop's own sets of house rules, each on the base of one that ships. */
export const ruleSets = pgTable("rule_sets", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  base: text("base").notNull(),
  overrides: jsonb("overrides").$type<StoredDecisions>().notNull(),
});

/** What a learner typed for one number, and how it ended: right, opened after two that were wrong, or still open. */
export interface StoredAnswer {
  readonly typed: readonly string[];
  readonly state: "open" | "right" | "opened";
  /** When it was answered last, in milliseconds of the clock. */
  readonly at: number;
}

/** One length of a rehearsal's tape check as the learner and then the master read it. */
export interface StoredPracticeLength {
  readonly learner?: string | undefined;
  readonly master?: string | undefined;
}

/** A sheet that somebody practises on scrap; nothing of it is written to an order. */
export const rehearsals = pgTable(
  "rehearsals",
  {
    id: text("id").primaryKey(),
    person: text("person").notNull(),
    title: text("title").notNull(),
    /** The order that is rehearsed; null where the client is made up. */
    orderId: text("order_id").references(() => orders.id),
    document: jsonb("document").$type<Order>().notNull(),
    timed: boolean("timed").notNull(),
    answers: jsonb("answers").$type<Readonly<Record<string, StoredAnswer>>>().notNull().default({}),
    lengths: jsonb("lengths").$type<Readonly<Record<string, StoredPracticeLength>>>().notNull().default({}),
    /** Who looked it over, and when; null until then. */
    master: text("master"),
    closedAt: text("closed_at"),
    startedAt: text("started_at").notNull(),
  },
  (table) => [index("rehearsals_order").on(table.orderId)],
);

/** One answer of one person, in practice or at a real tape check: only the mark, the rules and the cause are kept. */
export const practiceTries = pgTable(
  "practice_tries",
  {
    id: text("id").primaryKey(),
    person: text("person").notNull(),
    mark: text("mark").notNull(),
    rules: jsonb("rules").$type<readonly string[]>().notNull(),
    right: boolean("right").notNull(),
    slip: text("slip").$type<SlipId | TableSlip>(),
    on: text("on").notNull(),
  },
  (table) => [index("practice_tries_person").on(table.person)],
);

/** How far the table has come with an order: the step in hand, and every step ticked. */
export const tableProgress = pgTable("table_progress", {
  orderId: text("order_id")
    .primaryKey()
    .references(() => orders.id),
  stepId: text("step_id").notNull(),
  done: jsonb("done").$type<readonly string[]>().notNull(),
  /** What the tape check read, and who let a group be cut all the same; by the id of its step. */
  checks: jsonb("checks").$type<KeptChecks>().notNull().default({}),
  /** When each step was ticked first; what is taken back is forgotten. */
  times: jsonb("times").$type<TickTimes>().notNull().default({}),
  updatedAt: text("updated_at").notNull(),
});
