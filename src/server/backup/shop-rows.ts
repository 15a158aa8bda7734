import * as v from "valibot";
import { figureKinds } from "@/core/body";
import { notionIds } from "@/core/chalk";
import { cutSheetSchema, keptCheckSchema, orderSchema } from "@/core/formats";
import { findGarment, keptChoices } from "@/core/garments";
import { alterPlaces, fittingSides, seenIds } from "@/core/making";
import { slipIds, tableSlips } from "@/core/practice";
import { orderStates, type ShopRows } from "@/db";
import { storedCloth } from "../stored-cloth";

const id = v.pipe(v.string(), v.minLength(1), v.maxLength(80));
const text = v.pipe(v.string(), v.maxLength(400));
const count = v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(1e9));
const number = v.pipe(v.number(), v.finite());
const decisions = v.record(v.string(), v.union([text, number, v.boolean()]));
const unit = v.picklist(["in", "cm"]);

/** What a row of each table must be; the same as the tables say. */
const rowsOf = {
  clients: v.strictObject({ id, name: text, createdAt: text }),
  cards: v.strictObject({
    id,
    clientId: id,
    takenOn: text,
    readings: v.record(v.string(), v.strictObject({ typed: text, unit })),
    // Left out in files written before a card said whose it is: then it was a woman's.
    figure: v.optional(v.picklist(figureKinds), "woman"),
    age: v.optional(v.nullable(number), null),
    revision: count,
    createdAt: text,
  }),
  figureNotes: v.strictObject({
    id,
    clientId: id,
    piece: text,
    line: text,
    amount: text,
    why: text,
    // Left out in files written before a note could be of one side.
    side: v.optional(v.picklist(fittingSides), "both"),
    inUse: v.boolean(),
    createdAt: text,
  }),
  orders: v.strictObject({
    id,
    number: count,
    clientId: id,
    cardId: id,
    garment: text,
    // Left out in files written before an order said its own tape: then it was the shop's.
    unit: v.optional(unit),
    choices: decisions,
    rules: decisions,
    cloth: storedCloth,
    state: v.picklist(orderStates),
    promisedOn: v.nullable(text),
    fittings: v.array(text),
    // Left out in files written before there was anything after the cut.
    spoilt: v.optional(
      v.array(
        v.strictObject({
          id,
          piece: text,
          copies: count,
          side: v.picklist(fittingSides),
          why: text,
          on: text,
          again: v.nullable(text),
        }),
      ),
      [],
    ),
    fitted: v.optional(
      v.array(
        v.strictObject({
          id,
          on: text,
          seen: v.picklist(seenIds),
          typed: text,
          inches: number,
          side: v.picklist(fittingSides),
          pinned: v.boolean(),
          by: text,
          done: v.boolean(),
          rule: v.optional(v.strictObject({ id: text, value: v.union([text, number, v.boolean()]) })),
        }),
      ),
      [],
    ),
    money: v.optional(
      v.nullable(
        v.strictObject({
          price: text,
          deposit: text,
          paid: v.array(v.strictObject({ on: text, amount: text })),
          note: text,
        }),
      ),
      null,
    ),
    alteration: v.optional(
      v.nullable(
        v.strictObject({
          what: text,
          lines: v.array(
            v.strictObject({
              id,
              place: v.picklist(alterPlaces),
              now: text,
              wanted: text,
              found: text,
              how: text,
            }),
          ),
        }),
      ),
      null,
    ),
    updatedAt: text,
  }),
  ruleSets: v.strictObject({ id, name: text, base: text, overrides: decisions }),
  tableProgress: v.strictObject({
    orderId: id,
    stepId: text,
    done: v.array(text),
    // Left out in files written before the tape check was kept.
    checks: v.optional(v.record(text, keptCheckSchema), {}),
    // Left out in files written before ticks were timed.
    times: v.optional(v.record(text, number), {}),
    updatedAt: text,
  }),
  // Left out in files written before anybody practised.
  rehearsals: v.strictObject({
    id,
    person: text,
    title: text,
    orderId: v.nullable(id),
    document: orderSchema,
    timed: v.boolean(),
    answers: v.record(
      text,
      v.strictObject({ typed: v.array(text), state: v.picklist(["open", "right", "opened"]), at: number }),
    ),
    lengths: v.record(text, v.strictObject({ learner: v.optional(text), master: v.optional(text) })),
    master: v.nullable(text),
    closedAt: v.nullable(text),
    startedAt: text,
  }),
  practiceTries: v.strictObject({
    id,
    person: text,
    mark: text,
    rules: v.array(text),
    right: v.boolean(),
    slip: v.nullable(v.picklist([...slipIds, ...tableSlips])),
    on: text,
  }),
} as const;

const shopRow = v.strictObject({
  id: v.literal(1),
  unit,
  nextOrderNumber: count,
  dayHolds: count,
  currency: v.optional(text, ""),
  // Left out in files written before hours were reckoned.
  hoursADay: v.optional(v.pipe(number, v.minValue(0.5), v.maxValue(400)), 8),
  hourly: v.optional(text, ""),
  notionPrices: v.optional(v.record(v.picklist(notionIds), text), {}),
});
const sheetRow = v.strictObject({
  id,
  orderId: id,
  sheet: cutSheetSchema,
  frozenAt: text,
  // Left out in files written before pieces were drawn anew to the sewn garment.
  take: v.optional(count, 1),
});

export type TableName = keyof typeof rowsOf;
export const tableNames = Object.keys(rowsOf) as readonly TableName[];

