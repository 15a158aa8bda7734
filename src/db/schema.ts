import { integer, jsonb, pgTable, text, uniqueIndex } from "drizzle-orm/pg-core";
import type { CutSheet } from "../core/formats";
import type { Unit } from "../core/length";

/** A reading on a card, as it was typed. */
export interface StoredReading {
  readonly typed: string;
  readonly unit: Unit;
}

export type StoredReadings = Readonly<Record<string, StoredReading>>;

export interface StoredCloth {
  readonly width?: string;
  readonly length?: string;
  readonly oneWay?: boolean;
}

export type StoredDecisions = Readonly<Record<string, string | number | boolean>>;

/** The one row of what belongs to the whole shop. */
export const shop = pgTable("shop", {
  id: integer("id").primaryKey(),
  unit: text("unit").$type<Unit>().notNull(),
  nextOrderNumber: integer("next_order_number").notNull(),
});

export const clients = pgTable("clients", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  createdAt: text("created_at").notNull(),
});

/** A dated card; a new one never overwrites an old one. */
export const cards = pgTable("cards", {
  id: text("id").primaryKey(),
  clientId: text("client_id")
    .notNull()
    .references(() => clients.id),
  takenOn: text("taken_on").notNull(),
  readings: jsonb("readings").$type<StoredReadings>().notNull(),
  createdAt: text("created_at").notNull(),
});

export const orderStates = ["measured", "drafted", "cut", "sewn", "fitted", "finished", "collected"] as const;
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
    choices: jsonb("choices").$type<StoredDecisions>().notNull(),
    rules: jsonb("rules").$type<StoredDecisions>().notNull(),
    cloth: jsonb("cloth").$type<StoredCloth>().notNull(),
    state: text("state").$type<OrderState>().notNull(),
    promisedOn: text("promised_on"),
    updatedAt: text("updated_at").notNull(),
  },
  (table) => [uniqueIndex("orders_number").on(table.number)],
);

/** The sheet that was cut from, as it was. A trigger in the migrations forbids to change or delete it. */
export const cutSheets = pgTable(
  "cut_sheets",
  {
    id: text("id").primaryKey(),
    orderId: text("order_id")
      .notNull()
      .references(() => orders.id),
    sheet: jsonb("sheet").$type<CutSheet>().notNull(),
    frozenAt: text("frozen_at").notNull(),
  },
  (table) => [uniqueIndex("cut_sheets_order").on(table.orderId)],
);

/** The shop's own sets of house rules, each on the base of one that ships. */
export const ruleSets = pgTable("rule_sets", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  base: text("base").notNull(),
  overrides: jsonb("overrides").$type<StoredDecisions>().notNull(),
});

/** How far the table has come with an order: the step in hand, and every step ticked. */
export const tableProgress = pgTable("table_progress", {
  orderId: text("order_id")
    .primaryKey()
    .references(() => orders.id),
  stepId: text("step_id").notNull(),
  done: jsonb("done").$type<readonly string[]>().notNull(),
  updatedAt: text("updated_at").notNull(),
});
