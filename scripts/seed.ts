/** Fills an empty shop with its demo week: a small workroom by a canal, before a lantern festival. All made up. */
import { randomUUID } from "node:crypto";
import { type CutSheet, makeSheet } from "../src/core/formats";
import { isRight, madeUpOrder, practiceQuestions, rulesOf, slipOf } from "../src/core/practice";
import {
  addCard,
  addClient,
  addFigureNote,
  addOrder,
  addRehearsal,
  type Card,
  type Client,
  changeOrder,
  changeRehearsal,
  changeShop,
  closeDatabase,
  type Database,
  database,
  freezeSheet,
  keepProgress,
  keepRuleSet,
  listClients,
  type StoredFigureNote,
} from "../src/db";
import { type OrderSurroundings, writeOrder } from "../src/server/order-document";
import { today } from "../src/server/readings";
import { type DemoClient, type DemoOrder, demoClientsFor, demoRuleSets } from "./demo-week";

const now = () => new Date().toISOString();

interface SeededClient {
  readonly client: Client;
  readonly card: Card | undefined;
  readonly notes: readonly StoredFigureNote[];
  readonly orders: readonly DemoOrder[];
}

/** Keeps one client with cards; the orders follow when every client is there. */
async function seedClient(db: Database, { name, cards, notes = [], orders }: DemoClient): Promise<SeededClient> {
  const client = { id: randomUUID(), name };
  await addClient(db, client, now());
  const kept = cards.map(({ takenOn, figure = "woman" as const, age = null, unit, readings }) => ({
    id: randomUUID(),
    clientId: client.id,
    takenOn,
    readings: Object.fromEntries(Object.entries(readings).map(([id, typed]) => [id, { typed, unit }])),
    figure,
    age,
    revision: 1,
  }));
  for (const card of kept) await addCard(db, card, now());
  const figure = notes.map((note) => ({ ...note, id: randomUUID(), clientId: client.id }));
  for (const note of figure) await addFigureNote(db, note, now());
  return { client, card: kept.at(-1), notes: figure, orders };
}

/** Orders as they came in: everybody's first, then everybody's second, so that the order book is mixed as a week is. */
async function seedOrders(db: Database, seeded: readonly SeededClient[]): Promise<void> {
  const most = Math.max(...seeded.map(({ orders }) => orders.length));
  for (let index = 0; index < most; index++)
    for (const { client, card, notes, orders } of seeded) {
      const order = orders[index];
      if (order !== undefined && card !== undefined)
        await seedOrder(db, order, { client, card, notes, ownSets: demoRuleSets });
    }
}

/** Keeps one order; those past the cutting get the sheet they were cut from. */
async function seedOrder(db: Database, order: DemoOrder, around: OrderSurroundings): Promise<void> {
  const { client, card } = around;
  const stored = {
    fittings: [],
    unit: "in" as const,
    ...order,
    spoilt: (order.spoilt ?? []).map((one) => ({ ...one, id: randomUUID() })),
    fitted: (order.fitted ?? []).map((one) => ({ ...one, id: randomUUID() })),
    money: order.money ?? null,
    alteration:
      order.alteration === undefined
        ? null
        : { ...order.alteration, lines: order.alteration.lines.map((line) => ({ ...line, id: randomUUID() })) },
    id: randomUUID(),
    clientId: client.id,
    cardId: card.id,
  };
  await addOrder(db, stored, now());
  if (order.state === "measured" || order.state === "drafted") return;
  const outcome = makeSheet(writeOrder(stored, around));
  if (outcome.kind !== "sheet") throw new Error(`the demo order of ${client.name} cannot be drawn`);
  await freezeSheet(db, randomUUID(), stored.id, outcome.sheet, now());
  if (order.state !== "cut") await seedTicks(db, stored.id, outcome.sheet);
  await changeOrder(db, stored.id, { state: order.state }, now());
}

/** Minutes from one tick to the next in this workroom, by the phase of the step. */
const PACE: Readonly<Partial<Record<CutSheet["steps"][number]["phase"], number>>> = { chalk: 0.9, cut: 3, make: 27 };

/** So many ticks are kept at once, as a hand that works keeps them. */
const AT_ONCE = 8;

/** The ticks of a garment that was sewn here a week ago: from them the shop knows how long its work takes. */
async function seedTicks(db: Database, orderId: string, { steps }: CutSheet): Promise<void> {
  let at = Date.now() - 7 * 24 * 60 * 60_000;
  for (let from = 0; from < steps.length; from += steps[from]?.phase === "make" ? 1 : AT_ONCE) {
    const [first] = steps.slice(from, from + 1);
    const ticked = first?.phase === "make" ? [first] : steps.slice(from, from + AT_ONCE);
    for (const { phase } of ticked) at += 60_000 * (PACE[phase] ?? 1);
    const ids = ticked.map(({ id }) => id);
    const change = { stepId: ids.at(-1) ?? "", ticked: ids, unticked: [] };
    await keepProgress(db, orderId, change, new Date(at).toISOString());
  }
}

/** What the apprentice practised on scrap last week: a garment of the catalogue, most of it right, the ease forgotten twice. */
async function seedPractice(db: Database): Promise<void> {
  const document = madeUpOrder("straight-dress", 12, "in", "0.5");
  const outcome = makeSheet(document);
  if (document === undefined || outcome.kind !== "sheet") return;
  const began = new Date(Date.now() - 5 * 24 * 60 * 60_000).toISOString();
  const id = randomUUID();
  await addRehearsal(db, {
    id,
    person: "Ilse",
    title: "Straight dress, a made-up client",
    orderId: null,
    document,
    timed: true,
    startedAt: began,
  });
  const questions = practiceQuestions(outcome.sheet).slice(0, 30);
  for (const [index, question] of questions.entries()) {
    const ease = question.terms.find(({ kind }) => kind === "ease")?.value ?? 0;
    const typed = index % 4 === 1 && ease > 0 ? [question.answer - ease, question.answer] : [question.answer];
    await changeRehearsal(db, id, ({ answers }) => ({
      set: {
        answers: {
          ...answers,
          [question.id]: { typed: typed.map(String), state: "right", at: Date.parse(began) + 40_000 * (index + 1) },
        },
      },
      tries: typed.map((one) => ({
        id: randomUUID(),
        person: "Ilse",
        on: began,
        mark: question.mark,
        rules: rulesOf(question),
        right: isRight(question, one),
        slip: slipOf(question, one),
      })),
    }));
  }
}

async function seed(): Promise<void> {
  const db = await database();
  if ((await listClients(db)).length > 0) {
    process.stdout.write("The shop has clients already; the demo week is left out.\n");
    return;
  }
  await changeShop(db, {
    currency: "€",
    hoursADay: 16,
    hourly: "14",
    notionPrices: { zip: "3,20", buttons: "0,45", thread: "1,60" },
  });
  for (const set of demoRuleSets) await keepRuleSet(db, set);
  const clients = demoClientsFor(today());
  const seeded: SeededClient[] = [];
  for (const client of clients) seeded.push(await seedClient(db, client));
  await seedOrders(db, seeded);
  await seedPractice(db);
  process.stdout.write(`Seeded ${clients.length} clients.\n`);
}

await seed();
await closeDatabase();
process.exit(0);