/** A sheet of a shape that comes after this one. */
function isLater(row: unknown): boolean {
  const version = (row as { readonly sheet?: { readonly version?: unknown } } | null)?.sheet?.version;
  return typeof version === "number" && version > 1;
}

function isEndless(value: unknown): boolean {
  if (typeof value === "number") return !Number.isFinite(value);
  return typeof value === "object" && value !== null && Object.values(value).some(isEndless);
}

/** Collects a shop's rows one by one, each looked at as it comes; what is wrong with the first that is wrong is said. */
export class RowCollector {
  #shop: unknown;
  readonly #rows: Record<TableName, unknown[]> = {
    clients: [],
    cards: [],
    figureNotes: [],
    orders: [],
    ruleSets: [],
    tableProgress: [],
    rehearsals: [],
    practiceTries: [],
  };
  readonly #sheets = new Map<string, SheetOf>();
  #problem: string | null = null;

  /** What no shop has; null while nothing was found. */
  get problem(): string | null {
    return this.#problem;
  }

  #wrong(why: string): void {
    this.#problem ??= why;
  }

  #read<Schema extends v.GenericSchema>(schema: Schema, row: unknown, table: string, at: number) {
    const parsed = v.safeParse(schema, row);
    if (parsed.success && !isEndless(row)) return parsed.output as v.InferOutput<Schema>;
    if (isLater(row))
      this.#wrong("one of its sheets was cut with a newer Inner Fold; bring that one up to date on this machine first");
    const path = parsed.success ? [] : (parsed.issues[0].path ?? []).map(({ key }) => String(key));
    this.#wrong(`it holds something that no shop has, at ${[table, String(at + 1), ...path].join(" › ")}`);
    return undefined;
  }

  addShop(row: unknown): void {
    this.#shop = this.#read(shopRow, row, "shop", 0);
  }

  add(table: string, row: unknown): void {
    if (table === "cutSheets") {
      const read = this.#read(sheetRow, row, table, this.#sheets.size);
      if (read === undefined) return;
      if (this.#sheets.has(read.id)) this.#wrong("two of its sheets are one and the same");
      this.#sheets.set(read.id, { orderId: read.orderId, take: read.take });
      return;
    }
    if (!Object.hasOwn(rowsOf, table)) {
      this.#wrong(`it holds a table that no shop has: ${table}`);
      return;
    }
    const name = table as TableName;
    const read = this.#read(rowsOf[name], row, name, this.#rows[name].length);
    if (read !== undefined) this.#rows[name].push(read);
  }

  get counts(): Readonly<Record<string, number>> {
    const counts = tableNames.map((name) => [name, this.#rows[name].length] as const);
    return { ...Object.fromEntries(counts), cutSheets: this.#sheets.size };
  }

  /** Every row but the sheets, once they agree with one another; null where they do not, and `problem` says why. */
  finish(): ShopRows | null {
    if (this.#shop === undefined) this.#wrong("it has no shop in it");
    if (this.#problem !== null) return null;
    // The schemas say the same as the tables.
    const rows = { ...this.#rows, shop: this.#shop } as unknown as ShopRows;
    const orders = rows.orders.map((order) => ({
      ...order,
      unit: order.unit ?? rows.shop.unit,
      choices: keptChoices(findGarment(order.garment), order.choices),
    }));
    const why = disagreement({ ...rows, orders }, this.#sheets);
    if (why !== null) this.#wrong(why);
    return why === null ? { ...rows, orders } : null;
  }
}

/** Whose a sheet is, and which of that order's. */
interface SheetOf {
  readonly orderId: string;
  readonly take: number;
}

function hasTwice(values: readonly unknown[]): boolean {
  return new Set(values).size < values.length;
}

/** What rows say against one another: they could not be put back, or the book would trip over them later. */
function disagreement(rows: ShopRows, sheets: ReadonlyMap<string, SheetOf>): string | null {
  const idsOf = (table: readonly { readonly id: string }[]) => table.map((row) => row.id);
  const [clients, cards, orders] = [rows.clients, rows.cards, rows.orders].map((table) => new Set(idsOf(table)));
  for (const [name, table] of [
    ["clients", rows.clients],
    ["cards", rows.cards],
    ["figure notes", rows.figureNotes],
    ["orders", rows.orders],
    ["rule sets", rows.ruleSets],
    ["rehearsals", rows.rehearsals],
    ["practice tries", rows.practiceTries],
  ] as const)
    if (hasTwice(idsOf(table))) return `two of its ${name} are one and the same`;
  if (hasTwice(rows.orders.map(({ number }) => number))) return "two of its orders have one number";
  if (hasTwice([...sheets.values()].map(({ orderId, take }) => `${orderId} ${take}`)))
    return "an order in it was cut from two sheets";
  if (hasTwice(rows.tableProgress.map(({ orderId }) => orderId))) return "an order in it stands at the table twice";
  const highest = rows.orders.reduce((most, order) => Math.max(most, order.number), 0);
  if (rows.shop.nextOrderNumber <= highest)
    return `its next order would be No. ${rows.shop.nextOrderNumber}, and there is a No. ${highest} already`;
  const loose =
    [...rows.cards, ...rows.figureNotes, ...rows.orders].some(({ clientId }) => clients?.has(clientId) !== true) ||
    rows.orders.some(({ cardId }) => cards?.has(cardId) !== true) ||
    [...rows.tableProgress, ...sheets.values()].some(({ orderId }) => orders?.has(orderId) !== true) ||
    rows.rehearsals.some(({ orderId }) => orderId !== null && orders?.has(orderId) !== true);
  return loose ? "a card, an order or a sheet in it belongs to nobody in it" : null;
}
